import type { Convention } from './convention';

/** Sets by response, recover weeks and deloads. */
export const RECOVERY = {
  buildingWeeks: {
    name: 'Most building weeks before a deload',
    unit: 'weeks',
    default: 8,
    reason: 'Intermediate athletes gather more fatigue than they notice.',
  },
  weekAddition: {
    name: 'Most sets added to a muscle in a week',
    unit: 'sets',
    default: 2,
    reason: 'Larger jumps cannot be told from soreness.',
  },
  weekAdditionCutting: {
    name: 'Most sets added while cutting',
    unit: 'sets',
    default: 1,
    reason: 'Recovery is short in a deficit.',
  },
  weekGrowth: {
    name: 'Growth of the whole week',
    unit: '%',
    default: 10,
    reason: 'The body recovers as one.',
  },
  weekGrowthAlways: {
    name: 'Sets a week may always grow by',
    unit: 'sets',
    default: 4,
    reason: 'Ten per cent of a short week is nothing.',
  },
  behindScore: {
    name: 'Behind',
    unit: 'reps',
    default: -2,
    reason: 'Mean of reps and RIR against target, below this.',
  },
  strainedScore: {
    name: 'Strained',
    unit: 'reps',
    default: -1,
    reason: 'Mean of reps and RIR against target, below this.',
  },
  aheadScore: {
    name: 'Ahead',
    unit: 'reps',
    default: 1,
    reason: 'Mean of reps and RIR against target, above this.',
  },
  recoverSets: {
    name: 'Sets in a recover week',
    unit: '×',
    default: 0.5,
    reason: 'Half the work lets the muscle catch up.',
  },
  recoverLoad: {
    name: 'Load in a recover week',
    unit: '×',
    default: 0.9,
    reason: 'Lighter, and further from failure.',
  },
  easyRir: {
    name: 'RIR of easy weeks',
    unit: 'RIR',
    default: 4,
    reason: 'Deload and recover weeks stay this far from failure.',
  },
  signsPropose: {
    name: 'Signs that propose a deload',
    unit: 'points',
    default: 6,
    reason: 'Of fourteen; several clear signs at once.',
  },
  signsUrge: {
    name: 'Signs that urge a deload',
    unit: 'points',
    default: 9,
    reason: 'Most signs are clear.',
  },
  signsHoldBack: {
    name: 'Signs that hold techniques back',
    unit: 'points',
    default: 4,
    reason: 'Of fourteen; past failure only when sleep and food are in order.',
  },
  signsLow: {
    name: 'Few signs',
    unit: 'points',
    default: 3,
    reason: 'With these few, someone eager to train needs no deload now.',
  },
  returnSets: {
    name: 'Sets after time away',
    unit: '×',
    default: 0.5,
    reason: 'Half of what was usual is plenty after weeks without.',
  },
  returnRir: {
    name: 'Reserve after time away',
    unit: 'RIR',
    default: 4,
    reason: 'Soreness comes quickly; nothing is gained by failure now.',
  },
  returnLoad: {
    name: 'Loads after time away',
    unit: '%',
    default: 85,
    reason: 'Strength is nearly there, tendons and skill come back over the weeks.',
  },
  deloadSets: {
    name: 'Sets in a deload',
    unit: '×',
    default: 0.4,
    reason: 'Keeps the habit and the load, drops the fatigue.',
  },
} as const satisfies Record<string, Convention>;
