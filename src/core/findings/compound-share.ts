import { sessionsOf } from './cycle';
import type { Check } from './finding';

/** Compounds are below 60 % of a novice's hard sets. */
export const compoundShare: Check = (input) => {
  if (input.athlete.level !== 'novice') return [];
  let [all, compound] = [0, 0];
  for (const { exercise, hard } of sessionsOf(input).flatMap(({ slots }) => slots)) {
    all += hard;
    if (exercise.kind === 'compound') compound += hard;
  }
  if (all === 0) return [];
  const share = (100 * compound) / all;
  if (share >= input.conventions.noviceCompounds) return [];
  return [
    {
      id: 'compound-share',
      severity: 'note',
      subject: {},
      detail: { rule: 'compound share', share, wanted: input.conventions.noviceCompounds },
      fixes: [],
    },
  ];
};
