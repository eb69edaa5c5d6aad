import { bestFit } from './best-fit';
import { candidate, type LoadChoice } from './load-choice';
import type { LoadRuleKind, RuleInput } from './rule';
import { earnedStep, stepUp } from './step-up';

/** Two in a row: unchanged until the whole prescription is met in two consecutive sessions, then 2.5-5 % more. */
function choose(input: RuleInput): LoadChoice | undefined {
  const { last, conventions } = input;
  if (last === null) return bestFit(input);
  const asked = last.missed ?? last;
  const kept = candidate(input, asked.load, asked.reps);
  if (!last.met || last.running < 2)
    return { chosen: kept, others: [], decider: last.met ? 'met once' : 'not met yet' };
  const { earnedStepLeast, earnedStepMost } = conventions;
  const least = input.step ?? earnedStepLeast;
  const next = earnedStep(input, last.load, { least, most: Math.max(least, earnedStepMost) });
  if (next === undefined) return { chosen: kept, others: [], decider: 'end of the equipment' };
  const chosen = stepUp(input, last.load, next, last.reps);
  if (chosen === null) return { chosen: kept, others: [], decider: 'next load out of reach' };
  return { chosen, others: [kept], decider: 'met twice running' };
}

export const twoInARow = { name: 'two in a row', takesStep: true, choose } as const satisfies LoadRuleKind;
