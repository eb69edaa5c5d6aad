import { useState } from 'react';
import { type LoggedSet, loadGrid, startingLoad } from '@/core';
import { reserve } from '@/ui/words/figures';
import type { SessionData } from './contract';
import { checkMore, MOST_SECONDS, type MoreEntry, moreFields, startMore } from './more-entry';
import type { AskedSet } from './order';
import { type CheckedSet, checkEntry, readWholeSet, type SetEntry, stepLoad } from './set-entry';

/**
 * A set's figures as typed, with their problems and the tap that logs them.
 * @param startedAt when its stopwatch was started, milliseconds; null if none runs
 */
export function useSetEntry(
  data: SessionData,
  asked: AskedSet,
  done: LoggedSet | null,
  startedAt: number | null,
  onLog: (value: CheckedSet) => void,
) {
  const { slot, set } = asked;
  const exercise = data.exercises[slot.exerciseId];
  const last = data.lastTime[asked.key];
  const grid = loadGrid(slot.loading, data.equipment);
  const [entry, setEntry] = useState<SetEntry>(() => ({
    load: String(done?.load.value ?? set.load ?? last?.load.value ?? startingLoad(grid)),
    reps: String(done?.reps ?? set.reps),
    rir: String(done?.rir ?? reserve(set.rir)),
  }));

  // Notes stay visible when a set is corrected.
  const [all, setAll] = useState(done?.more !== undefined);
  const fields = moreFields(asked, exercise, all);
  const [more, setMore] = useState<MoreEntry>(() => startMore(set, done?.more));
  const [unclean, setUnclean] = useState(done?.more?.unclean === true);
  const [line, setLine] = useState(done?.more?.line ?? '');
  const noted = checkMore(more, unclean, line);

  const check = checkEntry(entry, grid);
  const put = (field: keyof SetEntry, text: string) => setEntry((before) => ({ ...before, [field]: text }));
  /** Distributes a whole set that was typed into the load or the reps field. */
  const settle = (field: keyof SetEntry) =>
    setEntry(
      (before) =>
        readWholeSet(before[field], { ...before, [field]: String(asked.set[field] ?? '') }) ?? before,
    );
  const step = (field: keyof SetEntry, by: 1 | -1) => {
    if (field === 'load') put('load', String(stepLoad(check.value?.load ?? set.load ?? 0, by, grid)));
    else put(field, String(Math.max(0, (Number.parseFloat(entry[field]) || 0) + by)));
  };
  const tap = () => {
    if (check.value === null || noted.problem !== null) return;
    const { left, right, seconds } = noted.value ?? {};
    // The tap stops the stopwatch, unless another time is typed.
    const took =
      asked.timed && seconds === undefined && done === null && startedAt !== null
        ? { seconds: Math.min(MOST_SECONDS, Math.round((Date.now() - startedAt) / 1000)) }
        : {};
    const also = { ...noted.value, ...took };
    // Of two sides the lower counts.
    const reps = left === undefined || right === undefined ? check.value.reps : Math.min(left, right);
    // Done as planned means exactly as planned.
    const rir = check.value.rir === reserve(set.rir) ? Math.max(0, set.rir) : check.value.rir;
    onLog({ ...check.value, reps, rir, ...(Object.keys(also).length === 0 ? {} : { more: also }) });
  };

  const isAsAsked =
    check.value !== null &&
    check.value.load === set.load &&
    check.value.reps === set.reps &&
    check.value.rir === reserve(set.rir);
  return {
    grid,
    entry,
    fields,
    all,
    setAll,
    more,
    setMore,
    unclean,
    setUnclean,
    line,
    setLine,
    noted,
    check,
    put,
    settle,
    step,
    tap,
    isAsAsked,
  };
}

export type SetEntryUse = ReturnType<typeof useSetEntry>;
