import { conventionsWith } from '../../conventions/conventions';
import { clamp, roundHalfUp } from '../../rounding';
import { setCount, withSetCount } from '../../techniques/registry';
import type { Block } from '../block';

/** Number of weeks. */
export const RETURN_WEEKS = { least: 2, usual: 3, most: 4 } as const;
/** Days without training after which a block is planned as a return. */
export const RETURN_AFTER = 14;

/**
 * A first block after two weeks or more off: some weeks at half the sets, far from failure, with reduced loads that
 * return evenly to their old values, and no deload.
 */
export function asReturnBlock(block: Block): Block {
  const { returnSets, returnRir, returnLoad } = conventionsWith(block.conventions);
  const weeks = clamp(block.weeks, RETURN_WEEKS.least, RETURN_WEEKS.most);
  return {
    ...block,
    weeks,
    rir: { first: returnRir, last: returnRir },
    deload: null,
    loadShifts: returnShifts(returnLoad / 100, weeks),
    sessions: block.sessions.map((session) => ({
      ...session,
      slots: session.slots.map((slot) => ({
        ...slot,
        technique: withSetCount(
          slot.technique,
          Math.max(1, roundHalfUp(setCount(slot.technique) * returnSets)),
        ),
        rampTo: null,
        optionalSets: 0,
        setTargets: [],
        setRule: 'fixed',
      })),
    })),
  };
}

/** Load shifts that start at a percentage and are back at 100 % in the week after the last. */
function returnShifts(share: number, weeks: number): Block['loadShifts'] {
  const shares = Array.from({ length: weeks }, (_, at) => share + ((1 - share) * at) / weeks);
  return shares.map((own, at) => {
    const before = at === 0 ? 1 : (shares[at - 1] as number);
    return { week: at + 1, percent: Math.round((own / before - 1) * 1000) / 10 };
  });
}
