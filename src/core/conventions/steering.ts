import type { Convention } from './convention';

/** When a running block asks for its coach. */
export const STEERING = {
  quietDays: {
    name: 'Days without a log',
    unit: 'days',
    default: 5,
    reason: 'Longer than the longest gap of a usual week: somebody may be ill, away or discouraged.',
  },
  issueAhead: {
    name: 'Next week called for before this one ends',
    unit: 'days',
    default: 1,
    reason: 'Late enough to know how the week went, early enough to be there on Monday.',
  },
  blockEndsAhead: {
    name: 'Next block called for before this one ends',
    unit: 'days',
    default: 7,
    reason: 'A block takes some thought; the deload is the time for it.',
  },
  stallWeeks: {
    name: 'Weeks before a lift has stalled',
    unit: 'weeks',
    default: 4,
    reason: 'Fewer are too few to judge a lift or a split.',
  },
  stallGain: {
    name: 'Gain from which a lift goes on',
    unit: '%',
    default: 0.5,
    reason: 'Less than a day’s ups and downs are no gain.',
  },
  stallSets: {
    name: 'Sets done before a lift has stalled',
    unit: '%',
    default: 80,
    reason: 'Work that was not done says nothing of the lift.',
  },
  missedOf: {
    name: 'Weeks that a day is watched over',
    unit: 'weeks',
    default: 4,
    reason: 'A month of Tuesdays.',
  },
  missedTimes: {
    name: 'Times a day is missed before the split is doubted',
    unit: 'times',
    default: 3,
    reason: 'Twice is chance; three of four is how somebody lives.',
  },
  poorDays: {
    name: 'Sessions begun poorly in a row',
    unit: 'sessions',
    default: 3,
    reason: 'One bad night is a bad night.',
  },
  tiredTimes: {
    name: 'Check-ins with many signs in a row',
    unit: 'check-ins',
    default: 3,
    reason: 'Three tired weeks are not a bad night: the plan costs more than it pays.',
  },
  painWindow: {
    name: 'Days over which pain in a joint adds up',
    unit: 'days',
    default: 21,
    reason: 'What comes back within three weeks has a cause in the plan.',
  },
} as const satisfies Record<string, Convention>;
