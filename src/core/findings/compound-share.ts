import { sessionsOf } from './cycle';
import { type Check, type CheckInput, lazyFixes } from './finding';
import { fewerIsolationSets, offered } from './volume-fixes';

/** Hard sets of the cycle, and how many of them are of compounds. */
function hardSets(input: CheckInput): { readonly all: number; readonly compound: number } {
  let [all, compound] = [0, 0];
  for (const { exercise, hard } of sessionsOf(input).flatMap(({ slots }) => slots)) {
    all += hard;
    if (exercise.kind === 'compound') compound += hard;
  }
  return { all, compound };
}

/** Compounds are below 60 % of a novice's hard sets. */
export const compoundShare: Check = (input) => {
  if (input.athlete.level !== 'novice') return [];
  const { all, compound } = hardSets(input);
  if (all === 0) return [];
  const wanted = input.conventions.noviceCompounds;
  const share = (100 * compound) / all;
  if (share >= wanted) return [];
  const isEnough = (dropped: number) => 100 * compound >= wanted * (all - dropped);
  return [
    {
      id: 'compound-share',
      severity: 'note',
      subject: {},
      detail: { rule: 'compound share', share, wanted },
      fixes: lazyFixes(input, () => offered(fewerIsolationSets(isEnough, input))),
    },
  ];
};
