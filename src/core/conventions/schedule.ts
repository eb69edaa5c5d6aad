import type { Convention } from './convention';

/** Frequency, gaps, doses and balance of a week. */
export const SCHEDULE = {
  growingFrequencyNote: {
    name: 'Low frequency',
    unit: '×/week',
    default: 2,
    reason: 'Growing muscles do best at two exposures or more.',
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
    reason: 'More exposures rarely add anything.',
  },
  gapHours: { name: 'Recovery gap', unit: 'h', default: 48, reason: 'Large muscles, trained hard.' },
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
    reason: 'Everything is new to a novice, and recovery is part of it.',
  },
  neverHardRir: {
    name: 'Never hard',
    unit: 'RIR',
    default: 4,
    reason: 'A block that never comes nearer to failure than this hardly asks for growth.',
  },
  heldShare: {
    name: 'Far above hold',
    unit: '%',
    default: 50,
    reason: 'A held muscle with more than this above its hold takes what others could use.',
  },
  heldSets: {
    name: 'Far above hold, at least',
    unit: 'sets',
    default: 2,
    reason: 'Less than this is not worth a change.',
  },
  halfRepSlots: {
    name: 'Slots of half reps',
    unit: 'a session',
    default: 2,
    reason: 'More long-half work than this for one muscle in a session costs more than it gives.',
  },
  jointReps: {
    name: 'Reps that ease a joint',
    unit: 'reps',
    default: 15,
    reason: 'Sets of at least so many are light enough that a joint often bears them.',
  },
  sessionCap: {
    name: 'Most sets of a muscle in a session',
    unit: 'sets',
    default: 8,
    reason: 'Further sets in one session add fatigue, not growth.',
  },
  sessionHeavyCap: {
    name: 'Most heavy sets of a muscle in a session',
    unit: 'sets',
    default: 4,
    reason: 'Further sets at six reps or fewer tax joints more than they add.',
  },
  balanceLeast: {
    name: 'Least ratio of opposing sides',
    unit: '×',
    default: 0.67,
    reason: 'Less than two to three on one side shows in posture and joints.',
  },
  balanceMost: {
    name: 'Most ratio of opposing sides',
    unit: '×',
    default: 1.5,
    reason: 'More than three to two on one side shows in posture and joints.',
  },
  strengthZone: {
    name: 'Most reps of the strength zone',
    unit: 'reps',
    default: 5,
    reason: 'Sets of five or fewer train strength first.',
  },
  sizeZone: {
    name: 'Most reps of the size zone',
    unit: 'reps',
    default: 12,
    reason: 'Up to twelve trains size first; a narrower school draws the zone from six to ten.',
  },
  noviceCompounds: {
    name: 'Compounds of a novice',
    unit: '%',
    default: 60,
    reason: 'Novices grow most from what trains many muscles at once.',
  },
  seriousSessions: {
    name: 'Sessions of a serious phase',
    unit: '×/week',
    default: 4,
    reason: 'Serious gaining or cutting needs the work spread out.',
  },
} as const satisfies Record<string, Convention>;
