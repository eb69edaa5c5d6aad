import { SIGN_WEIGHTS } from '@/ui/words/messages';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/ladder';
import { screenWord } from '@/ui/words/values';
import '@mantine/core/styles/Checkbox.layer.css';
import '@mantine/core/styles/Radio.layer.css';
import { Button, Checkbox, Radio, Table, VisuallyHidden } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';
import { useMemo } from 'react';
import {
  type Athlete,
  adviseDeload,
  type Block,
  type BlockPlan,
  blockSpan,
  conventionsOf,
  DELOAD_KINDS,
  type Deload,
  daysBetween,
  defaultDeload,
  type Edit,
  fatigueSigns,
  type LocalDate,
  latestCheckIn,
  type Result,
  restNear,
  SIGNS,
  type Sign,
  type SignScore,
  type Signs,
  type Training,
  weekTotals,
} from '@/core';
import { DELOAD_CARE } from '@/ui/words/cautions';
import { longDay } from '@/ui/words/dates';
import { adviceSentence, deloadText, measureSentence, SUITS } from '@/ui/words/deloads';
import { figure, minutes, plural, setsAlike } from '@/ui/words/figures';
import type { Seen } from '../focus';
import classes from './ladder.module.css';

interface DeloadsProps {
  readonly blockId: string;
  readonly block: Block;
  readonly athlete: Athlete;
  readonly checkIns: Training['checkIns'];
  readonly today: LocalDate;
  readonly activeRests: readonly LocalDate[];
  /** The effects of an edit. */
  readonly lookAt: Seen['lookAt'];
  readonly blockPlan: BlockPlan;
  readonly unit: string;
  readonly attempt: (edit: Edit) => Result<null>;
}

const NO_FACTS = { eager: false, lifeStress: false, test: false, honest: false, restless: false };
type Facts = typeof NO_FACTS;

/** Days after a block within which a date is what its deload prepares. */
const SOON = 21;

function isSoonAfter(date: LocalDate, end: LocalDate): boolean {
  const days = daysBetween(end, date);
  return days >= -7 && days <= SOON;
}

type Week = BlockPlan['weeks'][number]['plan'];
interface DeloadResults {
  readonly deload: Deload;
  readonly plan: Week | undefined;
  readonly totals: ReturnType<typeof weekTotals> | null;
}

/** The coach's own figures, stored in this browser per block. */
interface Weighed {
  readonly signs: Signs;
  readonly facts: Facts;
}

/** Kinds of deload side by side with the resulting sets, and which of them suits. */
export function Deloads(props: DeloadsProps) {
  const { blockId, block, athlete, checkIns, today, blockPlan, unit, attempt, lookAt } = props;
  const conventions = useMemo(
    () => conventionsOf({ own: athlete.conventions, block: block.conventions }),
    [athlete.conventions, block.conventions],
  );
  const [weighed, setWeighed] = useLocalStorage<Weighed>({
    key: `weighed/${blockId}`,
    defaultValue: { signs: {}, facts: NO_FACTS },
  });
  const latest = latestCheckIn(checkIns, today);
  // The athlete's report, which the coach can override.
  const signs: Signs = { ...fatigueSigns(checkIns, blockPlan.observations, today), ...weighed.signs };
  const facts = {
    ...NO_FACTS,
    ...weighed.facts,
    eager: weighed.facts.eager || latest?.drive === 'eager',
    // A date to be ready for soon after the block is a test.
    test: weighed.facts.test || athlete.dates.some(({ date }) => isSoonAfter(date, blockSpan(block).to)),
  };
  const kept = useMemo<readonly Deload[]>(() => {
    const each = DELOAD_KINDS.map((kind): Deload => [defaultDeload(kind)]);
    const own = block.deload;
    const isOffered = own === null || each.some((one) => deloadText(one) === deloadText(own));
    return isOffered ? each : [own, ...each];
  }, [block.deload]);
  // The result of each kind depends on the block, not on the boxes ticked below.
  // biome-ignore lint/correctness/useExhaustiveDependencies: a look at an edit follows from block and plan
  const tried = useMemo(
    () =>
      kept.map((deload) => {
        const looked = lookAt({ kind: 'block/set', field: 'deload', value: deload });
        const plan = looked.ok ? looked.value.blockPlan.weeks.at(-1)?.plan : undefined;
        return { deload, totals: plan === undefined ? null : weekTotals(plan, conventions), plan };
      }),
    [kept, block, blockPlan, conventions],
  );
  const building = blockPlan.weeks.filter(({ plan }) => plan.kind === 'building').at(-1)?.plan;
  const last = building === undefined ? null : { plan: building, totals: weekTotals(building, conventions) };
  const rested = restNear(props.activeRests, blockSpan(block).to);
  const advice = adviseDeload(
    {
      level: athlete.level,
      signs,
      ...facts,
      hasRested: rested !== null,
      weeks: block.weeks,
      irritatedJoints: athlete.joints.length,
    },
    conventions,
  );
  return (
    <section aria-label={common.deload} data-part="deload">
      <h2 className={classes.head}>
        {common.deload}
        <span className={classes.key}>{screenWords.eachKindShownAsThe}</span>
      </h2>
      <div className={classes.deload}>
        <DeloadResults
          tried={tried}
          last={last}
          unit={unit}
          advice={advice}
          rested={rested}
          now={block.deload}
          attempt={attempt}
        />
        <FatigueForm
          advice={adviceSentence(advice)}
          joints={athlete.joints.length}
          since={latest === undefined ? null : latest.date}
          signs={signs}
          facts={facts}
          onSign={(sign, score) => setWeighed((now) => ({ ...now, signs: { ...now.signs, [sign]: score } }))}
          onFacts={(next) => setWeighed((now) => ({ ...now, facts: next(now.facts) }))}
        />
      </div>
    </section>
  );
}

