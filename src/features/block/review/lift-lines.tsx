import { Table } from '@mantine/core';
import { daysBetween, type LiftChange, type LiftReview, type Unit } from '@/core';
import { shortDay } from '@/ui/words/dates';
import { estimate, figure } from '@/ui/words/figures';
import { capital, type ExerciseNames } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/review';
import classes from './review.module.css';

const WIDTH = 220;
const HEIGHT = 34;
const EDGE = 4;

interface LiftLinesProps {
  readonly lifts: readonly LiftReview[];
  readonly names: ExerciseNames;
  readonly unit: Unit;
}

const VERDICTS = {
  'too early': common.tooEarlyToJudge,
  'goes on': common.progressing,
  stalled: screenWords.stalled,
  fell: screenWords.fell,
} as const;

/** Every lift with its line, and what affected it. */
export function LiftLines({ lifts, names, unit }: LiftLinesProps) {
  return (
    <section aria-label={common.lifts}>
      <h2>
        {common.lifts} <span>{screenWords.estimatesFromFirstSetsA(unit)}</span>
      </h2>
      <Table className={classes.table}>
        <Table.Tbody>
          {lifts.map((lift) => {
            const { exerciseId, points, gain, verdict, changes, sides } = lift;
            const [first, last] = [points[0], points.at(-1)];
            const told = [
              ...changes.map((change) => changeText(change, names)),
              ...(sides?.weaker == null
                ? []
                : [screenWords.theSideIsRepsWeaker(sides.weaker, figure(Math.abs(sides.mean), 1))]),
            ];
            return (
              <Table.Tr key={exerciseId}>
                <Table.Th scope="row">{capital(names(exerciseId))}</Table.Th>
                <Table.Td>{first === undefined ? '' : estimate(first.oneRepMax)}</Table.Td>
                <Table.Td>
                  <Line lift={lift} />
                </Table.Td>
                <Table.Td>
                  <strong>{last === undefined ? '' : estimate(last.oneRepMax)}</strong>
                </Table.Td>
                <Table.Td>
                  {gain === null ? '' : `${gain < 0 ? '−' : '+'}${figure(Math.abs(gain), 1)} %`}
                </Table.Td>
                <Table.Td
                  className={verdict === 'stalled' || verdict === 'fell' ? classes.fell : classes.soft}
                >
                  {VERDICTS[verdict]}
                </Table.Td>
                <Table.Td className={classes.soft}>{told.join('; ')}</Table.Td>
              </Table.Tr>
            );
          })}
        </Table.Tbody>
      </Table>
    </section>
  );
}

function changeText(change: LiftChange, names: ExerciseNames): string {
  switch (change.kind) {
    case 'deload':
      return screenWords.deload(shortDay(change.date));
    case 'phase':
      return screenWords.phaseFrom(change.phase, shortDay(change.date));
    case 'swapped in':
      return screenWords.replacedOn(names(change.other), shortDay(change.date));
    case 'swapped out':
      return screenWords.replacedByOn(names(change.other), shortDay(change.date));
  }
}

function Line({ lift: { points, changes } }: { readonly lift: LiftReview }) {
  const [first, last] = [points[0], points.at(-1)];
  if (first === undefined || last === undefined) return null;
  const days = Math.max(1, daysBetween(first.date, last.date));
  const values = points.map(({ oneRepMax }) => oneRepMax);
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const x = (date: string) => EDGE + (daysBetween(first.date, date) / days) * (WIDTH - 2 * EDGE);
  const y = (value: number) =>
    high === low ? HEIGHT / 2 : HEIGHT - EDGE - ((value - low) / (high - low)) * (HEIGHT - 2 * EDGE);
  const path = points
    .map(
      ({ date, oneRepMax }, at) => `${at === 0 ? 'M' : 'L'}${x(date).toFixed(1)} ${y(oneRepMax).toFixed(1)}`,
    )
    .join('');
  const within = changes.filter(({ date }) => date >= first.date && date <= last.date);
  return (
    <svg
      width={WIDTH}
      height={HEIGHT}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      aria-hidden="true"
      className={classes.line}
    >
      {within.map(({ kind, date }) => (
        <line key={`${kind} ${date}`} x1={x(date)} x2={x(date)} y1={2} y2={HEIGHT - 2} />
      ))}
      <path d={path} />
      {points.map(({ date, oneRepMax }) => (
        <circle key={date} cx={x(date)} cy={y(oneRepMax)} r={2} />
      ))}
    </svg>
  );
}
