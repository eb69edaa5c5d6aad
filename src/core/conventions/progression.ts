import type { Convention } from './convention';

/** Loads from week to week and their projection. */
export const PROGRESSION = {
  fitTolerance: {
    name: 'Fit tolerance',
    unit: 'RIR',
    default: 0.5,
    reason: 'Nearer than this, effort cannot be told apart.',
  },
  largestStep: {
    name: 'Largest load step',
    unit: '%',
    default: 10,
    reason: 'Bigger jumps change the exercise.',
  },
  mostReps: {
    name: 'Most reps past a range',
    unit: 'reps',
    default: 30,
    reason:
      'A set that passes its range is not asked for more than this while a heavier load is half-way possible.',
  },
  cutReps: {
    name: 'Reps more while cutting',
    unit: 'reps',
    default: 5,
    reason: 'With less food lighter, longer sets keep muscle and spare joints.',
  },
  cutRepsTop: {
    name: 'Most reps while cutting',
    unit: 'reps',
    default: 30,
    reason: 'Longer sets than this end for want of breath.',
  },
  pastTheTop: {
    name: 'Reps past the top',
    unit: '%',
    default: 50,
    reason: 'Further past the range than this, the next load is taken where it misses the range by less.',
  },
  gainNovice: {
    name: 'Projected gain, novice',
    unit: '%/week',
    default: 1,
    reason: 'Typical estimate; replaced by what is logged.',
  },
  gainIntermediate: {
    name: 'Projected gain, intermediate',
    unit: '%/week',
    default: 0.5,
    reason: 'Typical estimate; replaced by what is logged.',
  },
  gainAdvanced: {
    name: 'Projected gain, advanced',
    unit: '%/week',
    default: 0.25,
    reason: 'Typical estimate; replaced by what is logged.',
  },
  gainCutting: {
    name: 'Projected gain while cutting',
    unit: '×',
    default: 0.5,
    reason: 'A deficit halves progress.',
  },
} as const satisfies Record<string, Convention>;
