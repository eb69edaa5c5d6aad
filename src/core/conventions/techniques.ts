import type { Convention } from './convention';

/** Rounds of mini-sets, half ranges, steps that are earned, limits past failure. */
export const TECHNIQUES = {
  roundBack: {
    name: 'Reps given back inside a round',
    unit: 'reps/s',
    default: 0.2,
    reason: 'Twenty seconds between mini-sets restore about four reps.',
  },
  roundRest: {
    name: 'Longest rest inside a round',
    unit: 's',
    default: 45,
    reason: 'After longer rests a mini-set is a set of its own.',
  },
  miniCredit: {
    name: 'Further mini-sets count',
    unit: '×',
    default: 0.5,
    reason: 'The first hard mini-set is a set; each further one is half of one.',
  },
  miniReps: {
    name: 'Reps of a whole further mini-set',
    unit: 'reps',
    default: 8,
    reason: 'Equal reps, equal credit: shorter mini-sets count less.',
  },
  halfRange: {
    name: 'Half of the range',
    unit: '×',
    default: 0.5,
    reason: 'Work of a half rep, so that heavier half reps do not look like progress.',
  },
  halfCostEasy: {
    name: 'A half rep in the easier half',
    unit: '×',
    default: 0.5,
    reason: 'Where the exercise is easier, a half rep takes half of a full one: its first load is heavier.',
  },
  halfCostHard: {
    name: 'A half rep in the harder half',
    unit: '×',
    default: 0.8,
    reason:
      'Where the exercise is hardest lies most of a rep: half reps there are little easier than full ones.',
  },
  percentStep: {
    name: 'Load a week by the percent rule',
    unit: '%',
    default: 2.5,
    reason: 'A rise that most keep up for a block.',
  },
  earnedStepLeast: {
    name: 'Least load step once earned',
    unit: '%',
    default: 2.5,
    reason: 'Less is not felt.',
  },
  earnedStepMost: {
    name: 'Most load step once earned',
    unit: '%',
    default: 5,
    reason: 'More costs the reps that earned it.',
  },
  pastFailureNoviceWeeks: {
    name: 'Weeks before a novice goes past failure',
    unit: 'weeks',
    default: 8,
    reason: 'Technique first.',
  },
  pastFailureNovice: {
    name: 'Past-failure slots a session, novice',
    unit: 'slots',
    default: 1,
    reason: 'After the first weeks.',
  },
  pastFailureIntermediate: {
    name: 'Past-failure slots a session, intermediate',
    unit: 'slots',
    default: 2,
    reason: 'More costs recovery out of proportion.',
  },
  pastFailureAdvanced: {
    name: 'Past-failure slots a session, advanced',
    unit: 'slots',
    default: 3,
    reason: 'Trained lifters judge and bear it better.',
  },
  lowSetPlan: {
    name: 'Sets an exercise in a low-set plan',
    unit: 'sets',
    default: 2,
    reason: 'With so few sets more of them may go past failure.',
  },
  groupChange: {
    name: 'Change between members of a group',
    unit: 's',
    default: 15,
    reason: 'Walking to the next exercise of a superset, giant set or circuit.',
  },
} as const satisfies Record<string, Convention>;
