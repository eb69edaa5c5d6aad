import type { LaidSplit } from '../template';
import { wish } from '../wishes';

/** Three-way splits, and those that roll through the calendar. */
export const THIRDS: readonly LaidSplit[] = [
  {
    id: 'push-pull-legs-day',
    name: 'Push, pull and a leg day',
    shape: 'push/pull and legs',
    cycleDays: 7,
    suits:
      'After about half a year of training: five days, the upper body first, legs on one full and two partial days.',
    badly: 'Legs get one long day; those who put legs first want another split.',
    sessions: [
      {
        name: 'Push',
        day: 0,
        slots: [
          wish('chestPress', 4, 6, 10),
          wish('overhead', 3, 8, 12),
          wish('sideRaise', 3, 12, 20),
          wish('triceps', 3, 10, 15),
        ],
      },
      {
        name: 'Pull',
        day: 1,
        slots: [
          wish('row', 4, 6, 10),
          wish('pulldown', 3, 8, 12),
          wish('rearDelt', 3, 12, 20),
          wish('curl', 3, 8, 12),
        ],
      },
      {
        name: 'Legs',
        day: 2,
        slots: [
          wish('squat', 4, 6, 10),
          wish('hinge', 3, 6, 10),
          wish('legCurl', 3, 10, 15),
          wish('calves', 4, 10, 15),
        ],
      },
      {
        name: 'Push and quads',
        day: 4,
        slots: [
          wish('inclinePress', 4, 8, 12),
          wish('press', 3, 10, 15),
          wish('fly', 3, 10, 15),
          wish('sideRaise', 3, 12, 20),
          wish('pushdown', 3, 10, 15),
        ],
      },
      {
        name: 'Pull and hamstrings',
        day: 5,
        slots: [
          wish('pulldown', 4, 8, 12),
          wish('legCurl', 3, 8, 12),
          wish('row', 3, 10, 15),
          wish('rearDelt', 3, 12, 20),
          wish('otherCurl', 3, 10, 15),
          wish('abs', 3, 10, 15),
        ],
      },
    ],
  },
  {
    id: 'push-pull-legs-rolling',
    name: 'Push, pull, legs, day off',
    shape: 'push/pull/legs',
    cycleDays: 4,
    suits: 'For people with no fixed weekdays: three days on, one off, in short sessions.',
    badly: 'Sessions move through the week, and every fourth day is a rest day whether it fits or not.',
    sessions: [
      {
        name: 'Push',
        day: 0,
        slots: [
          wish('chestPress', 3, 6, 10),
          wish('overhead', 2, 8, 12),
          wish('fly', 2, 10, 15),
          wish('sideRaise', 3, 12, 20),
          wish('triceps', 3, 10, 15),
        ],
      },
      {
        name: 'Pull',
        day: 1,
        slots: [
          wish('pulldown', 3, 6, 10),
          wish('row', 3, 8, 12),
          wish('rearDelt', 3, 12, 20),
          wish('curl', 3, 8, 12),
        ],
      },
      {
        name: 'Legs',
        day: 2,
        slots: [
          wish('squat', 3, 6, 10),
          wish('hinge', 2, 6, 10),
          wish('legCurl', 2, 10, 15),
          wish('calves', 3, 10, 15),
          wish('abs', 2, 10, 15),
        ],
      },
    ],
  },
  {
    id: 'torso-limbs-rolling',
    name: 'Torso and limbs, every other day',
    shape: 'torso/limbs',
    cycleDays: 8,
    suits: 'For people who want to train arms fresh: arms share the day with legs.',
    badly:
      'Legs and arms make long days; it rolls through the calendar, since a torso day tires the arms for a day.',
    sessions: [
      {
        name: 'Torso A',
        day: 0,
        slots: [
          wish('chestPress', 4, 6, 10),
          wish('row', 4, 6, 10),
          wish('overhead', 3, 8, 12),
          wish('pulldown', 3, 8, 12),
          wish('sideRaise', 3, 12, 20),
        ],
      },
      {
        name: 'Limbs A',
        day: 2,
        slots: [
          wish('squat', 4, 6, 10),
          wish('legCurl', 3, 8, 12),
          wish('triceps', 4, 8, 12),
          wish('curl', 4, 8, 12),
          wish('calves', 3, 10, 15),
        ],
      },
      {
        name: 'Torso B',
        day: 4,
        slots: [
          wish('pulldown', 4, 6, 10),
          wish('inclinePress', 4, 8, 12),
          wish('row', 3, 10, 15),
          wish('fly', 3, 10, 15),
          wish('rearDelt', 4, 12, 20),
        ],
      },
      {
        name: 'Limbs B',
        day: 6,
        slots: [
          wish('hinge', 4, 6, 10),
          wish('press', 3, 10, 15),
          wish('pushdown', 3, 10, 15),
          wish('otherCurl', 3, 10, 15),
          wish('calves', 3, 12, 20),
        ],
      },
    ],
  },
];
