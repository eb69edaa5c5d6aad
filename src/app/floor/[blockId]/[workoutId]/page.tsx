import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import type { Athlete, SessionPlan, Training } from '@/core';
import { lastTimesIn, placeFor, setUpOf, slotsWithoutLast, withLastElsewhere } from '@/core';
import { type Asker, workoutId as idOf, lastDoneElsewhere, rampReports } from '@/data';
import type { FloorSession } from '@/features/floor/contract';
import { Workout } from '@/features/floor/workout';
import { floorTraining, requireFloor } from '../../asker';

export const metadata: Metadata = { title: 'Floor · Dense Ladder' };

interface PageProps {
  readonly params: Promise<{ readonly blockId: string; readonly workoutId: string }>;
}

export default async function WorkoutPage({ params }: PageProps) {
  const { blockId, workoutId } = await params;
  const floor = await requireFloor();
  const training = await floorTraining(floor, blockId);
  const found = training?.issued
    .flatMap((week) => week.plan.sessions.map((session) => ({ week, session })))
    .find(({ week, session }) => idOf({ issuedWeekId: week.id, sessionId: session.sessionId }) === workoutId);
  if (training === undefined || found === undefined) notFound();
  const { week, session } = found;
  const { log, athlete } = training;
  const data: FloorSession = {
    blockId,
    issuedWeekId: week.id,
    workoutId,
    athleteName: athlete.name,
    week: week.week,
    kind: week.plan.kind,
    session,
    exercises: week.exercises,
    equipment: placeFor(athlete, session.place).loads,
    setUps: setUpsOf(athlete),
    ramps: await rampReports(floor.asker, { issuedWeekId: week.id, sessionId: session.sessionId }),
    logged: log.sets.filter((set) => set.workoutId === workoutId),
    finished: log.workouts.some((workout) => workout.id === workoutId && workout.finished),
    lastTime: await lastTimes(floor.asker, training, week.week, session),
    reported: log.soreness.filter((report) => report.workoutId === workoutId),
  };
  return <Workout key={workoutId} data={data} />;
}

/** Set-up and agreed depth of every exercise that has any. */
function setUpsOf(athlete: Athlete): FloorSession['setUps'] {
  const ids = Object.keys({ ...athlete.setUps, ...athlete.depths });
  return Object.fromEntries(
    ids.flatMap((id) => {
      const text = setUpOf(athlete, id);
      return text === undefined ? [] : [[id, text] as const];
    }),
  );
}

/** Each set as it was last done, in this block or another; the others are asked only for what this one does not know. */
async function lastTimes(asker: Asker, training: Training, week: number, session: SessionPlan) {
  const known = lastTimesIn(training, week, session);
  const exerciseIds = slotsWithoutLast(known, session).map(({ exerciseId }) => exerciseId);
  const elsewhere = await lastDoneElsewhere(asker, training.athlete.id, exerciseIds, training.blockId);
  return withLastElsewhere(known, session, elsewhere);
}
