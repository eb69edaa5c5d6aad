import type { Convention } from './convention';

/** Counting sets, volume ranges, budget, and learning about an athlete. */
export const VOLUME = {
  hardSetRir: {
    name: 'Hard-set threshold',
    unit: 'RIR',
    default: 4,
    reason: 'Sets further from failure than this add little growth.',
  },
  effectiveReps: {
    name: 'Reps that count near failure',
    unit: 'reps',
    default: 5,
    reason: 'The last five reps before failure drive growth; a set that stops short counts in part.',
  },
  exposureCredit: {
    name: 'Sets that count as training a muscle',
    unit: 'sets',
    default: 0.5,
    reason: 'Less than this in a session is barely training for the muscle.',
  },
  trainedHardCredit: {
    name: 'Sets that count as hard training',
    unit: 'sets',
    default: 2,
    reason: 'From two sets on, a muscle needs its full recovery gap.',
  },
  driftSeconds: {
    name: 'Rest at which a set loses one rep',
    unit: 's',
    default: 150,
    reason: 'At the same load, 150 s of rest cost about one rep per set.',
  },
  driftLeast: {
    name: 'Smallest drop-off',
    unit: 'reps',
    default: 0.5,
    reason: 'Even long rests do not restore a set fully.',
  },
  driftSlope: {
    name: 'Rest that changes drop-off by one rep',
    unit: 's',
    default: 180,
    reason: 'This much less rest costs one more rep per set; 60 s of rest cost one and a half.',
  },
  noviceLandmarks: {
    name: 'Minimum and maximum, novice',
    unit: '×',
    default: 0.7,
    reason: 'Novices grow from less and tolerate less.',
  },
  advancedLandmarks: {
    name: 'Minimum and maximum, advanced',
    unit: '×',
    default: 1.15,
    reason: 'Trained muscle needs more to grow and recovers from more.',
  },
  gainingFloor: {
    name: 'Minimum while gaining',
    unit: '×',
    default: 0.8,
    reason: 'In a surplus fewer sets are enough.',
  },
  gainingCeiling: {
    name: 'Maximum while gaining',
    unit: '×',
    default: 1.125,
    reason: 'A surplus speeds up recovery.',
  },
  cuttingFloor: {
    name: 'Minimum while cutting',
    unit: '×',
    default: 1.25,
    reason: 'In a deficit it takes more to keep muscle.',
  },
  cuttingCeiling: {
    name: 'Maximum while cutting',
    unit: '×',
    default: 0.875,
    reason: 'A deficit slows recovery.',
  },
  budgetNovice: {
    name: 'Weekly budget, novice',
    unit: 'sets/week',
    default: 60,
    reason: 'All hard sets of a week, each counted once.',
  },
  budgetIntermediate: {
    name: 'Weekly budget, intermediate',
    unit: 'sets/week',
    default: 90,
    reason: 'All hard sets of a week, each counted once.',
  },
  budgetAdvanced: {
    name: 'Weekly budget, advanced',
    unit: 'sets/week',
    default: 120,
    reason: 'All hard sets of a week, each counted once.',
  },
  budgetGaining: {
    name: 'Weekly budget while gaining',
    unit: '×',
    default: 1.1,
    reason: 'A surplus speeds up recovery.',
  },
  budgetCutting: {
    name: 'Weekly budget while cutting',
    unit: '×',
    default: 0.85,
    reason: 'A deficit slows recovery.',
  },
  budgetPerSport: {
    name: 'Budget used by a hard sport session',
    unit: 'sets',
    default: 4,
    reason: 'Other hard work needs the same recovery.',
  },
  doseHold: {
    name: 'Fixed dose, maintain',
    unit: 'direct sets/week',
    default: 3,
    reason: 'About three direct sets near failure maintain a muscle.',
  },
  doseFloor: {
    name: 'Fixed dose, grow',
    unit: 'direct sets/week',
    default: 7,
    reason: 'About seven direct sets near failure make it grow.',
  },
  doseCeiling: {
    name: 'Fixed dose, maximum',
    unit: 'direct sets/week',
    default: 12,
    reason: 'Ten to twelve make it grow as fast as it will.',
  },
  learnShare: {
    name: 'Learning from a block',
    unit: '×',
    default: 1 / 3,
    reason: 'One block is one observation, so a number moves a third of the way.',
  },
} as const satisfies Record<string, Convention>;
