import { type Block, emptyBlock } from '../block';
import { copyBlock, fromTemplate, type LayOut } from './from-template';
import type { Template } from './template';

/** What is settled before a block begins. */
export type BlockSettled = Pick<
  Block,
  'name' | 'startDate' | 'weeks' | 'deload' | 'crediting' | 'landmarks' | 'goals'
>;

/** What a block is laid out from: a split's template, another block's design, or nothing. */
export type BlockSource =
  | { readonly kind: 'empty' }
  | { readonly kind: 'template'; readonly template: Template }
  | { readonly kind: 'design'; readonly block: Block };

/** A new block for an athlete. What was settled holds over what the source says. */
export function startBlock(source: BlockSource, settled: BlockSettled, layOut: LayOut): Block {
  const laid = () => {
    switch (source.kind) {
      case 'empty':
        return emptyBlock(settled.name, settled.startDate);
      case 'template':
        return fromTemplate(source.template, emptyBlock(settled.name, settled.startDate), layOut);
      case 'design':
        return copyBlock(source.block, settled, layOut.newId);
    }
  };
  return { ...laid(), ...settled };
}
