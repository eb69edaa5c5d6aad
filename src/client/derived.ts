import {
  type Block,
  type BlockPlan,
  type Catalogue,
  catalogueWith,
  type Finding,
  Memo,
  runChecks,
  type Training,
  unfold,
} from '@/core';
import type { Judged } from './block-state';

/** The consequences of a block and its training, memoised because every edit asks for them. */
export class Derived {
  private readonly memo = new Memo();

  /** The coach's custom exercises with the shipped ones. */
  catalogue({ ownExercises }: Training): Catalogue {
    return this.memo.call('catalogue', catalogueWith, ownExercises);
  }

  /** The plan. */
  plan(block: Block, training: Training): BlockPlan {
    const { athlete, issued, log, answers, checkIns } = training;
    const found = this.catalogue(training);
    return this.memo.call('plan', this.unfold, block, athlete, issued, log, answers, checkIns, found);
  }

  /** What the checks find in a plan of the block. */
  findings({ block, training, blockPlan }: Judged): readonly Finding[] {
    const catalogue = this.catalogue(training);
    const found = this.memo.call('findings', checked, block, training.athlete, blockPlan, catalogue);
    // Most edits leave these unchanged, and then their views need not render again.
    return this.memo.same('findings that stand', found);
  }

  /** The same without fixes, for a look at an edit. */
  findingsAlone({ block, training, blockPlan }: Judged): readonly Finding[] {
    const { find: exercises } = this.catalogue(training);
    return runChecks({ block, athlete: training.athlete, blockPlan, exercises }, 'none');
  }

  private readonly unfold = (
    block: Block,
    athlete: Training['athlete'],
    issued: Training['issued'],
    log: Training['log'],
    answers: Training['answers'],
    checkIns: Training['checkIns'],
    { find: exercises }: Catalogue,
  ): BlockPlan => unfold({ block, athlete, issued, log, answers, checkIns, exercises }, this.memo);
}

function checked(
  block: Block,
  athlete: Training['athlete'],
  blockPlan: BlockPlan,
  { find: exercises }: Catalogue,
): readonly Finding[] {
  return runChecks({ block, athlete, blockPlan, exercises });
}
