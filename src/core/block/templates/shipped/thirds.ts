import type { LaidSplit } from '../template';
import { preferredSlot } from '../wishes';

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
          preferredSlot('chestPress', 4, 6, 10),
          preferredSlot('overhead', 3, 8, 12),
          preferredSlot('sideRaise', 3, 12, 20),
          preferredSlot('triceps', 3, 10, 15),
        ],
      },
      {
        name: 'Pull',
        day: 1,
        slots: [
          preferredSlot('row', 4, 6, 10),
          preferredSlot('pulldown', 3, 8, 12),
          preferredSlot('rearDelt', 3, 12, 20),
          preferredSlot('curl', 3, 8, 12),
        ],
      },
      {
        name: 'Legs',
        day: 2,
        slots: [
          preferredSlot('squat', 4, 6, 10),
          preferredSlot('hinge', 3, 6, 10),
          preferredSlot('legCurl', 3, 10, 15),
          preferredSlot('calves', 4, 10, 15),
        ],
      },
      {
        name: 'Push and quads',
        day: 4,
        slots: [
          preferredSlot('inclinePress', 4, 8, 12),
          preferredSlot('press', 3, 10, 15),
          preferredSlot('fly', 3, 10, 15),
          preferredSlot('sideRaise', 3, 12, 20),
          preferredSlot('pushdown', 3, 10, 15),
        ],
      },
      {
        name: 'Pull and hamstrings',
        day: 5,
        slots: [
          preferredSlot('pulldown', 4, 8, 12),
          preferredSlot('legCurl', 3, 8, 12),
          preferredSlot('row', 3, 10, 15),
          preferredSlot('rearDelt', 3, 12, 20),
          preferredSlot('otherCurl', 3, 10, 15),
          preferredSlot('abs', 3, 10, 15),
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
          preferredSlot('chestPress', 3, 6, 10),
          preferredSlot('overhead', 2, 8, 12),
          preferredSlot('fly', 2, 10, 15),
          preferredSlot('sideRaise', 3, 12, 20),
          preferredSlot('triceps', 3, 10, 15),
        ],
      },
      {
        name: 'Pull',
        day: 1,
        slots: [
          preferredSlot('pulldown', 3, 6, 10),
          preferredSlot('row', 3, 8, 12),
          preferredSlot('rearDelt', 3, 12, 20),
          preferredSlot('curl', 3, 8, 12),
        ],
      },
      {
        name: 'Legs',
        day: 2,
        slots: [
          preferredSlot('squat', 3, 6, 10),
          preferredSlot('hinge', 2, 6, 10),
          preferredSlot('legCurl', 2, 10, 15),
          preferredSlot('calves', 3, 10, 15),
          preferredSlot('abs', 2, 10, 15),
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
          preferredSlot('chestPress', 4, 6, 10),
          preferredSlot('row', 4, 6, 10),
          preferredSlot('overhead', 3, 8, 12),
          preferredSlot('pulldown', 3, 8, 12),
          preferredSlot('sideRaise', 3, 12, 20),
        ],
      },
      {
        name: 'Limbs A',
        day: 2,
        slots: [
          preferredSlot('squat', 4, 6, 10),
          preferredSlot('legCurl', 3, 8, 12),
          preferredSlot('triceps', 4, 8, 12),
          preferredSlot('curl', 4, 8, 12),
          preferredSlot('calves', 3, 10, 15),
        ],
      },
      {
        name: 'Torso B',
        day: 4,
        slots: [
          preferredSlot('pulldown', 4, 6, 10),
          preferredSlot('inclinePress', 4, 8, 12),
          preferredSlot('row', 3, 10, 15),
          preferredSlot('fly', 3, 10, 15),
          preferredSlot('rearDelt', 4, 12, 20),
        ],
      },
      {
        name: 'Limbs B',
        day: 6,
        slots: [
          preferredSlot('hinge', 4, 6, 10),
          preferredSlot('press', 3, 10, 15),
          preferredSlot('pushdown', 3, 10, 15),
          preferredSlot('otherCurl', 3, 10, 15),
          preferredSlot('calves', 3, 12, 20),
        ],
      },
    ],
  },
];
