import type { Convention } from './convention';

/** What sets say about strength, and how effort is reported. */
export const EFFORT = {
  strengthReps: {
    name: 'Most reps for a strength estimate',
    unit: 'reps',
    default: 15,
    reason: 'Beyond this many reps to failure an estimate says little about the one-rep max.',
  },
  holdShare: {
    name: 'One rep of a hold',
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
    reason: 'Sets of one length do not show a slope.',
  },
  biasPairs: {
    name: 'Pairs of sessions for RIR accuracy',
    unit: 'pairs',
    default: 4,
    reason: 'Fewer may be chance.',
  },
  biasSteady: {
    name: 'Agreement needed for RIR accuracy',
    unit: '%',
    default: 70,
    reason: 'This share of the pairs must point the same way.',
  },
  biasLeast: {
    name: 'Smallest RIR error reported',
    unit: 'reps',
    default: 1,
    reason: 'Less looks like a good or a bad day.',
  },
  oldBestWeeks: {
    name: 'Age of an old best set',
    unit: 'weeks',
    default: 8,
    reason: 'Strength measured this long ago is uncertain.',
  },
  oldBestShare: {
    name: 'Discount on an old best set',
    unit: '%',
    default: 5,
    reason: 'A careful start; the first log corrects it.',
  },
} as const satisfies Record<string, Convention>;
