import type { Athlete } from '../athlete/athlete';
import type { Block, Slot } from '../block/block';
import { conventionsOf } from '../conventions/own-conventions';
import type { ExerciseLookup } from '../exercises/lookup';
import { creditIn } from '../plan/working-sets';
import { slotFigures } from '../timing/slot-figures';
import { exerciseAt } from './planner';
import { untrained } from './untrained';

/** What a scheme of sets comes to in its first week, done alone. */
export interface SchemeFigures {
  /** Sets it counts for. */
  readonly hard: number;
  /** Sets, or pieces of rounds, and reps in all. */
  readonly sets: number;
  readonly reps: number;
  /** Seconds under tension of one side, and seconds with all rests, at the long end of its range; warm-ups apart. */
  readonly tension: number;
  readonly seconds: number;
}

/** What a slot comes to with these settings, planned by itself: for two schemes side by side. */
export function schemeOf(
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
  const [week] = untrained({ block: alone, athlete, exercises }).weeks;
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
    hard: creditIn(only.sets),
    sets: length,
    reps: figures.reps,
    tension: figures.tension,
    seconds: planned.seconds.high,
  };
}
