import type { LaidSplit } from '../template';
import { wish } from '../wishes';

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
          wish('squat', 3, 6, 10),
          wish('chestPress', 3, 6, 10),
          wish('row', 3, 8, 12),
          wish('legCurl', 2, 10, 15),
          wish('sideRaise', 2, 12, 20),
          wish('abs', 2, 10, 15),
        ],
      },
      {
        name: 'Full body B',
        day: 2,
        slots: [
          wish('hinge', 3, 6, 10),
          wish('overhead', 3, 8, 12),
          wish('pulldown', 3, 8, 12),
          wish('lunge', 2, 10, 15),
          wish('triceps', 2, 10, 15),
          wish('calves', 2, 10, 15),
        ],
      },
      {
        name: 'Full body C',
        day: 4,
        slots: [
          wish('press', 3, 10, 15),
          wish('inclinePress', 3, 8, 12),
          wish('row', 2, 10, 15),
          wish('legCurl', 2, 10, 15),
          wish('curl', 2, 10, 15),
          wish('calves', 2, 12, 20),
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
          wish('chestPress', 3, 6, 10),
          wish('row', 3, 8, 12),
          wish('overhead', 3, 8, 12),
          wish('pulldown', 3, 8, 12),
          wish('sideRaise', 3, 12, 20),
          wish('triceps', 3, 10, 15),
          wish('curl', 3, 10, 15),
        ],
      },
      {
        name: 'Lower, squat first',
        day: 1,
        slots: [
          wish('squat', 4, 6, 10),
          wish('legCurl', 4, 8, 12),
          wish('lunge', 3, 10, 15),
          wish('calves', 4, 10, 15),
          wish('abs', 3, 10, 15),
        ],
      },
      {
        name: 'Upper, pull first',
        day: 3,
        slots: [
          wish('pulldown', 3, 6, 10),
          wish('inclinePress', 3, 8, 12),
          wish('row', 3, 8, 12),
          wish('fly', 3, 10, 15),
          wish('rearDelt', 4, 12, 20),
          wish('pushdown', 3, 10, 15),
          wish('otherCurl', 3, 8, 12),
        ],
      },
      {
        name: 'Lower, hinge first',
        day: 4,
        slots: [
          wish('hinge', 4, 6, 10),
          wish('press', 4, 10, 15),
          wish('abductors', 3, 12, 20),
          wish('legCurl', 3, 10, 15),
          wish('calves', 4, 12, 20),
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
          wish('squat', 4, 6, 10),
          wish('chestPress', 4, 6, 10),
          wish('overhead', 3, 8, 12),
          wish('sideRaise', 3, 12, 20),
          wish('triceps', 3, 10, 15),
          wish('calves', 3, 10, 15),
        ],
      },
      {
        name: 'Pull, hamstrings',
        day: 5,
        slots: [
          wish('pulldown', 4, 6, 10),
          wish('row', 3, 8, 12),
          wish('legCurl', 4, 8, 12),
          wish('rearDelt', 3, 12, 20),
          wish('curl', 3, 8, 12),
          wish('abs', 3, 10, 15),
        ],
      },
      {
        name: 'Push, lighter',
        day: 4,
        slots: [
          wish('inclinePress', 4, 8, 12),
          wish('lunge', 3, 10, 15),
          wish('fly', 3, 10, 15),
          wish('sideRaise', 3, 12, 20),
          wish('pushdown', 3, 10, 15),
          wish('calves', 3, 12, 20),
        ],
      },
      {
        name: 'Pull, hinge',
        day: 2,
        slots: [
          wish('hinge', 3, 6, 10),
          wish('row', 4, 8, 12),
          wish('pulldown', 3, 10, 15),
          wish('rearDelt', 3, 12, 20),
          wish('otherCurl', 3, 8, 12),
        ],
      },
    ],
  },
];