interface TriedProps {
  readonly tried: readonly DeloadResults[];
  readonly last: { readonly plan: Week; readonly totals: ReturnType<typeof weekTotals> } | null;
  readonly unit: string;
  readonly advice: ReturnType<typeof adviseDeload>;
  /** When the active rest of another block of this year begins; null if there is none. */
  readonly rested: LocalDate | null;
  readonly now: Deload | null;
  readonly attempt: DeloadsProps['attempt'];
}

/** Sets, work, minutes and days of each kind, below those of the last building week. */
function DeloadResults({ tried, last, unit, advice, rested, now, attempt }: TriedProps) {
  const before = last?.totals ?? null;
  return (
    <Table className={classes.tried}>
      <Table.Thead>
        <Table.Tr>
          <Table.Th scope="col">{screenWords.kind}</Table.Th>
          <Table.Th scope="col">{common.sets}</Table.Th>
          <Table.Th scope="col" title={screenWords.workUnit(unit)}>
            {screenWords.work}
          </Table.Th>
          <Table.Th scope="col">{common.minutes}</Table.Th>
          <Table.Th scope="col">{screenWords.days}</Table.Th>
          <Table.Th scope="col">{screenWords.example}</Table.Th>
          <Table.Th scope="col">{screenWords.goodFor}</Table.Th>
          <Table.Th scope="col">
            <VisuallyHidden>{common.applyText}</VisuallyHidden>
          </Table.Th>
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        <Table.Tr>
          <Table.Th scope="row">{screenWords.lastBuildingWeek}</Table.Th>
          <Table.Td>{before?.sets ?? 0}</Table.Td>
          <Table.Td>{figure((before?.work ?? 0) / 1000, 1)}</Table.Td>
          <Table.Td>{minutes(before?.seconds ?? 0)}</Table.Td>
          <Table.Td>{before?.sessions ?? 0}</Table.Td>
          <Table.Td>{exampleOf(last?.plan)}</Table.Td>
          <Table.Td />
          <Table.Td />
        </Table.Tr>
        {tried.map((one) => (
          <DeloadResultRow
            key={deloadText(one.deload)}
            {...one}
            before={before}
            advice={advice}
            rested={rested}
            mine={deloadText(one.deload) === deloadText(now)}
            attempt={attempt}
          />
        ))}
      </Table.Tbody>
    </Table>
  );
}

interface TriedRowProps extends DeloadResults, Pick<TriedProps, 'advice' | 'rested' | 'attempt'> {
  readonly before: DeloadResults['totals'];
  readonly mine: boolean;
}

