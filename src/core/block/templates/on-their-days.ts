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

/**
 * A week's sessions on days the athlete has, in order, with spacing as close as possible to the original. Cycles
 * other than a week, and weeks with more training days than the athlete has, stay unchanged.
 */
export function onTheirDays(block: Block, { days }: Pick<Athlete, 'days'>): Block {
  const laid = [...new Set(block.sessions.map(({ day }) => day))].sort((a, b) => a - b);
  if (block.cycleDays !== WEEK || laid.length > days.length || laid.every((day) => days.includes(day)))
    return block;
  const wished = gaps(laid);
  const off = (chosen: readonly number[]) =>
    gaps(chosen).reduce((sum, gap, at) => sum + (gap - (wished[at] ?? 0)) ** 2, 0);
  const [best] = [...choices([...days].sort(), laid.length)].sort((a, b) => off(a) - off(b));
  return {
    ...block,
    sessions: block.sessions.map((session) => ({
      ...session,
      day: best?.[laid.indexOf(session.day)] ?? session.day,
    })),
  };
}
