import { Button, UnstyledButton } from '@mantine/core';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { addDays, type BlockSpan, type Days, daysBetween, type LocalDate, phaseOn } from '@/core';
import { Section } from '@/ui/form';
import { type Unreachable, useAction } from '@/ui/use-action';
import { longDay, shortDay } from '@/ui/words/dates';
import { plural } from '@/ui/words/figures';
import { outcomeSentence } from '@/ui/words/outcomes';
import * as screenWords from '@/ui/words/screens/athlete';
import { PHASE_NAMES } from '@/ui/words/values';
import type { AthleteActions, AthleteData, BlockEntry } from './contract';
import own from './year.module.css';

interface YearProps extends Pick<AthleteData, 'blocks' | 'today' | 'athlete'> {
  readonly actions: Pick<AthleteActions, 'moveBlock'>;
}

const MONTHS = 12;
const BEFORE = 3;
const STEP = 3;
const WEEK = 7;
/** Height of a lane of blocks, and of what is above and below the lanes, in px. */
const LANE = 30;
const TOP = 92;

/** The first day of the month this many months later. */
function monthFrom(date: LocalDate, by: number): LocalDate {
  const month = Number(date.slice(0, 4)) * 12 + Number(date.slice(5, 7)) - 1 + by;
  return `${Math.floor(month / 12)}-${String((month % 12) + 1).padStart(2, '0')}-01`;
}

type Moved = Awaited<ReturnType<AthleteActions['moveBlock']>> | Unreachable;

function sentence(answer: Moved): string {
  switch (answer.status) {
    case 'moved':
      return '';
    case 'handed out':
      return screenWords.aWeekOfThisBlock;
    case 'gone':
      return screenWords.thisBlockWasRemovedOr;
    default:
      return outcomeSentence(answer);
  }
}

/**
 * An athlete's year: blocks with deloads and pauses, phases, and events. A block without sent weeks can be moved by
 * dragging, or week by week with the arrow keys.
 */
export function Year({ blocks, today, athlete, actions }: YearProps) {
  const [shift, setShift] = useState(0);
  const [problem, setProblem] = useState('');
  const { ask, isBusy } = useAction(actions.moveBlock);
  const router = useRouter();
  const from = monthFrom(today, shift - BEFORE);
  const to = monthFrom(from, MONTHS);
  const days = daysBetween(from, to);
  const at = (date: LocalDate) => (100 * daysBetween(from, date)) / days;
  const move = async ({ id, startDate }: BlockEntry, weeks: number) => {
    if (weeks === 0 || isBusy) return;
    const answer = await ask(id, addDays(startDate, WEEK * weeks));
    setProblem(sentence(answer));
    router.refresh();
  };
  const shown = blocks.filter(
    ({ archived, deletedAt, span }) => !archived && deletedAt === null && span.to >= from && span.from < to,
  );
  const placed = lanesOf(shown);
  const lanes = new Set([0, ...placed.map(({ lane }) => lane)]);
  return (
    <Section title={screenWords.year} aside={screenWords.dragABlockThatHas}>
      <div className={own.tools}>
        <Button variant="link" onClick={() => setShift(shift - STEP)}>
          {screenWords.earlier}
        </Button>
        <Button variant="link" onClick={() => setShift(shift + STEP)}>
          {screenWords.later}
        </Button>
        <span role="alert" className={own.problem}>
          {problem}
        </span>
      </div>
      <div className={own.year} style={{ height: TOP + lanes.size * LANE }}>
        {Array.from({ length: MONTHS }, (_, month) => monthFrom(from, month)).map((month) => (
          <span key={month} className={own.month} style={{ left: `${at(month)}%` }}>
            {monthName(month)}
          </span>
        ))}
        <Phases athlete={athlete} from={from} to={to} at={at} />
        {today >= from && today < to ? (
          <span
            className={own.today}
            style={{ left: `${at(today)}%` }}
            title={screenWords.startsToday(longDay(today))}
          />
        ) : null}
        <ol className={own.lanes}>
          {placed.map(({ block, lane }) => (
            <Bar
              key={block.id}
              block={block}
              lane={lane}
              left={Math.max(0, at(block.span.from))}
              right={Math.min(100, at(addDays(block.span.to, 1)))}
              at={at}
              daysWide={days}
              onMove={(weeks) => void move(block, weeks)}
            />
          ))}
        </ol>
        <ul className={own.dates}>
          {athlete.dates
            .filter(({ date }) => date >= from && date < to)
            .map(({ date, what }) => (
              <li
                key={`${date} ${what}`}
                style={{ left: `${at(date)}%` }}
                title={`${what}, ${longDay(date)}`}
              >
                {what}
              </li>
            ))}
        </ul>
      </div>
    </Section>
  );
}

