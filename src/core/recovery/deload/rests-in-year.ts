import type { Block } from '../../block/block';
import { daysBetween, type LocalDate } from '../../calendar';
import { blockSpan } from '../../schedule/block-span';
import { deloadWeeks } from './deload';

/** What a block's days follow from. */
export type Spread = Pick<Block, 'startDate' | 'weeks' | 'cycleDays' | 'pauses' | 'earlyDeloads' | 'deload'>;

/** When a block's active rest begins; null if it has none. */
export function activeRestOf(block: Spread): LocalDate | null {
  if (block.deload?.some(({ kind }) => kind === 'active rest') !== true) return null;
  return blockSpan(block).deloads.at(-deloadWeeks(block.deload))?.from ?? null;
}

const YEAR = 364;

/** The latest active rest that began less than a year from a day, before or after it; null if there is none. */
export function restNear(rests: readonly LocalDate[], day: LocalDate): LocalDate | null {
  const near = rests.filter((rest) => Math.abs(daysBetween(rest, day)) < YEAR);
  return near.reduce<LocalDate | null>((last, rest) => (last === null || rest > last ? rest : last), null);
}
