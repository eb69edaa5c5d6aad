import type { Convention } from './convention';

/** Frequency, gaps, doses and balance in a week. */
export const SCHEDULE = {
  growingFrequencyNote: {
    name: 'Low frequency',
    unit: '×/week',
    default: 2,
    reason: 'Growing muscles do best with two sessions a week or more.',
  },
  growingFrequencyWarn: {
    name: 'Very low frequency',
    unit: '×/week',
    default: 1.5,
    reason: 'Below this, growth is clearly slower.',
  },
  highFrequencyNote: {
    name: 'High frequency',
    unit: '×/week',
    default: 4,
    reason: 'More sessions rarely add anything.',
  },
  gapHours: {
    name: 'Recovery gap',
    unit: 'h',
    default: 48,
    reason: 'For large muscles that were trained hard.',
  },
  gapHoursSmall: {
    name: 'Recovery gap, small muscles',
    unit: 'h',
    default: 36,
    reason: 'Delts, arms, forearms, calves, abs, traps.',
  },
  gapHoursLight: {
    name: 'Recovery gap after 1-2 sets',
    unit: 'h',
    default: 24,
    reason: 'Small doses recover overnight.',
  },
  noviceDaysOff: {
    name: 'Days off for a novice',
    unit: 'days/week',
    default: 2,
    reason: 'Everything is new to a novice, and recovery is part of training.',
  },
  neverHardRir: {
    name: 'Never hard',
    unit: 'RIR',
    default: 4,
    reason: 'A block that never gets closer to failure than this gives little reason to grow.',
  },
  heldShare: {
    name: 'Well above maintenance',
    unit: '%',
    default: 50,
    reason: 'Sets this far above maintenance could go to other muscles.',
  },
  heldSets: {
    name: 'Well above maintenance, at least',
    unit: 'sets',
    default: 2,
    reason: 'Less is not worth a change.',
  },
  halfRepSlots: {
    name: 'Half-rep exercises',
    unit: 'a session',
    default: 2,
    reason: 'More stretched half reps for one muscle in a session cost more than they give.',
  },
  jointReps: {
    name: 'Reps that ease a joint',
    unit: 'reps',
    default: 15,
    reason: 'Sets this long are light enough that a joint often tolerates them.',
  },
  sessionCap: {
    name: 'Most sets of a muscle per session',
    unit: 'sets',
    default: 8,
    reason: 'Many coaches expect further sets to add more fatigue than growth.',
  },
  sessionHeavyCap: {
    name: 'Most heavy sets of a muscle per session',
    unit: 'sets',
    default: 4,
    reason: 'Further sets of six reps or fewer stress joints more than they help.',
  },
  balanceLeast: {
    name: 'Smallest ratio of opposing sides',
    unit: '×',
    default: 0.67,
    reason: 'Less than two to three on one side can show in posture and joints.',
  },
  balanceMost: {
    name: 'Largest ratio of opposing sides',
    unit: '×',
    default: 1.5,
    reason: 'More than three to two on one side can show in posture and joints.',
  },
  strengthZone: {
    name: 'Strength zone, up to',
    unit: 'reps',
    default: 5,
    reason: 'Sets of five reps or fewer mainly train strength.',
  },
  sizeZone: {
    name: 'Size zone, up to',
    unit: 'reps',
    default: 20,
    reason: 'Up to this many reps mainly train size; an older school says twelve, a narrower one eight.',
  },
  noviceCompounds: {
    name: 'Compound share, novice',
    unit: '%',
    default: 60,
    reason: 'Novices grow most from exercises that train many muscles at once.',
  },
  seriousSessions: {
    name: 'Sessions in a gaining or cutting phase',
    unit: '×/week',
    default: 4,
    reason: 'Serious gaining or cutting needs the work spread out.',
  },
  seriousSessionsNovice: {
    name: 'Sessions in a gaining or cutting phase, novice',
    unit: '×/week',
    default: 3,
    reason: 'A novice grows on less work, which fits three sessions.',
  },
} as const satisfies Record<string, Convention>;
