import type { Convention } from './convention';

/** Counting, landmarks, budget and what is learned of an athlete. */
export const VOLUME = {
  hardSetRir: {
    name: 'Hard-set threshold',
    unit: 'RIR',
    default: 4,
    reason: 'A working set further from failure than this adds little growth.',
  },
  effectiveReps: {
    name: 'Reps that count near failure',
    unit: 'reps',
    default: 5,
    reason: 'The last five reps before failure drive growth; a set short of them counts in part.',
  },
  exposureCredit: {
    name: 'Exposure',
    unit: 'sets',
    default: 0.5,
    reason: 'Less than this in a session is not felt as training the muscle.',
  },
  trainedHardCredit: {
    name: 'Trained hard',
    unit: 'sets',
    default: 2,
    reason: 'From two sets on, a muscle needs its full recovery gap.',
  },
  driftSeconds: {
    name: 'Rest that costs a rep',
    unit: 's',
    default: 150,
    reason: 'At a fixed load, resting 150 s costs about one rep a set.',
  },
  driftLeast: {
    name: 'Least drift',
    unit: 'reps',
    default: 0.5,
    reason: 'Even long rests do not restore a set fully.',
  },
  driftSlope: {
    name: 'Rest that costs a rep more',
    unit: 's',
    default: 180,
    reason: 'So many seconds less of rest cost a further rep a set; 60 s cost one and a half.',
  },
  noviceLandmarks: {
    name: 'Novice floor and ceiling',
    unit: '×',
    default: 0.7,
    reason: 'Novices grow from less and tolerate less.',
  },
  advancedLandmarks: {
    name: 'Advanced floor and ceiling',
    unit: '×',
    default: 1.15,
    reason: 'Trained muscle needs more to grow and recovers from more.',
  },
  gainingFloor: {
    name: 'Floor while gaining',
    unit: '×',
    default: 0.8,
    reason: 'A surplus lets fewer sets grow.',
  },
  gainingCeiling: {
    name: 'Ceiling while gaining',
    unit: '×',
    default: 1.125,
    reason: 'A surplus speeds recovery.',
  },
  cuttingFloor: {
    name: 'Floor while cutting',
    unit: '×',
    default: 1.25,
    reason: 'A deficit asks for more to keep muscle.',
  },
  cuttingCeiling: {
    name: 'Ceiling while cutting',
    unit: '×',
    default: 0.875,
    reason: 'A deficit slows recovery.',
  },
  budgetNovice: {
    name: 'Whole-body budget, novice',
    unit: 'sets/week',
    default: 60,
    reason: 'All hard sets of a week, each once.',
  },
  budgetIntermediate: {
    name: 'Whole-body budget, intermediate',
    unit: 'sets/week',
    default: 90,
    reason: 'All hard sets of a week, each once.',
  },
  budgetAdvanced: {
    name: 'Whole-body budget, advanced',
    unit: 'sets/week',
    default: 120,
    reason: 'All hard sets of a week, each once.',
  },
  budgetGaining: {
    name: 'Budget while gaining',
    unit: '×',
    default: 1.1,
    reason: 'A surplus speeds recovery.',
  },
  budgetCutting: {
    name: 'Budget while cutting',
    unit: '×',
    default: 0.85,
    reason: 'A deficit slows recovery.',
  },
  budgetPerSport: {
    name: 'Budget per hard sport session',
    unit: 'sets',
    default: 4,
    reason: 'Other hard work draws on the same recovery.',
  },
  doseHold: {
    name: 'Fixed dose, hold',
    unit: 'direct sets/week',
    default: 3,
    reason: 'About three direct sets near failure maintain a muscle.',
  },
  doseFloor: {
    name: 'Fixed dose, grow',
    unit: 'direct sets/week',
    default: 7,
    reason: 'About seven direct sets near failure grow it.',
  },
  doseCeiling: {
    name: 'Fixed dose, most',
    unit: 'direct sets/week',
    default: 12,
    reason: 'Ten to twelve grow it as fast as it will.',
  },
  learnShare: {
    name: 'Learning from a block',
    unit: '×',
    default: 1 / 3,
    reason: 'One block is one observation: a landmark moves a third of the way.',
  },
} as const satisfies Record<string, Convention>;
