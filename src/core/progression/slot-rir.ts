import type { Block, Slot } from '../block/block';
import type { Reason } from '../plan/reason';
import { rampRir } from './rir-ramp';

/** A slot's RIR in a week: its own, or the ramp's plus its offset, never below failure. */
export function slotRir(
  slot: Pick<Slot, 'rir'>,
  { rir, weeks }: Pick<Block, 'rir' | 'weeks'>,
  week: number,
): { readonly rir: number; readonly whyRir: Reason } {
  if (slot.rir.kind === 'fixed')
    return { rir: slot.rir.rir, whyRir: { code: 'rir/fixed', value: slot.rir.rir } };
  const { offset } = slot.rir;
  const { first, last } = rir;
  const value = Math.max(0, rampRir(rir, week, weeks) + offset);
  return { rir: value, whyRir: { code: 'rir/ramp', week, weeks, first, last, offset, value } };
}
