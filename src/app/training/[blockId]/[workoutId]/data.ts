import 'server-only';
import {
  type Athlete,
  addLastTimesElsewhere,
  catalogueWith,
  exerciseChoicesToday,
  type IssuedWeek,
  type LocalDate,
  lastTimesIn,
  placeFor,
  type SessionPlan,
  setUpText,
  slotsWithoutLastTime,
  sorenessAsked,
  type Training,
  trainedMuscles,
} from '@/core';
import { type Asker, workoutId as idOf, lastDoneElsewhere, rampReports } from '@/data';
import type { SessionData } from '@/features/training/contract';
import type { FloorAsker } from '../../asker';

/** A session with everything the phone may need offline. */
export async function loadSessionData(
  floor: FloorAsker,
  training: Training,
  week: IssuedWeek,
  session: SessionPlan,
  today: LocalDate,
): Promise<SessionData> {
  const { log, athlete, issued } = training;
  const ref = { issuedWeekId: week.id, sessionId: session.sessionId };
  const workoutId = idOf(ref);
  const workout = log.workouts.find(({ id }) => id === workoutId);
  const place = placeFor(athlete, session.place);
  const { instead, extras, exercises } = exerciseChoicesToday(training, week, session);
  const { find } = catalogueWith(training.ownExercises);
  return {
    blockId: training.blockId,
    issuedWeekId: week.id,
    workoutId,
    athleteName: athlete.name,
    today,
    week: week.week,
    kind: week.plan.kind,
    session,
    exercises,
    places: athlete.places,
    place: place.id,
    equipment: place.loads,
    athlete: { bodyweight: athlete.bodyweight, unit: athlete.unit, effort: athlete.effort },
    conventions: week.conventions,
    instead,
    extras,
    setUps: setUpNotes(athlete),
    ramps: await rampReports(floor.asker, ref),
    logged: log.sets.filter((set) => set.workoutId === workoutId),
    finished: workout?.finished === true,
    date: workout?.date ?? null,
    notes: workout?.notes ?? [],
    lastTime: await lastTimes(floor.asker, training, week.week, session),
    soreness: sorenessAsked(log, issued, find, today, trainedMuscles(session, find)),
  };
}

/** Set-up and agreed range of motion of every exercise that has any. */
function setUpNotes(athlete: Athlete): SessionData['setUps'] {
  const ids = Object.keys({ ...athlete.setUps, ...athlete.depths });
  return Object.fromEntries(
    ids.flatMap((id) => {
      const text = setUpText(athlete, id);
      return text === undefined ? [] : [[id, text] as const];
    }),
  );
}

/** Each set as last done, in this block or another; other blocks are only queried for what this one does not know. */
async function lastTimes(asker: Asker, training: Training, week: number, session: SessionPlan) {
  const known = lastTimesIn(training, week, session);
  const exerciseIds = slotsWithoutLastTime(known, session).map(({ exerciseId }) => exerciseId);
  const elsewhere = await lastDoneElsewhere(asker, training.athlete.id, exerciseIds, training.blockId);
  return addLastTimesElsewhere(known, session, elsewhere);
}
