import { bestFit } from './best-fit';
import { doubleProgression } from './double-progression';
import { loadFirst } from './load-first';
import { percent } from './percent';
import type { LoadRule, Rule } from './rule';
import { twoInARow } from './two-in-a-row';
import { variationChain } from './variation-chain';

/** Every load rule by its name. */
export const RULES: Readonly<Record<LoadRule, Rule>> = {
  'best fit': bestFit,
  'load first': loadFirst,
  'double progression': doubleProgression('all sets'),
  'double progression, first set': doubleProgression('first set'),
  'double progression, beyond the top': doubleProgression('beyond the top'),
  percent,
  'two in a row': twoInARow,
  'variation chain': variationChain,
};
