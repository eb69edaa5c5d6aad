import { Button, Table, TextInput } from '@mantine/core';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import {
  addAdherence,
  addDays,
  type BlockPlan,
  type Catalogue,
  conventionsOf,
  fatigueScore,
  fatigueSigns,
  finishedWeeks,
  isDate,
  type LiftVerdict,
  type LocalDate,
  latestCheckIn,
  liftVerdicts,
  mondayOf,
  shouldStayUnchanged,
  summariseNotes,
  type Training,
  unfold,
  weekAdherence,
} from '@/core';
import { formClasses as classes, Section } from '@/ui/form';
import { useAction } from '@/ui/use-action';
import { longDay } from '@/ui/words/dates';
import { estimate, figure, plural } from '@/ui/words/figures';
import { capital, namesOf } from '@/ui/words/names';
import { outcomeSentence } from '@/ui/words/outcomes';
import * as screenWords from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import { leaveAlone } from '@/ui/words/watch';
import { Activity } from './activity';
import own from './athlete.module.css';
import type { AthleteActions, AthleteData, BlockEntry } from './contract';
import { Decisions } from './decisions';
import { Year } from './year';

interface CourseProps
  extends Pick<
    AthleteData,
    'deeds' | 'blocks' | 'running' | 'dayAnswers' | 'exposures' | 'today' | 'athlete'
  > {
  readonly catalogue: Catalogue;
  readonly actions: Pick<AthleteActions, 'changeBlockState' | 'copyBlock' | 'moveBlock'>;
}

/** Progress: blocks, work done against planned, lifts, and results of the coach's decisions. */
export default function ProgressTab(props: CourseProps) {
  const { running, catalogue } = props;
  const blockPlan = useMemo(() => {
    if (running === null) return null;
    const { block, athlete, issued, log, answers, checkIns } = running;
    return unfold({ block, athlete, issued, log, answers, checkIns, exercises: catalogue.find });
  }, [running, catalogue]);
  return (
    <>
      <Year {...props} />
      <div className={own.columns}>
        <div>
          <Blocks {...props} />
          {running === null || blockPlan === null ? null : (
            <Adherence running={running} blockPlan={blockPlan} today={props.today} />
          )}
          <Activity deeds={props.deeds} timeZone={props.athlete.timeZone} />
        </div>
        <div>
          {running === null || blockPlan === null ? null : (
            <>
              <Lifts {...props} running={running} blockPlan={blockPlan} />
              <Decisions {...props} running={running} blockPlan={blockPlan} />
            </>
          )}
        </div>
      </div>
    </>
  );
}

