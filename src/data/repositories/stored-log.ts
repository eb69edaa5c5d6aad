import type { LoggedSet } from '@/core';
import { currentSetId, decodeMore } from '@/core/codecs';
import type { LoggedSetRow } from '../models/models';
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
