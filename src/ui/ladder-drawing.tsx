import type { WeekState } from '@/core';
import classes from './ladder-drawing.module.css';

/** A week of a ladder. */
export interface LadderRung {
  readonly week: number;
  readonly sets: number;
  readonly state: 'planned' | 'done' | 'deload';
  readonly floor: number;
  readonly ceiling: number;
}

interface LadderDrawingProps {
  readonly rungs: readonly LadderRung[];
  /** Sets at the right end of the scale, the same for all ladders together. */
  readonly most: number;
  /** The current week, marked; null: none. */
  readonly current: number | null;
  /** Another version for comparison, drawn as ticks. */
  readonly other?: readonly LadderRung[];
}

const WIDTH = 118;
const STEP = 11;
const BAR = 7;

/** A week's state, for its bar. */
export function rungState({ status, plan }: WeekState): LadderRung['state'] {
  if (plan.kind === 'deload') return 'deload';
  return status === 'done' ? 'done' : 'planned';
}

/**
 * A muscle's volume over the weeks: lines at minimum and maximum, a bar for each week, week 1 at the bottom. Planned
 * weeks are outlines, finished ones filled, the deload dashed.
 */
export function LadderDrawing({ rungs, most, current, other }: LadderDrawingProps) {
  const height = rungs.length * STEP + 4;
  const x = (sets: number) => Math.min(WIDTH - 2, (sets / most) * (WIDTH - 4));
  const y = (at: number) => height - 2 - (at + 1) * STEP + (STEP - BAR) / 2;
  const rail = (of: (rung: LadderRung) => number) =>
    rungs.map((rung, at) => `${at === 0 ? 'M' : 'L'}${x(of(rung))} ${y(at) + BAR + 2}V${y(at) - 2}`).join('');
  return (
    <svg
      className={classes.ladder}
      viewBox={`0 0 ${WIDTH} ${height}`}
      width={WIDTH}
      height={height}
      aria-hidden="true"
    >
      {rungs.map((rung, at) => (
        <g key={rung.week}>
          <rect
            x={0.5}
            y={y(at)}
            width={Math.max(0.5, x(rung.sets))}
            height={BAR}
            className={classes.rung}
            data-state={rung.state}
            data-current={rung.week === current}
          />
          {other?.[at] === undefined ? null : (
            <line
              x1={x(other[at].sets)}
              x2={x(other[at].sets)}
              y1={y(at) - 1.5}
              y2={y(at) + BAR + 1.5}
              className={classes.other}
            />
          )}
        </g>
      ))}
      <path d={rail(({ floor }) => floor)} className={classes.rail} />
      <path d={rail(({ ceiling }) => ceiling)} className={classes.rail} />
    </svg>
  );
}
