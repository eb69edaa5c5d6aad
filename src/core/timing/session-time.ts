import type { Conventions } from '../conventions/conventions';

/** A slot as the clock sees it. Reps as low-high pairs. */
export interface TimedSlot {
  /** Seconds of one rep, one side. */
  readonly secondsPerRep: number;
  readonly sides: 1 | 2;
  readonly rest: number;
  /** Reps of each working set, at the short and the long end of its range. */
  readonly sets: readonly { readonly low: number; readonly high: number }[];
  /** Reps of each warm-up set. */
  readonly warmUps: readonly number[];
}

/** Seconds; `low` and `high` are totals at the two ends of the rep ranges, the rest is at the long end. */
export interface SessionTime {
  readonly work: number;
  readonly rest: number;
  readonly warmUp: number;
  readonly low: number;
  readonly high: number;
}

/** Seconds of one set: reps x tempo x sides. */
export function setSeconds(slot: Pick<TimedSlot, 'secondsPerRep' | 'sides'>, reps: number): number {
  return reps * slot.secondsPerRep * slot.sides;
}

/**
 * Length of a session: all sets and the rest after every set but the last. Realistic adds warm-up sets with a pause
 * after each, and takes the longer of rest and change-over between exercises.
 */
export function sessionTime(
  slots: readonly TimedSlot[],
  mode: 'strict' | 'realistic',
  conventions: Conventions,
): SessionTime {
  let workLow = 0;
  let work = 0;
  let rest = 0;
  let warmUp = 0;
  slots.forEach((slot, at) => {
    for (const { low, high } of slot.sets) {
      workLow += setSeconds(slot, low);
      work += setSeconds(slot, high);
    }
    if (slot.sets.length === 0) return;
    rest += slot.rest * (slot.sets.length - 1);
    if (at < slots.length - 1)
      rest += mode === 'strict' ? slot.rest : Math.max(slot.rest, conventions.changeOver);
    if (mode === 'realistic') {
      for (const reps of slot.warmUps) warmUp += setSeconds(slot, reps) + conventions.warmUpPause;
    }
  });
  return { work, rest, warmUp, low: workLow + rest + warmUp, high: work + rest + warmUp };
}
