import { afterReps, type Exercise, type LoggedMore, type SetPlan, type SlotPlan } from '@/core';
import * as words from '@/ui/words/screens/training';
import type { AskedSet } from './order';
import type { CheckedSet } from './set-entry';

/** What can be counted for a set besides load, reps and RIR. */
export type MoreField = Exclude<keyof LoggedMore, 'unclean' | 'line'>;
export type MoreEntry = Readonly<Partial<Record<MoreField, string>>>;

export const MORE_LABELS: Readonly<Record<MoreField, string>> = {
  partials: words.partialRepsAfter,
  assisted: words.repsWithHelp,
  held: words.secondsHeldAfter,
  lowered: words.loweredRepsAfter,
  seconds: words.secondsTaken,
  left: words.repsLeftSide,
  right: words.repsRightSide,
};

/**
 * What a set asks to be noted: what follows its reps, its time if that counts, sides if there are two; and everything
 * else that can be noted if wanted.
 */
export function moreFields(
  { slot, set, timed }: Pick<AskedSet, 'set' | 'timed'> & { readonly slot: Pick<SlotPlan, 'measure'> },
  exercise: Pick<Exercise, 'sides'> | undefined,
  all = false,
): readonly MoreField[] {
  const { partials, held, lowered } = afterReps(set.sections);
  const counted = all && slot.measure === 'reps';
  const fields: readonly (readonly [MoreField, boolean])[] = [
    ['partials', partials > 0 || counted],
    ['held', held > 0],
    ['lowered', lowered > 0],
    ['assisted', partials > 0 || counted],
    ['seconds', timed],
    ['left', exercise?.sides === 2],
    ['right', exercise?.sides === 2],
  ];
  return fields.flatMap(([field, asked]) => (asked ? [field] : []));
}

/** Longest time of a set, in seconds. */
export const MOST_SECONDS = 3600;

/** The fields with their planned values; sides start empty, because they are noted only if they differ. */
export function startMore(set: SetPlan, done: LoggedMore | undefined): MoreEntry {
  const asked = Object.entries(afterReps(set.sections)).flatMap(([field, count]) =>
    count > 0 ? [[field, String(count)] as const] : [],
  );
  const logged = Object.entries(done ?? {}).flatMap(([field, value]) =>
    typeof value === 'number' ? [[field, String(value)] as const] : [],
  );
  return Object.fromEntries([...asked, ...logged]);
}

/** Reads the notes; empty fields are skipped. */
export function checkMore(
  entry: MoreEntry,
  unclean = false,
  line = '',
): {
  readonly value: LoggedMore | undefined;
  readonly problem: MoreField | null;
} {
  const value: Partial<Record<MoreField, number>> = {};
  for (const [field, text] of Object.entries(entry) as [MoreField, string][]) {
    if (text.trim() === '') continue;
    if (!/^\d{1,4}$/.test(text.trim()) || Number(text) > MOST_SECONDS)
      return { value: undefined, problem: field };
    value[field] = Number(text);
  }
  const said = line.trim();
  const noted: LoggedMore = {
    ...value,
    ...(unclean ? { unclean: true } : {}),
    ...(said === '' ? {} : { line: said }),
  };
  return { value: Object.keys(noted).length === 0 ? undefined : noted, problem: null };
}

/** A set done exactly as planned, with what follows its reps. */
export function asPlanned(set: SetPlan): CheckedSet {
  const more = checkMore(startMore(set, undefined)).value;
  return {
    load: set.load ?? 0,
    reps: set.reps,
    rir: Math.max(0, set.rir),
    ...(more === undefined ? {} : { more }),
  };
}
