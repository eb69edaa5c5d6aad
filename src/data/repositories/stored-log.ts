import type { LoggedSet, Muscle, Soreness, SorenessReport, Workout } from '@/core';
import { currentSetId, decodeMore } from '@/core/codecs';
import type { LoggedSetRow, SorenessRow, WorkoutRow } from '../models/models';
import { stored } from './stored';

/** A logged set as the core knows it. */
export function loggedSetFrom(row: LoggedSetRow): LoggedSet {
  return {
    id: row.id,
    workoutId: row.workoutId,
    slotId: row.slotId,
    setId: currentSetId(row.setId),
    exerciseId: row.exerciseId,
    load: { value: Number(row.loadValue), unit: row.loadUnit },
    reps: row.reps,
    rir: Number(row.rir),
    ...(row.more === null ? {} : { more: stored('a logged set', decodeMore, row.more) }),
    at: row.doneAt.toISOString(),
    supersedes: row.supersedes,
  };
}

export function workoutFrom(row: WorkoutRow): Workout {
  const { id, week, sessionId, localDate, finishedAt } = row;
  return { id, week, sessionId, date: localDate, finished: finishedAt !== null };
}

export function sorenessFrom({ workoutId, muscle, soreness }: SorenessRow): SorenessReport {
  return { workoutId, muscle: muscle as Muscle, soreness: soreness as Soreness };
}
