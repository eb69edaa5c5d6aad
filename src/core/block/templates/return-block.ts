import { conventionsWith } from '../../conventions/conventions';
import { clamp, roundHalfUp } from '../../rounding';
import { holdBack, setCount, withSetCount } from '../../techniques/registry';
import type { Block, Session, Slot } from '../block';
import { fullDesign } from '../block-again';
import type { Edit, SingleEdit } from '../edits/edit';

/** Number of weeks. */
export const RETURN_WEEKS = { least: 2, usual: 3, most: 4 } as const;
/** Days without training after which a block is planned as a return. */
export const RETURN_AFTER = 14;

/**
 * A first block after two weeks or more off: some weeks far from failure, with reduced loads that return evenly to
 * their old values, and no deload. Its slots keep the whole design; each week trains them as `easedSession` says.
 * @param after the weeks, RIR and deload of the block after it
 */
export function asReturnBlock(block: Block, after: NonNullable<Block['afterReturn']>): Block {
  const { returnRir, returnLoad } = conventionsWith(block.conventions);
  const weeks = clamp(block.weeks, RETURN_WEEKS.least, RETURN_WEEKS.most);
  return {
    ...block,
    weeks,
    rir: { first: returnRir, last: returnRir },
    deload: null,
    loadShifts: returnShifts(returnLoad / 100, weeks),
    afterReturn: after,
  };
}

/** The edit that makes a block ease in after time off, or gives it back its design; asked twice, it changes nothing. */
export function easeInEdit(block: Block, isReturn: boolean): Edit {
  const { weeks, rir, deload } = block;
  const isAsAsked = isReturn === (block.afterReturn !== null);
  const changed = isReturn ? asReturnBlock(block, { weeks, rir, deload }) : fullDesign(block);
  const after = isAsAsked ? block : changed;
  const set = <K extends 'weeks' | 'rir' | 'deload' | 'loadShifts' | 'afterReturn'>(field: K) =>
    ({ kind: 'block/set', field, value: after[field] }) as SingleEdit;
  return {
    kind: 'batch',
    edits: [set('weeks'), set('rir'), set('deload'), set('loadShifts'), set('afterReturn')],
  };
}

/** Load shifts that start at a share of the usual loads and end at all of them in the last week. */
function returnShifts(share: number, weeks: number): Block['loadShifts'] {
  const shares = Array.from({ length: weeks }, (_, at) => share + ((1 - share) * at) / (weeks - 1));
  return shares.map((own, at) => {
    const before = at === 0 ? 1 : (shares[at - 1] as number);
    return { week: at + 1, percent: Math.round((own / before - 1) * 100_000) / 1000 };
  });
}

/** A session as trained in a return block: fewer sets, none at failure, none with an RIR of its own. */
export function easedSession(session: Session, share: number): Session {
  return { ...session, slots: session.slots.map((slot) => eased(slot, share)) };
}

function eased(slot: Slot, share: number): Slot {
  const sets = Math.max(1, roundHalfUp(setCount(slot.technique) * share));
  return {
    ...slot,
    technique: withSetCount(holdBack(slot.technique), sets),
    rir: { kind: 'week', offset: 0 },
    setTargets: slot.setTargets.map((own) => ({ ...own, rir: null })),
    rampTo: null,
    optionalSets: 0,
    setRule: 'fixed',
  };
}
