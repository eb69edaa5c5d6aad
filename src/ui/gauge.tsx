import { type MuscleWeek, standing } from '@/core';
import * as screenWords from '@/ui/words/screens/parts';
import classes from './gauge.module.css';
import { figure } from './words/figures';
import { STANDING_NAMES } from './words/values';

interface GaugeProps {
  readonly week: MuscleWeek;
  /** Sets at the right end of the scale; the same for all gauges together. */
  readonly most: number;
  /** Whether the week is easy on purpose. */
  readonly isEasy: boolean;
}

/**
 * A muscle's weekly sets as its volume range counts them: a bar from zero, a dot at maintenance, ticks at minimum and
 * maximum, the figure and a word.
 */
export function Gauge({ week, most, isEasy }: GaugeProps) {
  const { sets, measured, landmarks, goal } = week;
  const state = standing(week, isEasy);
  const along = (value: number) => `${Math.min(100, (100 * value) / most)}%`;
  return (
    <>
      <span className={classes.name} data-goal={goal}>
        {week.muscle}
        {goal === 'priority' ? <span className={classes.priority}> {screenWords.priority}</span> : null}
      </span>
      <span className={classes.scale} aria-hidden="true">
        <span className={classes.bar} data-state={state} style={{ width: along(measured) }} />
        {landmarks.hold > 0 ? (
          <span className={classes.hold} style={{ left: along(landmarks.hold) }} />
        ) : null}
        <span className={classes.rail} style={{ left: along(landmarks.floor) }} />
        <span className={classes.rail} style={{ left: along(landmarks.ceiling) }} />
      </span>
      <span className={classes.figure} data-state={state}>
        {figure(sets, 1)}
      </span>
      <span className={classes.word} data-state={state}>
        {state === 'in' ? `${figure(week.frequency, 1)}×` : STANDING_NAMES[state]}
      </span>
    </>
  );
}
