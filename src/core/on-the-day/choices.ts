import { catalogueWith } from '../exercises/catalogue';
import type { Exercise } from '../exercises/exercise';
import type { SessionPlan } from '../plan/session';
import type { IssuedWeek } from '../plan/week-state';
import type { Training } from '../training/training';
import { type Instead, insteadOf, strengthByExercise } from './substitutes';

/** What an athlete can choose from while training, online or offline. */
export interface Choices {
  /** By slot id. */
  readonly instead: Readonly<Record<string, readonly Instead[]>>;
  /** For extra work. */
  readonly extras: readonly Instead[];
  /** Facts of every listed exercise, by id. */
  readonly exercises: Readonly<Record<string, Exercise>>;
}

/** Substitutes for each slot, and exercises for extra work, with the facts of each. */
export function exerciseChoicesToday(training: Training, week: IssuedWeek, session: SessionPlan): Choices {
  const { athlete, log, ownExercises } = training;
  const catalogue = catalogueWith(ownExercises);
  const strengths = strengthByExercise(athlete, training, catalogue.newest);
  const of = (exercise: Exercise, written: readonly string[]) =>
    insteadOf(exercise, written, catalogue.list, strengths, athlete, week.plan.startDate);
  const instead: Record<string, readonly Instead[]> = {};
  for (const slot of session.slots) {
    const exercise = week.exercises[slot.exerciseId];
    if (exercise !== undefined) instead[slot.slotId] = of(exercise, slot.substitutes);
  }
  // For extra work: everything the week trains, and substitutes for today's exercises.
  const known = new Map<string, Instead>();
  for (const exercise of Object.values(week.exercises)) {
    const [self] = insteadOf(exercise, [exercise.id], [exercise], strengths, athlete, week.plan.startDate);
    if (self !== undefined) known.set(exercise.id, { ...self, written: false });
  }
  for (const one of Object.values(instead).flat())
    if (!known.has(one.exerciseId)) known.set(one.exerciseId, { ...one, written: false });
  const extras = [...known.values()];
  const named = extras.flatMap(({ exerciseId, start }) => [
    exerciseId,
    ...(start === null ? [] : [start.from]),
  ]);
  const swapped = log.workouts.flatMap(({ notes }) =>
    notes.flatMap((note) => ('exerciseId' in note ? [note.exerciseId] : [])),
  );
  const facts = [...named, ...swapped].flatMap((id) => {
    const exercise = week.exercises[id] ?? catalogue.newest(id);
    return exercise === undefined ? [] : [[id, exercise] as const];
  });
  // Facts stay as sent; the exercise's name is the coach's current one.
  const exercises = Object.entries({ ...Object.fromEntries(facts), ...week.exercises }).map(
    ([id, exercise]) => [id, { ...exercise, name: catalogue.newest(id)?.name ?? exercise.name }] as const,
  );
  return { instead, extras, exercises: Object.fromEntries(exercises) };
}
