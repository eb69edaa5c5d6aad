import type { Convention } from './convention';

/** Response sets, recovery weeks and deloads. */
export const RECOVERY = {
  buildingWeeks: {
    name: 'Most weeks before a deload',
    unit: 'weeks',
    default: 8,
    reason: 'Intermediate athletes build up more fatigue than they notice.',
  },
  weekAddition: {
    name: 'Most sets added per muscle and week',
    unit: 'sets',
    default: 2,
    reason: 'After larger jumps nobody can tell progress from soreness.',
  },
  weekAdditionCutting: {
    name: 'Most sets added per week while cutting',
    unit: 'sets',
    default: 1,
    reason: 'Recovery is limited in a deficit.',
  },
  weekGrowth: {
    name: 'Growth of the whole week',
    unit: '%',
    default: 10,
    reason: 'The body recovers as a whole.',
  },
  weekGrowthAlways: {
    name: 'Sets a week can always grow by',
    unit: 'sets',
    default: 4,
    reason: 'Ten percent of a short week is nothing.',
  },
  behindScore: {
    name: 'Below target',
    unit: 'reps',
    default: -2,
    reason: 'Average of reps and RIR against target, below this.',
  },
  strainedScore: {
    name: 'Harder than planned',
    unit: 'reps',
    default: -0.5,
    reason: 'Average of reps alone against target, below this.',
  },
  aheadScore: {
    name: 'Above target',
    unit: 'reps',
    default: 1,
    reason: 'Average of reps and RIR against target, above this.',
  },
  recoverSets: {
    name: 'Sets in a recovery week',
    unit: '×',
    default: 0.5,
    reason: 'Half the work lets the muscle catch up.',
  },
  recoverLoad: {
    name: 'Load in a recovery week',
    unit: '×',
    default: 0.9,
    reason: 'Lighter, and further from failure.',
  },
  easyRir: {
    name: 'RIR of easy weeks',
    unit: 'RIR',
    default: 4,
    reason: 'Deload and recovery weeks stay this far from failure.',
  },
  signsPropose: {
    name: 'Fatigue score for a deload',
    unit: 'points',
    default: 6,
    reason: 'Of fourteen; several clear signs at once.',
  },
  signsUrge: {
    name: 'Fatigue score for an urgent deload',
    unit: 'points',
    default: 9,
    reason: 'Most signs are clear.',
  },
  signsHoldBack: {
    name: 'Fatigue score that limits techniques',
    unit: 'points',
    default: 4,
    reason: 'Of fourteen; go past failure only when sleep and food are in order.',
  },
  signsLow: {
    name: 'Low fatigue score',
    unit: 'points',
    default: 3,
    reason: 'With so few signs a motivated athlete needs no deload yet.',
  },
  returnSets: {
    name: 'Sets after time off',
    unit: '×',
    default: 0.5,
    reason: 'Half the usual sets are plenty after weeks off.',
  },
  returnRir: {
    name: 'RIR after time off',
    unit: 'RIR',
    default: 4,
    reason: 'Soreness comes quickly; going to failure gains nothing now.',
  },
  returnLoad: {
    name: 'Loads after time off',
    unit: '%',
    default: 85,
    reason: 'Strength comes back fast, tendons and skill within a few weeks.',
  },
  deloadSets: {
    name: 'Sets in a deload',
    unit: '×',
    default: 0.4,
    reason: 'Keeps the habit and the load, and lets fatigue drop.',
  },
} as const satisfies Record<string, Convention>;
