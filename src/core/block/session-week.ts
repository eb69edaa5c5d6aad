import type { z } from 'zod';
import type { Problem } from '../problem';
import type { Zod } from '../zod';
import { BOUNDS, LIMITS } from './bounds';
import { outOfBounds, tooLong, tooMany } from './rules';
import type { Deep } from './slot-field';

/** Overrides of a session for a single week; the block's design stays. Null or empty: as in the session. */
export const sessionWeekSchema = (z: Zod) =>
  z.strictObject({
    week: z.int().min(BOUNDS.week.low).max(BOUNDS.week.high),
    /** Another day of the cycle. */
    day: z.int().nullable(),
    /** Another place, by the athlete's place id. */
    place: z.string().max(LIMITS.id).nullable(),
    optional: z.boolean().nullable(),
    /** Skipped: not trained in this week. */
    left: z.boolean(),
    /** Slots of other sessions trained in this one after its own, by id. */
    takes: z.array(z.string().max(LIMITS.id)).max(LIMITS.slots),
  });

export type SessionWeek = Deep<z.output<ReturnType<typeof sessionWeekSchema>>>;

/** A week without overrides. */
export function emptySessionWeek(week: number): SessionWeek {
  return { week, day: null, place: null, optional: null, left: false, takes: [] };
}

export function hasNoOverrides({ day, place, optional, left, takes }: SessionWeek): boolean {
  return day === null && place === null && optional === null && !left && takes.length === 0;
}

/** What is wrong with a session's weeks. Days beyond a cycle that was shortened later are ignored. */
export function sessionWeekProblems(weeks: readonly SessionWeek[], path: string): readonly Problem[] {
  return [
    ...tooMany(path, 'weeks of their own', weeks, BOUNDS.week.high),
    ...weeks.flatMap(({ week, day, place, takes }) => [
      ...outOfBounds(path, 'week', week, BOUNDS.week),
      ...(day === null ? [] : outOfBounds(path, 'day', day, { low: 0, high: BOUNDS.cycleDays.high - 1 })),
      ...tooLong(path, place, LIMITS.id),
      ...tooMany(path, 'slots', takes, LIMITS.slots),
    ]),
  ];
}

/** A session's weeks with one of them changed; a week without overrides is removed. */
export function withSessionWeek(
  weeks: readonly SessionWeek[],
  week: number,
  change: Partial<SessionWeek>,
): readonly SessionWeek[] {
  const before = weeks.find((one) => one.week === week) ?? emptySessionWeek(week);
  const changed = { ...before, ...change, week };
  const others = weeks.filter((one) => one.week !== week);
  return hasNoOverrides(changed) ? others : [...others, changed].sort((a, b) => a.week - b.week);
}
