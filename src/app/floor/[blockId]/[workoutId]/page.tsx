import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import type { Athlete, LastDone, LoggedSet, SessionPlan, Training } from '@/core';
import { currentSets, placeFor, setUpOf } from '@/core';
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

/**
 * Each set as it was last done: in the same session of an earlier week, else in the athlete's last session of another
 * block that had the exercise, there set by set in order.
 */
async function lastTimes(
  asker: Asker,
  { blockId, athlete, log }: Training,
  week: number,
  session: SessionPlan,
): Promise<FloorSession['lastTime']> {
  const earlier = log.workouts
    .filter((workout) => workout.sessionId === session.sessionId && workout.week < week)
    .sort((a, b) => a.week - b.week);
  const sets = currentSets(log.sets);
  const found: Record<string, LastDone> = {};
  const exerciseOf = new Map(session.slots.map(({ slotId, exerciseId }) => [slotId, exerciseId]));
  for (const { id, date } of earlier)
    for (const [place, { set }] of sets.get(id) ?? [])
      if (exerciseOf.get(set.slotId) === set.exerciseId)
        found[place] = { ...lastOf(set), date, earlier: false };
  const unknown = session.slots.filter(({ slotId, sets: [first] }) => !(`${slotId}/${first?.id}` in found));
  const elsewhere = await lastDoneElsewhere(
    asker,
    athlete.id,
    unknown.map(({ exerciseId }) => exerciseId),
    blockId,
  );
  for (const { slotId, exerciseId, sets: asked } of unknown) {
    const last = elsewhere.get(exerciseId);
    asked.forEach(({ id }, at) => {
      const set = last?.sets[at];
      if (last !== undefined && set !== undefined)
        found[`${slotId}/${id}`] = { ...lastOf(set), date: last.date, earlier: true };
    });
  }
  return found;
}

function lastOf({ load, reps, rir, more }: LoggedSet): Pick<LastDone, 'load' | 'reps' | 'rir' | 'more'> {
  return { load, reps, rir, ...(more === undefined ? {} : { more }) };
}
