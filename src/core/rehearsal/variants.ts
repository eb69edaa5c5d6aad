import type { Block, Slot } from '../block/block';
import { setCount, withSetCount } from '../techniques/registry';

/** Changes of a block whose worth a rehearsal tells. */
export const VARIANTS = ['a set fewer', 'a set more', 'a week less', 'a week more'] as const;
export type BlockVariant = (typeof VARIANTS)[number];

/** The most weeks a block builds. */
const MOST_WEEKS = 16;

/** The block with one thing changed: a set of every slot that has two or more, or a week before its deload. */
export function variantOf(block: Block, variant: BlockVariant): Block {
  switch (variant) {
    case 'a set fewer':
      return withSets(block, (sets) => (sets > 1 ? sets - 1 : sets));
    case 'a set more':
      return withSets(block, (sets) => sets + 1);
    case 'a week less':
      return { ...block, weeks: Math.max(1, block.weeks - 1) };
    case 'a week more':
      return { ...block, weeks: Math.min(MOST_WEEKS, block.weeks + 1) };
  }
}

function withSets(block: Block, to: (sets: number) => number): Block {
  const changed = (slot: Slot): Slot => ({
    ...slot,
    technique: withSetCount(slot.technique, to(setCount(slot.technique))),
  });
  return {
    ...block,
    sessions: block.sessions.map((session) => ({ ...session, slots: session.slots.map(changed) })),
  };
}
