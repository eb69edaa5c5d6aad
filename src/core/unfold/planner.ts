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

/** What planning a session needs. The same object as long as nothing changes. */
export interface Planner {
  readonly athlete: Athlete;
  readonly exercises: ExerciseLookup;
  /** For the whole block. */
  readonly conventions: Conventions;
  /** The same for single muscles and exercises. */
  readonly near: NearConventions;
  readonly curve: RepMaxCurve;
  readonly time: Block['time'];
  readonly lowSets: boolean;
  readonly rangeBinds: Block['rangeBinds'];
  /** Calendar weeks per pass of the cycle. */
  readonly pass: number;
  /** First day of the block. */
  readonly startDate: LocalDate;
}

export function createPlanner(
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

/** The library's exercise; one that no longer exists counts toward nothing. */
export function exerciseAt({ exercises }: Pick<Planner, 'exercises'>, ref: ExerciseRef): Exercise {
  return exercises(ref) ?? unknownExercise(ref);
}

/** A slot's exercise with its variant. */
export function slotExercise(planner: Pick<Planner, 'exercises'>, slot: Slot): Exercise {
  return inVariant(exerciseAt(planner, slot.exercise), slot.variant);
}

/** A planned slot's exercise with its variant, or with another. */
export function plannedExercise(
  planner: Pick<Planner, 'exercises'>,
  { exerciseId, exerciseRevision, variant }: Pick<SlotPlan, 'exerciseId' | 'exerciseRevision' | 'variant'>,
  inOther: string | null = null,
): Exercise {
  return inVariant(exerciseAt(planner, { id: exerciseId, revision: exerciseRevision }), inOther ?? variant);
}