function DeloadResultRow({ deload, totals, plan, before, advice, rested, mine, attempt }: TriedRowProps) {
  const text = deloadText(deload);
  const [only] = deload;
  const fit = deload.length === 1 && only !== undefined ? advice.kinds.indexOf(only.kind) : -1;
  const word = fit < 0 ? '' : advice.needed && fit === 0 ? screenWords.recommended : ' · fits';
  const share = (now: number, then: number) => (then === 0 ? '–' : `${figure((100 * now) / then, 0)} %`);
  return (
    <Table.Tr data-mine={mine} title={deload.map(measureSentence).join(' ')}>
      <Table.Th scope="row">{text}</Table.Th>
      <Table.Td>
        {totals?.sets ?? 0} <span className={classes.was}>{share(totals?.sets ?? 0, before?.sets ?? 0)}</span>
      </Table.Td>
      <Table.Td>
        {figure((totals?.work ?? 0) / 1000, 1)}{' '}
        <span className={classes.was}>{share(totals?.work ?? 0, before?.work ?? 0)}</span>
      </Table.Td>
      <Table.Td>{minutes(totals?.seconds ?? 0)}</Table.Td>
      <Table.Td>{totals?.sessions ?? 0}</Table.Td>
      <Table.Td>{exampleOf(plan)}</Table.Td>
      <Table.Td className={fit < 0 ? classes.suits : classes.suitsNow}>
        {deload.map(({ kind }) => SUITS[kind]).join(', ')}
        {rested === null || !deload.some(({ kind }) => kind === 'active rest')
          ? word
          : screenWords.restedInAnotherBlock(longDay(rested))}
      </Table.Td>
      <Table.Td>
        {mine ? (
          screenWords.inUse
        ) : (
          <Button
            variant="link"
            aria-label={screenWords.applyThis(text)}
            onClick={() => attempt({ kind: 'block/set', field: 'deload', value: deload })}
          >
            {common.applyThis}
          </Button>
        )}
      </Table.Td>
    </Table.Tr>
  );
}

interface WeighingProps {
  readonly advice: string;
  /** Number of irritated joints. */
  readonly joints: number;
  /** The day of the check-in behind the fatigue signs; null: none. */
  readonly since: LocalDate | null;
  readonly signs: Signs;
  readonly facts: Facts;
  readonly onSign: (sign: Sign, score: SignScore) => void;
  readonly onFacts: (change: (now: Facts) => Facts) => void;
}

/** Fatigue signs and facts that decide whether a deload is due, and which kind. */
function FatigueForm({ advice, joints, since, signs, facts, onSign, onFacts }: WeighingProps) {
  return (
    <div className={classes.signs}>
      <p role="status">{advice}</p>
      <p className={classes.key}>
        {since === null ? screenWords.noRecentCheckInJudge : screenWords.fromTheCheckInOn(longDay(since))}
      </p>
      {SIGNS.map((sign) => (
        <fieldset key={sign} className={classes.sign} aria-label={screenWord(sign)}>
          <legend>{screenWord(sign)}</legend>
          {SIGN_WEIGHTS.map((word, score) => (
            <Radio
              key={word}
              name={`sign-${sign}`}
              label={word}
              checked={(signs[sign] ?? 0) === score}
              onChange={() => onSign(sign, score as SignScore)}
            />
          ))}
        </fieldset>
      ))}
      {(
        [
          ['eager', screenWords.veryMotivatedToTrain],
          ['lifeStress', screenWords.littleTimeForTraining],
          ['test', screenWords.aStrengthTestFollows],
          ['honest', screenWords.ratesEffortHonestly],
          ['restless', screenWords.willNotTrainLess],
        ] as const
      ).map(([fact, words]) => (
        <Checkbox
          key={fact}
          className={classes.fact}
          label={words}
          checked={facts[fact]}
          onChange={({ target }) => onFacts((now) => ({ ...now, [fact]: target.checked }))}
        />
      ))}
      <p className={classes.key}>{DELOAD_CARE}</p>
      <p className={classes.key}>{screenWords.onRecordSharpLastingOr(plural(joints, 'irritated joint'))}</p>
    </div>
  );
}

/** The first slot with sets, as an example. */
function exampleOf(week: BlockPlan['weeks'][number]['plan'] | undefined): string {
  const slot = week?.sessions.flatMap(({ slots }) => slots).find(({ sets }) => sets.length > 0);
  const [first] = slot?.sets ?? [];
  if (slot === undefined || first === undefined) return screenWords.nothing;
  const sets = slot.sets.filter(({ piece }) => piece === 1).length;
  return setsAlike(sets, first.reps, first.load, slot);
}
