import type { Athlete } from '../athlete/athlete';
import type { Block, Slot } from '../block/block';
import { conventionsOf } from '../conventions/own-conventions';
import type { ExerciseLookup } from '../exercises/lookup';
import { totalCredit } from '../plan/working-sets';
import { slotFigures } from '../timing/slot-figures';
import { exerciseAt } from './planner';
import { untrainedPlan } from './untrained';

/** Figures of a set scheme in its first week, done alone. */
export interface SchemeFigures {
  /** Counted sets. */
  readonly hard: number;
  /** Sets, or parts of rounds, and total reps. */
  readonly sets: number;
  readonly reps: number;
  /**
   * Seconds under tension for one side, and seconds with all rests, at the long end of its range; without warm-ups.
   */
  readonly tension: number;
  readonly seconds: number;
}

/** Figures of a slot with these settings, planned by itself: for comparing two schemes. */
export function schemeFigures(
  {
    block,
    athlete,
    exercises,
  }: { readonly block: Block; readonly athlete: Athlete; readonly exercises: ExerciseLookup },
  slot: Slot,
): SchemeFigures | undefined {
  const home = block.sessions.find(({ slots }) => slots.some(({ id }) => id === slot.id));
  if (home === undefined) return undefined;
  const session = { ...home, optional: false, slots: [{ ...slot, joined: false, breakBefore: 0 }] };
  const alone: Block = { ...block, time: 'strict', sessions: [session] };
  const [week] = untrainedPlan({ block: alone, athlete, exercises }).weeks;
  const planned = week?.plan.sessions[0];
  const [only] = planned?.slots ?? [];
  if (planned === undefined || only === undefined) return undefined;
  const figures = slotFigures(
    only,
    exerciseAt({ exercises }, slot.exercise),
    conventionsOf({ own: athlete.conventions, block: block.conventions }),
  );
  const { length } = only.sets.filter(({ optional }) => !optional);
  return {
    hard: totalCredit(only.sets),
    sets: length,
    reps: figures.reps,
    tension: figures.tension,
    seconds: planned.seconds.high,
  };
}
