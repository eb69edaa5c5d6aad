import { DEMANDS, type Demand } from './demands';
import type { Template } from './template';
import { wish } from './wishes';

const LAID: readonly Omit<Template, keyof Demand>[] = [
  {
    id: 'full-body-3',
    name: 'Full body, three days',
    shape: 'full body',
    cycleDays: 7,
    suits: 'From the first day; few days a week, every muscle three times.',
    badly: 'Sessions grow long as volume rises; small muscles come late.',
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
    suits: 'From the first day; four days a week, every muscle twice with room for volume.',
    badly: 'Upper days hold many muscles, so arms come late in them.',
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
    suits: 'After about half a year; four days, legs trained often in small doses.',
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
  {
    id: 'push-pull-legs-day',
    name: 'Push, pull and a leg day',
    shape: 'push/pull and legs',
    cycleDays: 7,
    suits:
      'After about half a year; five days with the upper body first and legs on one full and two part days.',
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
    suits: 'Free weekdays: three on, one off, rolling through the calendar; short sessions.',
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
    suits: 'Those who want arms trained fresh: arms share the day with legs.',
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
  {
    id: 'body-parts-5',
    name: 'Body parts, five days',
    shape: 'body parts',
    cycleDays: 7,
    suits: 'Advanced athletes who need much volume for one or two muscles in a session.',
    badly: 'Most muscles are trained hard once a week; a missed day leaves one out.',
    sessions: [
      {
        name: 'Chest, side delts',
        day: 0,
        slots: [
          wish('chestPress', 4, 6, 10),
          wish('inclinePress', 3, 8, 12),
          wish('fly', 3, 10, 15),
          wish('sideRaise', 4, 12, 20),
        ],
      },
      {
        name: 'Back',
        day: 1,
        slots: [
          wish('pulldown', 4, 6, 10),
          wish('row', 4, 8, 12),
          wish('rearDelt', 3, 12, 20),
          wish('shrug', 3, 10, 15),
        ],
      },
      {
        name: 'Quads, calves',
        day: 2,
        slots: [
          wish('squat', 4, 6, 10),
          wish('press', 3, 10, 15),
          wish('kneeExtension', 3, 12, 20),
          wish('calves', 4, 10, 15),
        ],
      },
      {
        name: 'Shoulders, arms',
        day: 4,
        slots: [
          wish('overhead', 4, 8, 12),
          wish('sideRaise', 4, 12, 20),
          wish('triceps', 4, 10, 15),
          wish('curl', 4, 10, 15),
        ],
      },
      {
        name: 'Hamstrings, glutes',
        day: 5,
        slots: [
          wish('hinge', 4, 6, 10),
          wish('thrust', 3, 8, 12),
          wish('legCurl', 4, 10, 15),
          wish('abs', 3, 10, 15),
        ],
      },
    ],
  },
  {
    id: 'straight-bent-arm',
    name: 'Straight arms, bent arms',
    shape: 'bent arm/straight arm',
    cycleDays: 7,
    suits: 'Bodyweight skills: straight-arm holds first, a day off, then bent-arm strength.',
    badly: 'Little for legs; tendons decide how fast it goes.',
    sessions: [
      {
        name: 'Straight arms',
        day: 0,
        slots: [
          wish('handstand', 3, 20, 45),
          wish('straightPull', 4, 8, 20),
          wish('straightPush', 4, 6, 15),
          wish('support', 3, 15, 30),
        ],
      },
      {
        name: 'Bent arms, legs',
        day: 2,
        slots: [
          wish('pullUp', 4, 5, 10),
          wish('dip', 4, 6, 12),
          wish('squat', 3, 6, 12),
          wish('trunk', 3, 8, 15),
        ],
      },
      {
        name: 'Bent arms, legs again',
        day: 4,
        slots: [
          wish('pullUp', 4, 6, 12),
          wish('dip', 3, 8, 15),
          wish('row', 3, 8, 15),
          wish('legCurl', 3, 6, 12),
        ],
      },
    ],
  },
  {
    id: 'hybrid-5',
    name: 'Upper, lower, full body',
    shape: 'upper/lower and full body',
    cycleDays: 7,
    suits: 'Three days a week with a little more for each half than full body alone.',
    badly: 'Only three exposures for what comes up on two of the days.',
    sessions: [
      {
        name: 'Upper',
        day: 0,
        slots: [
          wish('chestPress', 4, 6, 10),
          wish('row', 4, 8, 12),
          wish('overhead', 3, 8, 12),
          wish('pulldown', 3, 8, 12),
          wish('sideRaise', 3, 12, 20),
          wish('triceps', 3, 10, 15),
        ],
      },
      {
        name: 'Lower',
        day: 2,
        slots: [
          wish('squat', 4, 6, 10),
          wish('hinge', 3, 6, 10),
          wish('legCurl', 3, 10, 15),
          wish('calves', 4, 10, 15),
          wish('abs', 3, 10, 15),
        ],
      },
      {
        name: 'Full body',
        day: 4,
        slots: [
          wish('press', 3, 10, 15),
          wish('inclinePress', 3, 8, 12),
          wish('row', 3, 8, 12),
          wish('legCurl', 3, 10, 15),
          wish('sideRaise', 3, 12, 20),
          wish('curl', 3, 10, 15),
        ],
      },
    ],
  },
];

/** The splits the product ships with, simplest first. */
export const TEMPLATES: readonly Template[] = LAID.map((template) => ({
  ...template,
  ...DEMANDS[template.shape],
}));
