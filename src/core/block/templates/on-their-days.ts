import type { Athlete } from '../../athlete/athlete';
import type { Block } from '../block';

const WEEK = 7;

/** Days from each training day to the next, around the end of the week. */
function gaps(days: readonly number[]): readonly number[] {
  return days.map((day, at) => ((days[at + 1] ?? (days[0] ?? 0) + WEEK) - day) as number);
}

/** Every combination of this many items of a list, in order. */
function choices(of: readonly number[], count: number): readonly (readonly number[])[] {
  if (count === 0) return [[]];
  return of.flatMap((first, at) => choices(of.slice(at + 1), count - 1).map((rest) => [first, ...rest]));
}

/** Arrangements worth comparing. */
const MOST_LAYOUTS = 12;

/**
 * A week's sessions on days the athlete has, best spaced first: in their order, from each session on. Cycles other than
 * a week, weeks that fit as they are, and weeks with more training days than the athlete has, stay unchanged.
 * @returns at least one
 */
export function onTheirDays(block: Block, { days }: Pick<Athlete, 'days'>): readonly [Block, ...Block[]] {
  const laid = [...new Set(block.sessions.map(({ day }) => day))].sort((a, b) => a - b);
  if (block.cycleDays !== WEEK || laid.length > days.length || laid.every((day) => days.includes(day)))
    return [block];
  const wished = gaps(laid);
  const spaced = choices([...days].sort(), laid.length).flatMap((chosen) =>
    laid.map((_, first) => ({ chosen, first, off: offBy(chosen, wished, first) })),
  );
  const [best, ...others] = spaced
    .sort((a, b) => a.off - b.off || a.first - b.first)
    .slice(0, MOST_LAYOUTS)
    .map(({ chosen, first }): Block => {
      const dayOf = (day: number) => chosen[(laid.indexOf(day) + first) % laid.length] ?? day;
      return {
        ...block,
        sessions: block.sessions.map((session) => ({ ...session, day: dayOf(session.day) })),
      };
    });
  return best === undefined ? [block] : [best, ...others];
}

/** How far the gaps between days are from those wished, if the first session comes on the day at this place. */
function offBy(chosen: readonly number[], wished: readonly number[], first: number): number {
  const found = gaps(chosen);
  return wished.reduce((sum, gap, at) => sum + (gap - (found[(at + first) % found.length] ?? 0)) ** 2, 0);
}