const NAMES = [
  screenWords.jan,
  screenWords.feb,
  screenWords.mar,
  screenWords.apr,
  screenWords.may,
  screenWords.jun,
  screenWords.jul,
  screenWords.aug,
  screenWords.sep,
  screenWords.oct,
  screenWords.nov,
  screenWords.dec,
];

function monthName(month: LocalDate): string {
  const name = NAMES[Number(month.slice(5, 7)) - 1] ?? '';
  return month.slice(5, 7) === '01' ? `${name} ${month.slice(0, 4)}` : name;
}

interface PhasesProps extends Pick<AthleteData, 'athlete'> {
  readonly from: LocalDate;
  readonly to: LocalDate;
  readonly at: (date: LocalDate) => number;
}

/** Phases as a band, each labelled where it starts. */
function Phases({ athlete, from, to, at }: PhasesProps) {
  const within = athlete.phases
    .filter(
      (one) => one.from > from && one.from < to && one.phase !== phaseOn(athlete, addDays(one.from, -1)),
    )
    .map((one) => one.from);
  return [from, ...within].map((begins, index, list) => (
    <span
      key={begins}
      className={own.phase}
      style={{ left: `${at(begins)}%`, width: `${at(list[index + 1] ?? to) - at(begins)}%` }}
      data-phase={phaseOn(athlete, begins)}
    >
      {PHASE_NAMES[phaseOn(athlete, begins)]}
    </span>
  ));
}

/** Overlapping blocks are stacked. */
function lanesOf(
  blocks: readonly BlockEntry[],
): readonly { readonly block: BlockEntry; readonly lane: number }[] {
  const ends: LocalDate[] = [];
  return [...blocks]
    .sort((a, b) => a.span.from.localeCompare(b.span.from))
    .map((block) => {
      const free = ends.findIndex((end) => end < block.span.from);
      const lane = free === -1 ? ends.length : free;
      ends[lane] = block.span.to;
      return { block, lane };
    });
}

interface BarProps {
  readonly block: BlockEntry;
  readonly lane: number;
  readonly left: number;
  readonly right: number;
  readonly at: (date: LocalDate) => number;
  readonly daysWide: number;
  readonly onMove: (weeks: number) => void;
}

function Bar({ block, lane, left, right, at, daysWide, onMove }: BarProps) {
  const { name, state, span, week } = block;
  const [carried, setCarried] = useState(0);
  const began = useRef<number | null>(null);
  const isFree = week === 0;
  /** Whole weeks the pointer has moved. */
  const weeksTo = (element: HTMLElement, x: number) => {
    const wide = element.parentElement?.parentElement?.clientWidth ?? 1;
    return began.current === null ? 0 : Math.round((((x - began.current) / wide) * daysWide) / WEEK);
  };
  const part = (of: Days, kind: string) => {
    const width = right - left;
    const [a, b] = [Math.max(left, at(of.from)), Math.min(right, at(addDays(of.to, 1)))];
    return b <= a ? null : (
      <span
        key={`${kind} ${of.from}`}
        className={own.part}
        data-kind={kind}
        style={{ left: `${(100 * (a - left)) / width}%`, width: `${(100 * (b - a)) / width}%` }}
      />
    );
  };
  return (
    <li
      className={own.lane}
      style={{
        left: `${left + (100 * carried * WEEK) / daysWide}%`,
        width: `${right - left}%`,
        top: lane * LANE,
      }}
    >
      <UnstyledButton
        className={own.bar}
        data-state={state}
        data-free={isFree}
        aria-label={`${name}: ${spanText(span)}, ${state}`}
        title={`${name}, ${spanText(span)}`}
        onPointerDown={(event) => {
          if (!isFree) return;
          began.current = event.clientX;
          event.currentTarget.setPointerCapture(event.pointerId);
        }}
        onPointerMove={(event) => {
          if (began.current !== null) setCarried(weeksTo(event.currentTarget, event.clientX));
        }}
        onPointerUp={(event) => {
          const weeks = weeksTo(event.currentTarget, event.clientX);
          began.current = null;
          setCarried(0);
          onMove(weeks);
        }}
        onKeyDown={(event) => {
          const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
          if (by === undefined || !isFree) return;
          event.preventDefault();
          onMove(by);
        }}
      >
        {span.deloads.map((of) => part(of, screenWords.deload))}
        {span.pauses.map((of) => part(of, screenWords.breakText))}
        <span className={own.name}>{name}</span>
      </UnstyledButton>
    </li>
  );
}

function spanText({ from, to, deloads }: BlockSpan): string {
  const weeks = Math.round((daysBetween(from, to) + 1) / WEEK);
  return screenWords.phaseSpan(
    shortDay(from),
    longDay(to),
    plural(weeks, 'week'),
    deloads.length === 0 ? '' : screenWords.deloadFrom,
    deloads.map((of) => shortDay(of.from)).join(', '),
  );
}
