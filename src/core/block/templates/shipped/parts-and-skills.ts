import type { LaidSplit, TemplateSession } from '../template';
import { wish } from '../wishes';

/** A small dose for the whole body: press, row and quads. */
function doseOf(name: string, day: number): TemplateSession {
  return {
    name: `Dose ${name}`,
    day,
    slots: [
      wish('press', 2, 5, 8),
      wish('chestPress', 2, 5, 8),
      wish('row', 2, 5, 8),
      wish('sideRaise', 1, 8, 12),
    ],
  };
}

/** The other dose: overhead press, pulldown and hamstrings. */
function otherDoseOf(name: string, day: number): TemplateSession {
  return {
    name: `Dose ${name}`,
    day,
    slots: [
      wish('legCurl', 2, 5, 8),
      wish('overhead', 2, 5, 8),
      wish('pulldown', 2, 5, 8),
      wish('calves', 2, 6, 10),
      wish('abs', 1, 8, 12),
    ],
  };
}

/** Splits by body part and by skill, and mixed ones. */
export const PARTS_AND_SKILLS: readonly LaidSplit[] = [
  {
    id: 'body-parts-5',
    name: 'Body parts, five days',
    shape: 'body parts',
    cycleDays: 7,
    suits: 'For advanced athletes who need a lot of volume for one or two muscles in a session.',
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
    suits: 'For bodyweight skills: straight-arm holds, a day off, then bent-arm strength.',
    badly: 'Little leg training; tendons limit how fast one progresses.',
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
    suits: 'Three days a week with a little more for each half of the body than full body alone.',
    badly: 'Most muscles are trained on two of the three days only.',
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
  {
    id: 'daily-doses-5',
    name: 'Small daily doses, five days',
    shape: 'small daily doses',
    cycleDays: 7,
    suits:
      'Beside another main sport: one or two sets per muscle on most days, so that the athlete is fresh the next day.',
    badly: 'No muscle gets much volume; five short sessions a week must fit beside the sport.',
    sessions: [
      doseOf('A1', 0),
      otherDoseOf('B1', 1),
      doseOf('A2', 2),
      otherDoseOf('B2', 3),
      {
        ...doseOf('A3', 4),
        slots: [...doseOf('A3', 4).slots, wish('curl', 1, 8, 12), wish('triceps', 1, 8, 12)],
      },
    ],
  },
];
