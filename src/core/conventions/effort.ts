import type { Convention } from './convention';

/** What sets say of strength, and how effort is reported. */
export const EFFORT = {
  strengthReps: {
    name: 'Reps that show strength',
    unit: 'reps',
    default: 15,
    reason: 'From more reps to failure an estimate says little about the one-rep max.',
  },
  holdShare: {
    name: 'A rep of a hold',
    unit: '%',
    default: 10,
    reason: 'A tenth of the seconds held counts as one rep in reserve.',
  },
  personalSets: {
    name: 'Sets for a personal curve',
    unit: 'sets',
    default: 6,
    reason: 'Fewer cannot tell a slope from chance.',
  },
  personalReps: {
    name: 'Different rep counts for a personal curve',
    unit: 'counts',
    default: 3,
    reason: 'Sets of one length cannot show a slope.',
  },
  biasPairs: {
    name: 'Pairs for an RIR bias',
    unit: 'pairs',
    default: 4,
    reason: 'Fewer are chance.',
  },
  biasSteady: {
    name: 'Steady RIR bias',
    unit: '%',
    default: 70,
    reason: 'So many of the pairs must point the same way.',
  },
  biasLeast: {
    name: 'Least RIR bias',
    unit: 'reps',
    default: 1,
    reason: 'Less cannot be told from a good or bad day.',
  },
  oldBestWeeks: {
    name: 'Old best set',
    unit: 'weeks',
    default: 8,
    reason: 'Strength of so long ago is no longer sure.',
  },
  oldBestShare: {
    name: 'Old best set counts less',
    unit: '%',
    default: 5,
    reason: 'A careful start after a while; the first log corrects it.',
  },
} as const satisfies Record<string, Convention>;
