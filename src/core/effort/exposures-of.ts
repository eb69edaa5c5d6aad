import type { Athlete } from '../athlete/athlete';
import type { LocalDate } from '../calendar';
import { NearConventions } from '../conventions/own-conventions';
import type { Exercise } from '../exercises/exercise';
import { carriedWeight } from '../loading/carried';
import { valueIn } from '../loading/weight';
import { currentSets } from '../log/current-sets';
import type { LoggedSet } from '../log/log';
import { dayEasing } from '../on-the-day/session-note';
import type { WeekState } from '../plan/week-state';
import { driftPerSet, smallReps } from './drift';
import { isEasy } from './easy';
import type { Exposure } from './exposure';

/** A logged set with what its plan says: whether it measures strength. */
export interface MeasuredSet {
  readonly set: LoggedSet;
  readonly measuresStrength: boolean;
  /** Seconds of rest planned after it; absent if its plan is not available: then the exercise's default. */
  readonly rest?: number;
  /** Whether reps and RIR are exactly those planned; absent if its plan is not available. */
  readonly asAsked?: boolean;
}

/** Everything done in a block's weeks so far, as exposures. */
export function blockExposures(
  weeks: readonly WeekState[],
  athlete: Athlete,
  newest: (exerciseId: string) => Exercise | undefined,
): readonly Exposure[] {
  const logged: MeasuredSet[] = [];
  const sessions = new Map<string, TrainedSession>();
  for (const { plan, performed } of weeks)
    for (const session of plan.sessions) {
      const work = performed.get(session.sessionId);
      if (work === undefined) continue;
      const { id, date, notes } = work.workout;
      sessions.set(id, { week: plan.week, date, kind: plan.kind, rescued: dayEasing(notes) !== null });
      for (const { slotId, sets } of session.slots)
        for (const { id: setId, measuresStrength, rest, reps, rir } of sets) {
          const set = work.sets.get(`${slotId}/${setId}`)?.set;
          if (set === undefined) continue;
          logged.push({ set, measuresStrength, rest, asAsked: set.reps === reps && set.rir === rir });
        }
    }
  return exposuresOf(logged, sessions, athlete, newest);
}

/** The session of a logged set. */
export interface TrainedSession {
  readonly week: number;
  readonly date: LocalDate;
  /** What kind of week was sent. */
  readonly kind: 'building' | 'deload';
  /** Whether a poor night made the session lighter or shorter. */
  readonly rescued: boolean;
}

/**
 * Logged sets as exposures: loads as moved, in the athlete's unit, with what earlier sets of the slot cost. Left out:
 * deload weeks, planned or early, sessions made easier on the day, sets that do not measure strength or end far from
 * failure, and holds.
 * @param logged sets, oldest first
 * @param sessions by workout id
 * @param newest the newest revision of an exercise
 */
export function exposuresOf(
  logged: readonly MeasuredSet[],
  sessions: ReadonlyMap<string, TrainedSession>,
  athlete: Athlete,
  newest: (exerciseId: string) => Exercise | undefined,
): readonly Exposure[] {
  const measuring = logged.filter(({ set, measuresStrength }) => {
    const session = sessions.get(set.workoutId);
    return measuresStrength && !isEasy(set.rir) && session?.kind === 'building' && !session.rescued;
  });
  const near = new NearConventions(athlete.conventions, {});
  const plans = new Map(measuring.map(({ set, rest, asAsked }) => [set.id, { rest, asAsked }]));
  return [...currentSets(measuring.map(({ set }) => set))].flatMap(([workoutId, places]) => {
    const session = sessions.get(workoutId) as TrainedSession;
    const bySlot = new Map<string, LoggedSet[]>();
    for (const { set } of places.values()) {
      const key = `${set.slotId}/${set.exerciseId}`;
      bySlot.set(key, [...(bySlot.get(key) ?? []), set]);
    }
    return [...bySlot.values()].flatMap((sets): Exposure[] => {
      const [first] = sets;
      const exercise = first && newest(first.exerciseId);
      if (first === undefined || exercise === undefined || exercise.measure === 'seconds') return [];
      const carried = carriedWeight(exercise, athlete, athlete.unit);
      const conventions = near.ofExercise(exercise);
      let fatigue = 0;
      return [
        {
          exerciseId: exercise.id,
          slotId: first.slotId,
          week: session.week,
          date: session.date,
          sets: sets.map(({ id, load, reps, rir, more }) => {
            const before = fatigue;
            const planned = plans.get(id);
            fatigue += driftPerSet(
              planned?.rest ?? exercise.restSeconds,
              conventions,
              smallReps(exercise, first.reps),
            );
            return {
              load: carried + valueIn(athlete.unit, load),
              reps,
              rir,
              fatigue: before,
              ...(planned?.asAsked === true ? { asAsked: true } : {}),
              ...(more?.left === undefined || more.right === undefined
                ? {}
                : { sides: { left: more.left, right: more.right } }),
            };
          }),
        },
      ];
    });
  });
}
