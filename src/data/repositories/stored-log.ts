import type { LoggedSet, Muscle, SorenessReport, Workout } from '@/core';
import { currentSetId, decodeSessionNotes, decodeSetNotes } from '@/core/codecs';
import type { LoggedSetRow, SorenessRow, WorkoutRow } from '../models/rows';
import { stored } from './stored';

/** A stored set as the core's type. */
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
    ...(row.more === null ? {} : { more: stored('a logged set', decodeSetNotes, row.more) }),
    at: row.doneAt.toISOString(),
    supersedes: row.supersedes,
  };
}

export function workoutFrom(row: WorkoutRow): Workout {
  const { id, week, sessionId, localDate, finishedAt } = row;
  return { id, week, sessionId, date: localDate, finished: finishedAt !== null, notes: notesOf(row) };
}

/** A session's notes, oldest first. */
export function notesOf({ notes }: Pick<WorkoutRow, 'notes'>): Workout['notes'] {
  return stored('what was told of a session', decodeSessionNotes, notes);
}

export function sorenessFrom({ workoutId, muscle, soreness, said }: SorenessRow): SorenessReport {
  return { workoutId, muscle: muscle as Muscle, ended: soreness, said };
}