/** All blocks: running, planned, done, archived and recently deleted. */
function Blocks({ blocks, athlete, today, actions }: CourseProps) {
  const [problem, setProblem] = useState('');
  const [copying, setCopying] = useState<BlockEntry | null>(null);
  const life = useAction(actions.changeBlockState);
  const router = useRouter();
  const put = async (block: BlockEntry, what: 'archive' | 'unarchive' | 'delete' | 'restore') => {
    const answer = await life.ask(block.id, what);
    setProblem(answer.status === 'put' ? '' : outcomeSentence(answer));
    router.refresh();
  };
  const button = (block: BlockEntry, words: string, what: Parameters<typeof put>[1]) => (
    <Button
      variant="link"
      aria-disabled={life.isBusy}
      aria-label={`${words} ${block.name}`}
      onClick={() => void put(block, what)}
    >
      {words}
    </Button>
  );
  return (
    <Section
      title={screenWords.blocks}
      aside={plural(blocks.filter(({ deletedAt }) => deletedAt === null).length, 'block')}
    >
      <Table className={classes.table}>
        <Table.Tbody>
          {blocks.map((block) => (
            <Table.Tr key={block.id}>
              <Table.Th scope="row" className={own.name}>
                {block.deletedAt === null ? (
                  <Link href={`/blocks/${block.id}`} prefetch={false}>
                    {block.name}
                  </Link>
                ) : (
                  block.name
                )}
              </Table.Th>
              <Table.Td className={classes.soft}>{stateText(block)}</Table.Td>
              <Table.Td className={classes.soft}>{screenWords.fromDay(longDay(block.startDate))}</Table.Td>
              <Table.Td>
                {block.deletedAt !== null ? (
                  button(block, common.restore, 'restore')
                ) : (
                  <>
                    <Button
                      variant="link"
                      aria-label={screenWords.copyBlockLabel(block.name)}
                      onClick={() => setCopying(block)}
                    >
                      {common.copy}
                    </Button>{' '}
                    {block.archived
                      ? button(block, common.removeText, 'unarchive')
                      : button(block, screenWords.archive, 'archive')}{' '}
                    {button(block, 'Delete', 'delete')}
                  </>
                )}
              </Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      {problem === '' ? null : (
        <p role="alert" className={classes.problem}>
          {problem}
        </p>
      )}
      {copying === null ? null : (
        <Copy
          key={copying.id}
          of={copying}
          start={mondayOf(addDays(today, 7))}
          copy={actions.copyBlock}
          onDone={() => {
            setCopying(null);
            router.refresh();
          }}
        />
      )}
      <p>
        <Link href={`/blocks/new?athlete=${athlete.id}`} prefetch={false}>
          {blocks.length === 0 ? common.startABlock : screenWords.planAnotherBlockTheRunning}
        </Link>
      </p>
    </Section>
  );
}

function stateText({ state, week, weeks, archived, deletedAt }: BlockEntry): string {
  if (deletedAt !== null) return screenWords.inTheBinFor30;
  if (archived) return screenWords.archivedText;
  return state === 'running' ? screenWords.runningWeekOf(week, weeks) : state;
}

interface CopyProps {
  readonly of: BlockEntry;
  readonly start: LocalDate;
  readonly copy: AthleteActions['copyBlock'];
  readonly onDone: () => void;
}

/** Copies one of their blocks, with a name and a start date. */
function Copy({ of, start, copy, onDone }: CopyProps) {
  const [name, setName] = useState(screenWords.copiedName(of.name));
  const [from, setFrom] = useState(start);
  const { ask, isBusy } = useAction(copy);
  const [problem, setProblem] = useState('');
  const bad = name.trim() === '' ? common.enterAName : isDate(from) ? null : common.enterADate;
  return (
    <form
      className={own.inline}
      onSubmit={async (event) => {
        event.preventDefault();
        if (bad !== null || isBusy) return;
        const answer = await ask(of.id, name.trim(), from);
        if (answer.status === 'copied') onDone();
        else setProblem(outcomeSentence(answer));
      }}
    >
      <TextInput
        label={screenWords.nameOfTheCopy}
        value={name}
        maxLength={200}
        onChange={(event) => setName(event.target.value)}
      />
      <TextInput
        label={screenWords.startDate}
        type="date"
        value={from}
        onChange={(event) => setFrom(event.target.value)}
      />
      <Button type="submit" variant="default" aria-disabled={bad !== null || isBusy}>
        {screenWords.copyBlockLabel(of.name)}
      </Button>
      <Button variant="link" onClick={onDone}>
        {common.cancel}
      </Button>
      {bad === null && problem === '' ? null : (
        <p role="alert" className={classes.problem}>
          {bad ?? problem}
        </p>
      )}
    </form>
  );
}

interface Running {
  readonly running: Training;
  readonly blockPlan: BlockPlan;
}

const of = ({ done, planned }: { readonly done: number; readonly planned: number }) =>
  screenWords.doneOfPlanned(done, planned);

/** Sessions and sets done against planned, week by week. */
function Adherence({ running, blockPlan, today }: Running & { readonly today: LocalDate }) {
  const { block } = running;
  const weeks = blockPlan.weeks.filter(({ issued }) => issued !== null);
  const over = finishedWeeks(block, weeks, today).map((week) => weekAdherence(block, week));
  const name = (id: string) =>
    block.sessions.find((session) => session.id === id)?.name ?? screenWords.aDeletedSession;
  if (weeks.length === 0) return null;
  const all = addAdherence(over);
  return (
    <Section
      title={screenWords.doneAndPlanned}
      aside={
        over.length === 0
          ? screenWords.noWeekIsOverYet
          : screenWords.percentOfSetsIn(
              figure((100 * all.sets.done) / Math.max(1, all.sets.planned), 0),
              plural(over.length, 'week'),
            )
      }
    >
      <Table className={classes.table}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">{common.week}</Table.Th>
            <Table.Th scope="col" className={classes.figure}>
              {common.sessions}
            </Table.Th>
            <Table.Th scope="col" className={classes.figure}>
              {common.sets}
            </Table.Th>
            <Table.Th scope="col">{screenWords.missedSessions}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {weeks.map((state) => {
            const done = weekAdherence(block, state);
            const isOver = over.some(({ week }) => week === done.week);
            return (
              <Table.Tr key={done.week}>
                <Table.Th scope="row">
                  {done.week}
                  {isOver ? '' : screenWords.running}
                </Table.Th>
                <Table.Td className={classes.figure}>{of(done.sessions)}</Table.Td>
                <Table.Td className={classes.figure}>{of(done.sets)}</Table.Td>
                <Table.Td className={classes.soft}>{isOver ? done.missed.map(name).join(', ') : ''}</Table.Td>
              </Table.Tr>
            );
          })}
        </Table.Tbody>
      </Table>
    </Section>
  );
}

/** Each lift with its line; or the advice to leave it alone. */
function Lifts({ running, blockPlan, catalogue, exposures, today }: CourseProps & Running) {
  const { block, athlete, log, checkIns } = running;
  const conventions = conventionsOf({ own: athlete.conventions, block: block.conventions });
  const verdicts = liftVerdicts({ block, athlete, exposures, conventions, today, log });
  const names = namesOf(catalogue);
  const latest = latestCheckIn(checkIns, today);
  const score = fatigueSigns(checkIns, blockPlan.observations, today);
  const sum = score === null ? null : fatigueScore(score, latest?.drive === 'eager', conventions);
  const ratings = log.workouts.flatMap(({ notes }) => summariseNotes(notes).rating?.rating ?? []).slice(-2);
  const calm = shouldStayUnchanged({
    verdicts,
    signs: sum !== null && (sum.verdict === 'propose' || sum.verdict === 'urge'),
    rating: ratings.length > 0 && ratings.every((rating) => rating === 'too hard'),
  });
  return (
    <Section title={common.lifts} aside={screenWords.bestEstimatedMaxOfEach}>
      <p className={calm ? own.calm : classes.soft}>
        {calm
          ? leaveAlone(conventions.stallWeeks)
          : screenWords.ifTheAthleteIsHealthy(conventions.stallWeeks)}
      </p>
      <Table className={classes.table}>
        <Table.Tbody>
          {[...verdicts].sort(byVerdict).map(({ exerciseId, trend, hurts }) => (
            <Table.Tr key={exerciseId}>
              <Table.Th scope="row" className={own.name}>
                {capital(names(exerciseId))}
              </Table.Th>
              <Table.Td>{trend.line.map((one) => estimate(one)).join('  ')}</Table.Td>
              <Table.Td className={trend.verdict === 'stalled' ? own.stalled : classes.soft}>
                {trendText(trend)}
                {hurts ? screenWords.pain : ''}
              </Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </Section>
  );
}

const VERDICTS = ['stalled', common.progressing, screenWords.tooEarly];
const byVerdict = (a: LiftVerdict, b: LiftVerdict) =>
  VERDICTS.indexOf(a.trend.verdict) - VERDICTS.indexOf(b.trend.verdict);

function trendText({ verdict, gain }: LiftVerdict['trend']): string {
  if (verdict === 'too early') return common.tooEarlyToJudge;
  const by = `${gain < 0 ? '−' : '+'}${figure(Math.abs(gain), 1)} %`;
  return verdict === 'stalled' ? screenWords.stalled(by) : screenWords.progressing(by);
}
