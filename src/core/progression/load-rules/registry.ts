import { bestFitRule } from './best-fit';
import { doubleProgression } from './double-progression';
import { loadFirst } from './load-first';
import { percent } from './percent';
import type { LoadRuleKind } from './rule';
import { twoInARow } from './two-in-a-row';
import { variationChain } from './variation-chain';

const ALL = [
  bestFitRule,
  loadFirst,
  doubleProgression('double progression', 'all sets'),
  doubleProgression('double progression, first set', 'first set'),
  doubleProgression('double progression, beyond the top', 'beyond the top'),
  percent,
  twoInARow,
  variationChain,
] as const;

export type LoadRule = (typeof ALL)[number]['name'];
export const LOAD_RULES: readonly LoadRule[] = ALL.map(({ name }) => name);

/** Every load rule by name. */
export const RULES = Object.fromEntries(ALL.map((rule) => [rule.name, rule])) as Readonly<
  Record<LoadRule, LoadRuleKind>
>;

/** Whether the slot's own percentage step affects a rule. */
export function usesOwnStep(rule: LoadRule): boolean {
  return RULES[rule].takesStep;
}

/** The rule of a load: the slot's, or the technique's own. */
export type RuleName = LoadRule | 'earned' | 'reps' | 'share of the max';
