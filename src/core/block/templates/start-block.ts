import { type Block, emptyBlock } from '../block';
import { fitAthlete } from './fit-athlete';
import { copyBlock, fromTemplate, type LayOut } from './from-template';
import { asReturnBlock } from './return-block';
import type { Template } from './template';

/** Settings chosen before a block starts. */
export type NewBlockSettings = Pick<
  Block,
  'name' | 'startDate' | 'weeks' | 'deload' | 'crediting' | 'landmarks' | 'goals'
> & {
  /** Whether the athlete returns after two weeks or more off. */
  readonly returning: boolean;
};

/** What a block starts from: a split's template, another block's design, or nothing. */
export type BlockSource =
  | { readonly kind: 'empty' }
  | { readonly kind: 'template'; readonly template: Template }
  | { readonly kind: 'design'; readonly block: Block };

/** A new block for an athlete. Chosen settings win over those of the source; a template is fitted to the athlete. */
export function startBlock(source: BlockSource, wished: NewBlockSettings, layOut: LayOut): Block {
  const { returning, ...settings } = wished;
  const laid = () => {
    switch (source.kind) {
      case 'empty':
        return emptyBlock(settings.name, settings.startDate);
      case 'template':
        return fromTemplate(source.template, emptyBlock(settings.name, settings.startDate), layOut);
      case 'design':
        return copyBlock(source.block, settings, layOut.newId);
    }
  };
  const design = laid();
  const block = { ...design, ...settings };
  const fitted = source.kind === 'template' ? fitAthlete(block, layOut) : block;
  return returning
    ? asReturnBlock(fitted, { weeks: design.weeks, rir: design.rir, deload: settings.deload })
    : fitted;
}
