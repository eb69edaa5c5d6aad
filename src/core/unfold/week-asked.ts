import type { Phase } from '../athlete/athlete';
import type { Block } from '../block/block';
import type { LocalDate } from '../calendar';
import type { Lightening } from '../recovery/deload/lightening';

/** A week's target for all of its sessions. */
export interface WeekAsked {
  readonly week: number;
  readonly startDate: LocalDate;
  readonly phase: Phase;
  /** The phase that changes rep ranges; null: they stay as written. */
  readonly rangePhase: Phase | null;
  /** The same for the week before; in the first week its own. */
  readonly rangePhaseBefore: Phase | null;
  /** Projected gain of each pass of the cycle, first to last, in per cent of the pass, depending on its phase. */
  readonly gains: readonly number[];
  /** The block's building weeks, their RIR ramp, and the current one; for a deload the one before it. */
  readonly ramp: Pick<Block, 'rir' | 'weeks'> & { readonly week: number };
  /** The building week it is, or that it reduces. */
  readonly building: number;
  /** Factors on all loads of the week, and of the week before. */
  readonly shift: { readonly now: number; readonly before: number };
  /** The least RIR of every set, in a block after time off; otherwise 0. */
  readonly leastRir: number;
  /** Whether a check-in shows poor recovery: then nothing goes past failure. */
  readonly recoversPoorly: boolean;
  /** What a deload reduces; null in a building week. */
  readonly lightening: Lightening | null;
}
