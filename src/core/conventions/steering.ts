import type { Convention } from './convention';

/** When a running block needs its coach. */
export const STEERING = {
  quietDays: {
    name: 'Days without a log',
    unit: 'days',
    default: 5,
    reason: 'Longer than any gap in a usual week: the athlete may be ill, away or discouraged.',
  },
  issueAhead: {
    name: 'Days before a week ends to remind of the next',
    unit: 'days',
    default: 1,
    reason: 'Late enough to know how the week went, early enough for Monday.',
  },
  blockEndsAhead: {
    name: 'Days before a block ends to remind of the next',
    unit: 'days',
    default: 7,
    reason: 'Planning a block takes time; the deload is a good moment.',
  },
  stallWeeks: {
    name: 'Weeks before a lift has stalled',
    unit: 'weeks',
    default: 4,
    reason: 'Fewer weeks are too few to judge a lift or a split.',
  },
  stallGain: {
    name: 'Gain that counts as progress',
    unit: '%',
    default: 0.5,
    reason: 'Less is within daily ups and downs.',
  },
  stallSets: {
    name: 'Sets done before a lift has stalled',
    unit: '%',
    default: 80,
    reason: 'Work that was not done says nothing about the lift.',
  },
  samePlanWeeks: {
    name: 'Weeks with the same exercises before variety is suggested',
    unit: 'weeks',
    default: 26,
    reason: 'An exercise often serves for months; after half a year another one usually gives more.',
  },
  missedOf: {
    name: 'Weeks over which missed days are counted',
    unit: 'weeks',
    default: 4,
    reason: 'Four weeks show a habit.',
  },
  missedTimes: {
    name: 'Missed days before the split is questioned',
    unit: 'times',
    default: 3,
    reason: 'Twice is chance; three of four is a habit.',
  },
  poorDays: {
    name: 'Sessions in a row with poor readiness',
    unit: 'sessions',
    default: 3,
    reason: 'One bad night is only one bad night.',
  },
  tiredTimes: {
    name: 'Check-ins in a row with high fatigue',
    unit: 'check-ins',
    default: 3,
    reason: 'Three tired weeks mean the plan costs more than it gives.',
  },
  painWindow: {
    name: 'Days over which pain in a joint adds up',
    unit: 'days',
    default: 21,
    reason: 'Pain that returns within three weeks usually has a cause in the plan.',
  },
} as const satisfies Record<string, Convention>;
