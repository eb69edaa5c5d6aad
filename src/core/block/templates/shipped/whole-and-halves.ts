import type { LaidSplit } from '../template';
import { preferredSlot } from '../wishes';

/** Full-body splits, and upper/lower splits. */
export const WHOLE_AND_HALVES: readonly LaidSplit[] = [
  {
    id: 'full-body-3',
    name: 'Full body, three days',
    shape: 'full body',
    cycleDays: 7,
    suits: 'For beginners too: few days a week, every muscle three times.',
    badly: 'Sessions get long as volume rises; small muscles come last.',
    sessions: [
      {
        name: 'Full body A',
        day: 0,
        slots: [
          preferredSlot('squat', 3, 6, 10),
          preferredSlot('chestPress', 3, 6, 10),
          preferredSlot('row', 3, 8, 12),
          preferredSlot('legCurl', 2, 10, 15),
          preferredSlot('sideRaise', 2, 12, 20),
          preferredSlot('abs', 2, 10, 15),
        ],
      },
      {
        name: 'Full body B',
        day: 2,
        slots: [
          preferredSlot('hinge', 3, 6, 10),
          preferredSlot('overhead', 3, 8, 12),
          preferredSlot('pulldown', 3, 8, 12),
          preferredSlot('lunge', 2, 10, 15),
          preferredSlot('triceps', 2, 10, 15),
          preferredSlot('calves', 2, 10, 15),
        ],
      },
      {
        name: 'Full body C',
        day: 4,
        slots: [
          preferredSlot('press', 3, 10, 15),
          preferredSlot('inclinePress', 3, 8, 12),
          preferredSlot('row', 2, 10, 15),
          preferredSlot('legCurl', 2, 10, 15),
          preferredSlot('curl', 2, 10, 15),
          preferredSlot('calves', 2, 12, 20),
        ],
      },
    ],
  },
  {
    id: 'upper-lower-4',
    name: 'Upper and lower, four days',
    shape: 'upper/lower',
    cycleDays: 7,
    suits: 'For beginners too: four days a week, every muscle twice, with room for more sets.',
    badly: 'Upper-body days train many muscles, so arms come last.',
    sessions: [
      {
        name: 'Upper, press first',
        day: 0,
        slots: [
          preferredSlot('chestPress', 3, 6, 10),
          preferredSlot('row', 3, 8, 12),
          preferredSlot('overhead', 3, 8, 12),
          preferredSlot('pulldown', 3, 8, 12),
          preferredSlot('sideRaise', 3, 12, 20),
          preferredSlot('triceps', 3, 10, 15),
          preferredSlot('curl', 3, 10, 15),
        ],
      },
      {
        name: 'Lower, squat first',
        day: 1,
        slots: [
          preferredSlot('squat', 4, 6, 10),
          preferredSlot('legCurl', 4, 8, 12),
          preferredSlot('lunge', 3, 10, 15),
          preferredSlot('calves', 4, 10, 15),
          preferredSlot('abs', 3, 10, 15),
        ],
      },
      {
        name: 'Upper, pull first',
        day: 3,
        slots: [
          preferredSlot('pulldown', 3, 6, 10),
          preferredSlot('inclinePress', 3, 8, 12),
          preferredSlot('row', 3, 8, 12),
          preferredSlot('fly', 3, 10, 15),
          preferredSlot('rearDelt', 4, 12, 20),
          preferredSlot('pushdown', 3, 10, 15),
          preferredSlot('otherCurl', 3, 8, 12),
        ],
      },
      {
        name: 'Lower, hinge first',
        day: 4,
        slots: [
          preferredSlot('hinge', 4, 6, 10),
          preferredSlot('press', 4, 10, 15),
          preferredSlot('abductors', 3, 12, 20),
          preferredSlot('legCurl', 3, 10, 15),
          preferredSlot('calves', 4, 12, 20),
        ],
      },
    ],
  },
  {
    id: 'push-pull-4',
    name: 'Push and pull, legs shared out',
    shape: 'push/pull',
    cycleDays: 7,
    suits: 'After about half a year of training: four days, legs trained often with few sets.',
    badly: 'Squats share a day with presses, hinges with rows: no day is easy on the back.',
    sessions: [
      {
        name: 'Push, quads',
        day: 0,
        slots: [
          preferredSlot('squat', 4, 6, 10),
          preferredSlot('chestPress', 4, 6, 10),
          preferredSlot('overhead', 3, 8, 12),
          preferredSlot('sideRaise', 3, 12, 20),
          preferredSlot('triceps', 3, 10, 15),
          preferredSlot('calves', 3, 10, 15),
        ],
      },
      {
        name: 'Pull, hamstrings',
        day: 5,
        slots: [
          preferredSlot('pulldown', 4, 6, 10),
          preferredSlot('row', 3, 8, 12),
          preferredSlot('legCurl', 4, 8, 12),
          preferredSlot('rearDelt', 3, 12, 20),
          preferredSlot('curl', 3, 8, 12),
          preferredSlot('abs', 3, 10, 15),
        ],
      },
      {
        name: 'Push, lighter',
        day: 4,
        slots: [
          preferredSlot('inclinePress', 4, 8, 12),
          preferredSlot('lunge', 3, 10, 15),
          preferredSlot('fly', 3, 10, 15),
          preferredSlot('sideRaise', 3, 12, 20),
          preferredSlot('pushdown', 3, 10, 15),
          preferredSlot('calves', 3, 12, 20),
        ],
      },
      {
        name: 'Pull, hinge',
        day: 2,
        slots: [
          preferredSlot('hinge', 3, 6, 10),
          preferredSlot('row', 4, 8, 12),
          preferredSlot('pulldown', 3, 10, 15),
          preferredSlot('rearDelt', 3, 12, 20),
          preferredSlot('otherCurl', 3, 8, 12),
        ],
      },
    ],
  },
];
