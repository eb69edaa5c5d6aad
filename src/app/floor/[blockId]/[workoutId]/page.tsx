import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import type { Athlete, Training } from '@/core';
import { currentSets, placeFor, setUpOf } from '@/core';
import { workoutId as idOf, rampReports } from '@/data';
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
    lastTime: lastTimes(training, week.week, session.sessionId),
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

/** First logged set of each slot in the latest earlier week of the same session. */
function lastTimes({ log }: Training, week: number, sessionId: string): FloorSession['lastTime'] {
  const earlier = log.workouts
    .filter((workout) => workout.sessionId === sessionId && workout.week < week)
    .sort((a, b) => a.week - b.week);
  const sets = currentSets(log.sets);
  const found: Record<string, FloorSession['lastTime'][string]> = {};
  for (const workout of earlier) {
    const seen = new Set<string>();
    for (const { set } of sets.get(workout.id)?.values() ?? []) {
      if (seen.has(set.slotId)) continue;
      seen.add(set.slotId);
      found[set.slotId] = { load: set.load, reps: set.reps, rir: set.rir, more: set.more };
    }
  }
  return found;
}
