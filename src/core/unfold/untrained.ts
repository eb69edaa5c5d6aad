import { EMPTY_LOG } from '../log/log';
import type { BlockPlan } from '../plan/block-plan';
import type { UnfoldInput } from './input';
import { unfold } from './unfold';

/** A block's plan before any of it is sent or trained. */
export function untrainedPlan(input: Pick<UnfoldInput, 'block' | 'athlete' | 'exercises'>): BlockPlan {
  return unfold({ ...input, issued: [], log: EMPTY_LOG, answers: [] });
}
