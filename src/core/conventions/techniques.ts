import type { Convention } from './convention';

/** Rounds of mini-sets, half ranges, earned steps, limits past failure. */
export const TECHNIQUES = {
  roundBack: {
    name: 'Reps recovered inside a round',
    unit: 'reps/s',
    default: 0.2,
    reason: 'Twenty seconds between mini-sets restore about four reps.',
  },
  roundRest: {
    name: 'Longest rest inside a round',
    unit: 's',
    default: 45,
    reason: 'After a longer rest a mini-set is a set of its own.',
  },
  miniCredit: {
    name: 'Credit of further mini-sets',
    unit: '×',
    default: 0.5,
    reason: 'The first hard mini-set counts as a set, each further one as half.',
  },
  miniReps: {
    name: 'Reps of a full further mini-set',
    unit: 'reps',
    default: 8,
    reason: 'Equal reps, equal credit: shorter mini-sets count less.',
  },
  halfRange: {
    name: 'Work of a half rep',
    unit: '×',
    default: 0.5,
    reason: 'So that heavier half reps do not look like progress.',
  },
  halfCostEasy: {
    name: 'Half rep in the easier half',
    unit: '×',
    default: 0.5,
    reason:
      'Where the exercise is easier, a half rep costs half of a full one, so its first load is heavier.',
  },
  halfCostHard: {
    name: 'Half rep in the harder half',
    unit: '×',
    default: 0.8,
    reason:
      'Most of the effort is where the exercise is hardest, so half reps there are little easier than full ones.',
  },
  percentStep: {
    name: 'Weekly load step of the percent rule',
    unit: '%',
    default: 2.5,
    reason: 'Most athletes can keep this up for a block.',
  },
  earnedStepLeast: {
    name: 'Smallest earned load step',
    unit: '%',
    default: 2.5,
    reason: 'Less makes no difference.',
  },
  earnedStepMost: {
    name: 'Largest earned load step',
    unit: '%',
    default: 5,
    reason: 'More would cost the reps that earned it.',
  },
  pastFailureNoviceWeeks: {
    name: 'Weeks before a novice goes past failure',
    unit: 'weeks',
    default: 8,
    reason: 'Technique first.',
  },
  pastFailureNovice: {
    name: 'Exercises past failure per session, novice',
    unit: 'exercises',
    default: 1,
    reason: 'After the first weeks.',
  },
  pastFailureIntermediate: {
    name: 'Exercises past failure per session, intermediate',
    unit: 'exercises',
    default: 2,
    reason: 'More costs too much recovery.',
  },
  pastFailureAdvanced: {
    name: 'Exercises past failure per session, advanced',
    unit: 'exercises',
    default: 3,
    reason: 'Trained lifters judge effort better and tolerate more.',
  },
  lowSetPlan: {
    name: 'Sets per exercise in a low-volume plan',
    unit: 'sets',
    default: 2,
    reason: 'With so few sets, more of them may go past failure.',
  },
  groupChange: {
    name: 'Time between exercises of a superset',
    unit: 's',
    default: 15,
    reason: 'Moving to the next exercise of a superset, giant set or circuit.',
  },
} as const satisfies Record<string, Convention>;
