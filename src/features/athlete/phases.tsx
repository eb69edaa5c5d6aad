import { Button } from '@mantine/core';
import { changedAt } from '@/client/athlete-draft';
import { type Athlete, addDays, type LocalDate, PHASES } from '@/core';
import { DateField } from '@/ui/date-field';
import { formClasses as classes, Section, SelectField } from '@/ui/form';
import { readText } from '@/ui/read';
import { Typed } from '@/ui/typed';
import * as words from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import { PHASE_NAMES } from '@/ui/words/values';
import own from './athlete.module.css';
import type { DraftTools } from './use-draft';

interface PhasesProps {
  readonly tools: DraftTools;
  readonly today: LocalDate;
}

/** The athlete's phase and its start: gaining, maintaining, cutting. */
export function Phases({ tools, today }: PhasesProps) {
  const { phases } = tools.athlete;
  const { change, problemAt } = tools;
  const latest =
    phases
      .map(({ from }) => from)
      .sort()
      .at(-1) ?? '';
  const add = () =>
    change({
      phases: [...phases, { from: latest >= today ? addDays(latest, 84) : today, phase: 'holding' }],
    });
  return (
    <Section
      title={words.phases}
      aside={
        <Button variant="link" onClick={add}>
          {common.add}
        </Button>
      }
    >
      <PhaseLine phases={phases} today={today} />
      {phases.map((one, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: lines of a list are edited in place
        <div className={own.entry} key={at}>
          <span className={classes.soft}>{words.fromText}</span>
          <DateField
            label={words.startOfPhase(at + 1)}
            className={own.date}
            date={one.from}
            onDate={(from) => change({ phases: changedAt(phases, at, { from }) })}
            problem={problemAt(`phases/${at}/from`)}
          />
          <SelectField
            label={words.phaseLabel(at + 1)}
            value={one.phase}
            options={PHASES}
            onValue={(phase) => change({ phases: changedAt(phases, at, { phase }) })}
          />
          <span className={classes.wide} />
          {phases.length > 1 ? (
            <Button
              variant="link"
              onClick={() => change({ phases: phases.filter((_, index) => index !== at) })}
            >
              {common.removeText}
            </Button>
          ) : null}
        </div>
      ))}
      {problemAt('phases') === undefined ? null : <p className={classes.problem}>{problemAt('phases')}</p>}
    </Section>
  );
}

/** Events, which may take precedence over a cut's advice. */
export function Events({ tools, today }: PhasesProps) {
  const { dates } = tools.athlete;
  const { change, problemAt } = tools;
  const add = () => change({ dates: [...dates, { date: addDays(today, 84), what: '' }] });
  return (
    <Section
      title={words.events}
      aside={
        <Button variant="link" onClick={add}>
          {common.add}
        </Button>
      }
    >
      {dates.length === 0 ? <p className={classes.soft}>{words.noneAContestOrTest}</p> : null}
      {dates.map((one, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: lines of a list are edited in place
        <div className={own.entry} key={at}>
          <DateField
            label={words.dateOfEvent(at + 1)}
            className={own.date}
            date={one.date}
            onDate={(date) => change({ dates: changedAt(dates, at, { date }) })}
            problem={problemAt(`dates/${at}/date`)}
          />
          <Typed
            label={words.nameOfEvent(at + 1)}
            className={classes.wide}
            placeholder={words.contestTestPhotoShoot}
            text={one.what}
            read={readText(80)}
            onValue={(what) => change({ dates: changedAt(dates, at, { what }) })}
          />
          <Button
            variant="link"
            aria-label={words.removeEvent(at + 1)}
            onClick={() => change({ dates: dates.filter((_, index) => index !== at) })}
          >
            {common.removeText}
          </Button>
        </div>
      ))}
    </Section>
  );
}

const DAY = 86_400_000;
const WIDTH = 600;
const HEIGHTS = { gaining: 14, holding: 20, cutting: 26 } as const;
const MONTHS = [
  words.jan,
  words.feb,
  words.mar,
  words.apr,
  words.may,
  words.jun,
  words.jul,
  words.aug,
  words.sep,
  words.oct,
  words.nov,
  words.dec,
];

/** Phases over the year around today: gaining high, cutting low, today marked. */
function PhaseLine({ phases, today }: { readonly phases: Athlete['phases']; readonly today: LocalDate }) {
  const start = Date.parse(today) - 183 * DAY;
  const end = start + 365 * DAY;
  const x = (date: number) => Math.max(0, Math.min(WIDTH, (WIDTH * (date - start)) / (end - start)));
  const sorted = [...phases]
    .filter(({ from }) => !Number.isNaN(Date.parse(from)))
    .sort((a, b) => a.from.localeCompare(b.from));
  const spans = sorted.map(({ from, phase }, at) => ({
    from,
    phase,
    left: at === 0 ? 0 : x(Date.parse(from)),
    right: x(Date.parse(sorted[at + 1]?.from ?? '') || end),
  }));
  const first = Number(today.slice(5, 7)) - 6;
  const year = Number(today.slice(0, 4));
  return (
    <svg viewBox={`0 0 ${WIDTH} 50`} className={own.phases} role="img" aria-label={words.phasesOverTheYear}>
      {spans.map(({ from, phase, left, right }) =>
        right <= left ? null : (
          <g key={from}>
            <rect x={left} y={HEIGHTS[phase]} width={Math.max(0, right - left - 1)} height="4" />
            <text x={left + 2} y={HEIGHTS[phase] - 3} className={own.word}>
              {PHASE_NAMES[phase]}
            </text>
          </g>
        ),
      )}
      {Array.from({ length: 12 }, (_, month) => {
        const at = x(Date.UTC(year, first + month, 1));
        const name = MONTHS[(first + month + 12) % 12];
        return at <= 0 || at > WIDTH - 24 ? null : (
          <text key={name} x={at} y="45">
            {name}
          </text>
        );
      })}
      <line x1={x(Date.parse(today))} x2={x(Date.parse(today))} y1="2" y2="34" className={own.now} />
    </svg>
  );
}
