import { applyEdit } from '../block/apply-edit';
import type { Block } from '../block/block';
import { BOUNDS } from '../block/bounds';
import type { SingleEdit } from '../block/edits/edit';
import { setCount, withSetCount } from '../techniques/registry';

/** Changes of a block whose worth a rehearsal tells. */
export const VARIANTS = ['a set fewer', 'a set more', 'a week less', 'a week more'] as const;
export type BlockVariant = (typeof VARIANTS)[number];

/** One thing changed: a set of every slot that has two or more, or a week before the deload. */
export function variantEdits(block: Block, variant: BlockVariant): readonly SingleEdit[] {
  switch (variant) {
    case 'a set fewer':
      return withSets(block, (sets) => Math.max(1, sets - 1));
    case 'a set more':
      return withSets(block, (sets) => sets + 1);
    case 'a week less':
      return withWeeks(block, block.weeks - 1);
    case 'a week more':
      return withWeeks(block, block.weeks + 1);
  }
}

/** The block with one thing changed; itself where that cannot be. */
export function variantOf(block: Block, variant: BlockVariant): Block {
  const applied = applyEdit(block, { kind: 'batch', edits: variantEdits(block, variant) });
  return applied.ok ? applied.value.block : block;
}

function withSets({ sessions }: Block, to: (sets: number) => number): readonly SingleEdit[] {
  return sessions.flatMap(({ slots }) =>
    slots.flatMap(({ id, technique }): readonly SingleEdit[] => {
      const sets = setCount(technique);
      const value = withSetCount(technique, to(sets));
      return setCount(value) === sets ? [] : [{ kind: 'slot/set', slot: id, field: 'technique', value }];
    }),
  );
}

function withWeeks(block: Block, weeks: number): readonly SingleEdit[] {
  const value = Math.min(BOUNDS.weeks.high, Math.max(BOUNDS.weeks.low, weeks));
  return value === block.weeks ? [] : [{ kind: 'block/set', field: 'weeks', value }];
}
