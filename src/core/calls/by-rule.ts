import type { Answering } from '../athlete/athlete';
import type { BlockPlan } from '../plan/block-plan';
import type { UnfoldInput } from '../unfold/input';
import { unfold } from '../unfold/unfold';
import type { Answer, CallName, Proposal } from './registry';

/** Kinds that follow from a rule the coach has set and change little: the routine. */
const ROUTINE: readonly CallName[] = ['load'];

/** An answer may lead to further calls; this is the most rounds answered. */
const MOST_ROUNDS = 5;

/**
 * What the athlete's setting answers by itself (nothing, the routine, or all), and the resulting plan. Proposals are
 * accepted unchanged, repeatedly, until none of them is left.
 * @param held ids of calls that the coach has taken out of this
 */
export function answeredByRule(
  input: UnfoldInput,
  answering: Answering,
  held: ReadonlySet<string> = new Set(),
): { readonly given: readonly Answer[]; readonly blockPlan: BlockPlan } {
  const isDue = ({ kind, id }: Proposal) =>
    !held.has(id) &&
    (answering === 'apply all' || (answering === 'apply the routine' && ROUTINE.includes(kind)));
  const given: Answer[] = [];
  let blockPlan = unfold(input);
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const due = blockPlan.proposals.filter(isDue);
    if (due.length === 0) break;
    for (const proposal of due) {
      const { id, subject } = proposal;
      given.push({ id, subject, outcome: 'accepted', proposal, choice: null });
    }
    blockPlan = unfold({ ...input, answers: [...input.answers, ...given] });
  }
  return { given, blockPlan };
}
