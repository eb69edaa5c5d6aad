import type { Athlete } from '../athlete/athlete';
import type { Block, Slot } from '../block/block';
import type { LocalDate } from '../calendar';
import type { Conventions } from '../conventions/conventions';
import type { NearConventions } from '../conventions/own-conventions';
import type { RepMaxCurve } from '../effort/rep-max';
import type { Exercise } from '../exercises/exercise';
import type { ExerciseLookup, ExerciseRef } from '../exercises/lookup';
import { unknownExercise } from '../exercises/unknown-exercise';
import { inVariant } from '../exercises/variant';
import type { SlotPlan } from '../plan/slot';

/** What every session is planned with. One object for as long as none of it changes. */
export interface Planner {
  readonly athlete: Athlete;
  readonly exercises: ExerciseLookup;
  /** In force for the whole block. */
  readonly conventions: Conventions;
  /** The same for single muscles and exercises. */
  readonly near: NearConventions;
  readonly curve: RepMaxCurve;
  readonly time: Block['time'];
  readonly lowSets: boolean;
  readonly rangeBinds: Block['rangeBinds'];
  /** Calendar weeks that a pass of the cycle takes. */
  readonly pass: number;
  /** First day of the block. */
  readonly startDate: LocalDate;
}

export function plannerOf(
  athlete: Athlete,
  exercises: ExerciseLookup,
  near: NearConventions,
  curve: RepMaxCurve,
  time: Block['time'],
  lowSets: boolean,
  rangeBinds: Block['rangeBinds'],
  cycleDays: number,
  startDate: LocalDate,
): Planner {
  return {
    athlete,
    exercises,
    conventions: near.whole,
    near,
    curve,
    time,
    lowSets,
    rangeBinds,
    pass: cycleDays / 7,
    startDate,
  };
}

/** The exercise as the library has it; what nobody knows any more credits nothing. */
export function exerciseAt({ exercises }: Pick<Planner, 'exercises'>, ref: ExerciseRef): Exercise {
  return exercises(ref) ?? unknownExercise(ref);
}

/** The exercise of a slot in its set-up. */
export function slotExercise(planner: Pick<Planner, 'exercises'>, slot: Slot): Exercise {
  return inVariant(exerciseAt(planner, slot.exercise), slot.variant);
}

/** The exercise of a planned slot in its set-up, or in another one. */
export function plannedExercise(
  planner: Pick<Planner, 'exercises'>,
  { exerciseId, exerciseRevision, variant }: Pick<SlotPlan, 'exerciseId' | 'exerciseRevision' | 'variant'>,
  inOther: string | null = null,
): Exercise {
  return inVariant(exerciseAt(planner, { id: exerciseId, revision: exerciseRevision }), inOther ?? variant);
}
