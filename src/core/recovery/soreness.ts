import type { Muscle } from '../anatomy/muscle';
import type { LocalDate } from '../calendar';
import { primeMovers } from '../exercises/exercise';
import type { ExerciseLookup } from '../exercises/lookup';
import { inVariant } from '../exercises/variant';
import type { Log, Workout } from '../log/log';
import { type Soreness, type SorenessReport, sorenessAt } from '../log/soreness';
import type { SessionPlan } from '../plan/session';
import type { IssuedWeek } from '../plan/week-state';

/** The prime movers of a session's slots, each once. */
export function trainedMuscles(
  { slots }: Pick<SessionPlan, 'slots'>,
  exercises: ExerciseLookup,
): readonly Muscle[] {
  const muscles = slots.flatMap(({ exerciseId, exerciseRevision, variant }) => {
    const exercise = exercises({ id: exerciseId, revision: exerciseRevision });
    return exercise === undefined ? [] : primeMovers(inVariant(exercise, variant));
  });
  return [...new Set(muscles)];
}

/** Soreness relative to the next session, by workout and muscle: `WORKOUT/MUSCLE`; the latest report counts. */
export function sorenessIn(
  { soreness, workouts }: Pick<Log, 'soreness' | 'workouts'>,
  issued: readonly IssuedWeek[],
  exercises: ExerciseLookup,
): ReadonlyMap<string, Soreness> {
  const byDate = [...workouts].sort((a, b) => a.date.localeCompare(b.date));
  const weeks = new Map(issued.map((week) => [week.week, week]));
  const trained = new Map<string, readonly Muscle[]>();
  const musclesOf = ({ id, week, sessionId }: Workout): readonly Muscle[] => {
    const known = trained.get(id);
    if (known !== undefined) return known;
    const of = weeks.get(week);
    const session = of?.plan.sessions.find((one) => one.sessionId === sessionId);
    const muscles = session === undefined ? [] : trainedMuscles(session, exercises);
    trained.set(id, muscles);
    return muscles;
  };
  const found = new Map<string, Soreness>();
  for (const report of soreness) {
    const { workoutId, muscle } = report;
    const from = workouts.find(({ id }) => id === workoutId)?.date;
    const next =
      from === undefined
        ? undefined
        : byDate.find((one) => one.date > from && musclesOf(one).includes(muscle))?.date;
    const stands = sorenessAt(report, next);
    if (stands === undefined) found.delete(`${workoutId}/${muscle}`);
    else found.set(`${workoutId}/${muscle}`, stands);
  }
  return found;
}

/** A session whose soreness can be reported now, and for which muscles. */
export interface SorenessAsked {
  readonly workoutId: string;
  readonly issuedWeekId: string;
  readonly sessionId: string;
  readonly date: LocalDate;
  readonly muscles: readonly Muscle[];
}

/**
 * Soreness questions on a day: for each muscle its latest session before that day, unless it was reported as ended.
 * Older sessions are not asked about.
 * @param muscles only these; undefined: all
 */
export function sorenessAsked(
  log: Pick<Log, 'soreness' | 'workouts'>,
  issued: readonly IssuedWeek[],
  exercises: ExerciseLookup,
  day: LocalDate,
  muscles?: readonly Muscle[],
): readonly SorenessAsked[] {
  const weeks = new Map(issued.map((week) => [week.week, week]));
  const latest = new Map<string, SorenessReport>();
  for (const report of log.soreness) latest.set(`${report.workoutId}/${report.muscle}`, report);
  const seen = new Set<Muscle>();
  return [...log.workouts]
    .filter(({ date, finished }) => finished && date < day)
    .sort((a, b) => b.date.localeCompare(a.date))
    .flatMap(({ id, week, sessionId, date }): SorenessAsked[] => {
      const of = weeks.get(week);
      const session = of?.plan.sessions.find((one) => one.sessionId === sessionId);
      if (of === undefined || session === undefined) return [];
      const open = trainedMuscles(session, exercises).filter((muscle) => {
        if (seen.has(muscle) || muscles?.includes(muscle) === false) return false;
        seen.add(muscle);
        const report = latest.get(`${id}/${muscle}`);
        return report === undefined || (report.ended === 'still' && report.said < day);
      });
      return open.length === 0
        ? []
        : [{ workoutId: id, issuedWeekId: of.id, sessionId, date, muscles: open }];
    });
}
