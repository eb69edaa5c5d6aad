import type { Phase } from '../athlete/athlete';
import type { Block } from '../block/block';
import type { LocalDate } from '../calendar';
import type { Lightening } from '../recovery/deload/lightening';

/** What a week asks of all its sessions alike. */
export interface WeekAsked {
  readonly week: number;
  readonly startDate: LocalDate;
  readonly phase: Phase;
  /** Phase by which rep ranges move; null: they stay as written. */
  readonly rangePhase: Phase | null;
  /** The same of the week before; in the first week its own. */
  readonly rangePhaseBefore: Phase | null;
  /** Projected gain of each pass of the cycle, first to last, in per cent of the pass: each at the pace of its phase. */
  readonly gains: readonly number[];
  /** The building weeks of the block, the RIR they ramp over, and which of them it is; of a deload the one before it. */
  readonly ramp: Pick<Block, 'rir' | 'weeks'> & { readonly week: number };
  /** The building week it is, or lightens. */
  readonly building: number;
  /** Share that all loads of the week are moved to, and those of the week before. */
  readonly shift: { readonly now: number; readonly before: number };
  /** Whether a check-in says that the athlete recovers poorly just now: then nothing goes past failure. */
  readonly recoversPoorly: boolean;
  /** What a deload lowers; null in a building week. */
  readonly lightening: Lightening | null;
}
