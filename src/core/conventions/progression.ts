import type { Convention } from './convention';

/** Loads from week to week, and their projection. */
export const PROGRESSION = {
  fitTolerance: {
    name: 'Fit tolerance',
    unit: 'RIR',
    default: 0.5,
    reason: 'Nobody can tell effort apart more finely than this.',
  },
  largestStep: {
    name: 'Largest load step',
    unit: '%',
    default: 10,
    reason: 'Bigger jumps change the exercise.',
  },
  mostReps: {
    name: 'Most reps above a range',
    unit: 'reps',
    default: 30,
    reason: 'A set above its range is not longer than this while a heavier load is nearly possible.',
  },
  cutReps: {
    name: 'Extra reps while cutting',
    unit: 'reps',
    default: 5,
    reason: 'With less food, lighter and longer sets keep muscle and spare joints.',
  },
  cutRepsTop: {
    name: 'Most reps while cutting',
    unit: 'reps',
    default: 30,
    reason: 'In longer sets breath gives out first.',
  },
  pastTheTop: {
    name: 'Reps above the top',
    unit: '%',
    default: 50,
    reason: 'Beyond this, the heavier load is used if it misses the range by less.',
  },
  gainNovice: {
    name: 'Projected gain, novice',
    unit: '%/week',
    default: 1,
    reason: 'A typical value; replaced by what is logged.',
  },
  gainIntermediate: {
    name: 'Projected gain, intermediate',
    unit: '%/week',
    default: 0.5,
    reason: 'A typical value; replaced by what is logged.',
  },
  gainAdvanced: {
    name: 'Projected gain, advanced',
    unit: '%/week',
    default: 0.25,
    reason: 'A typical value; replaced by what is logged.',
  },
  gainCutting: {
    name: 'Projected gain while cutting',
    unit: '×',
    default: 0.5,
    reason: 'A deficit halves progress.',
  },
} as const satisfies Record<string, Convention>;
