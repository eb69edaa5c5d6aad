import type { Athlete } from '../athlete/athlete';
import type { Answer } from '../calls/registry';
import type { Exercise } from '../exercises/exercise';
import type { LoggedSet, Workout } from '../log/log';
import type { SorenessReport } from '../log/soreness';
import type { IssuedWeek } from '../plan/week-state';
import type { CheckIn } from '../recovery/check-in';
import type { StandingStep, Training } from './training';

/** What a page knows of a training, so that only news is sent. */
export interface PageState {
  readonly revision: number;
  readonly athleteRevision: number;
  readonly exercises: number;
  /** See issuedKey. */
  readonly issued: readonly string[];
  readonly readAt: string;
}

/** Counts of lists that only grow: a page whose counts differ after applying the changes has missed something. */
export interface Totals {
  readonly workouts: number;
  readonly sets: number;
  readonly soreness: number;
  readonly answers: number;
}

/** What has changed in a training since it was read. */
export interface TrainingChanges {
  readonly readAt: string;
  readonly revision: number;
  /** Steps since the known revision, in order. */
  readonly steps: readonly StandingStep[];
  readonly athlete: { readonly athlete: Athlete; readonly revision: number } | null;
  readonly ownExercises: readonly Exercise[] | null;
  readonly issued: readonly IssuedWeek[];
  /** Ids of recalled weeks. */
  readonly recalled: readonly string[];
  readonly workouts: readonly Workout[];
  readonly sets: readonly LoggedSet[];
  readonly soreness: readonly SorenessReport[];
  readonly answers: readonly Answer[];
  readonly checkIns: readonly CheckIn[];
  readonly totals: Totals;
}

/** The version of a sent week: sending it again or closing it makes another. */
export function issuedKey({
  id,
  version = 0,
  closedAt,
}: Pick<IssuedWeek, 'id' | 'version' | 'closedAt'>): string {
  return `${id}/${version}${closedAt === undefined ? '' : '/closed'}`;
}

export function pageState(training: Training): PageState {
  return {
    revision: training.revision,
    athleteRevision: training.athleteRevision,
    exercises: training.ownExercises.length,
    issued: training.issued.map(issuedKey),
    readAt: training.readAt,
  };
}

/**
 * A training with its changes applied, except block and revision, which follow from the steps.
 * @returns undefined if the changes do not add up: then everything must be loaded
 */
export function withChanges(training: Training, changes: TrainingChanges): Training | undefined {
  const recalled = new Set(changes.recalled);
  const issued = merged(training.issued, changes.issued, ({ id }) => id)
    .filter(({ id }) => !recalled.has(id))
    .sort((a, b) => a.week - b.week);
  const standing = new Set(issued.map(({ week }) => week));
  const gone = training.issued.filter(({ id }) => recalled.has(id)).map(({ week }) => week);
  const workouts = merged(
    training.log.workouts.filter(({ week }) => standing.has(week) && !gone.includes(week)),
    changes.workouts,
    ({ id }) => id,
  ).sort((a, b) => a.date.localeCompare(b.date) || a.id.localeCompare(b.id));
  const ids = new Set(workouts.map(({ id }) => id));
  const sets = merged(training.log.sets, changes.sets, ({ id }) => id).filter(({ workoutId }) =>
    ids.has(workoutId),
  );
  const soreness = addReports(training.log.soreness, changes.soreness);
  const answers = addAnswers(training.answers, changes.answers);
  const { totals } = changes;
  // An undone answer is in none of the changes; only the count shows it.
  if (workouts.length !== totals.workouts || sets.length !== totals.sets || answers.length !== totals.answers)
    return undefined;
  return {
    ...training,
    readAt: changes.readAt,
    athlete: changes.athlete?.athlete ?? training.athlete,
    athleteRevision: changes.athlete?.revision ?? training.athleteRevision,
    ownExercises: changes.ownExercises ?? training.ownExercises,
    issued: keepIfEqual(training.issued, issued),
    log:
      changes.workouts.length + changes.sets.length + changes.soreness.length === 0 && gone.length === 0
        ? training.log
        : { workouts, sets: [...sets].sort((a, b) => a.at.localeCompare(b.at)), soreness },
    answers,
    checkIns:
      changes.checkIns.length === 0
        ? training.checkIns
        : merged(training.checkIns, changes.checkIns, ({ id }) => id).sort((a, b) =>
            a.date.localeCompare(b.date),
          ),
  };
}

/** A list with newer items replacing those of the same key, and new ones appended. */
function merged<T>(list: readonly T[], newer: readonly T[], keyOf: (item: T) => string): T[] {
  return [...new Map([...list, ...newer].map((item) => [keyOf(item), item])).values()];
}

/** An item given again moves to the end. */
function addAnswers(known: readonly Answer[], newer: readonly Answer[]): readonly Answer[] {
  if (newer.length === 0) return known;
  return merged(
    known.filter(({ id }) => !newer.some((answer) => answer.id === id)),
    newer,
    ({ id }) => id,
  );
}

/** The latest report on a muscle of a workout counts. */
function addReports(
  reports: readonly SorenessReport[],
  newer: readonly SorenessReport[],
): readonly SorenessReport[] {
  return merged(reports, newer, ({ workoutId, muscle }) => `${workoutId}/${muscle}`);
}

/** The old list if the new one has the same items, so that memoised results stay valid. */
function keepIfEqual<T>(list: readonly T[], next: readonly T[]): readonly T[] {
  return list.length === next.length && list.every((one, at) => one === next[at]) ? list : next;
}
