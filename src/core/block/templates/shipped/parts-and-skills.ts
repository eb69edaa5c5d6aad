import type { LaidSplit, TemplateSession } from '../template';
import { preferredSlot } from '../wishes';

/** A small dose for the whole body: press, row and quads. */
function pressDose(name: string, day: number): TemplateSession {
  return {
    name: `Dose ${name}`,
    day,
    slots: [
      preferredSlot('press', 2, 5, 8),
      preferredSlot('chestPress', 2, 5, 8),
      preferredSlot('row', 2, 5, 8),
      preferredSlot('sideRaise', 1, 8, 12),
    ],
  };
}

/** The other dose: overhead press, pulldown and hamstrings. */
function pullDose(name: string, day: number): TemplateSession {
  return {
    name: `Dose ${name}`,
    day,
    slots: [
      preferredSlot('legCurl', 2, 5, 8),
      preferredSlot('overhead', 2, 5, 8),
      preferredSlot('pulldown', 2, 5, 8),
      preferredSlot('calves', 2, 6, 10),
      preferredSlot('abs', 1, 8, 12),
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
          preferredSlot('chestPress', 4, 6, 10),
          preferredSlot('inclinePress', 3, 8, 12),
          preferredSlot('fly', 3, 10, 15),
          preferredSlot('sideRaise', 4, 12, 20),
        ],
      },
      {
        name: 'Back',
        day: 1,
        slots: [
          preferredSlot('pulldown', 4, 6, 10),
          preferredSlot('row', 4, 8, 12),
          preferredSlot('rearDelt', 3, 12, 20),
          preferredSlot('shrug', 3, 10, 15),
        ],
      },
      {
        name: 'Quads, calves',
        day: 2,
        slots: [
          preferredSlot('squat', 4, 6, 10),
          preferredSlot('press', 3, 10, 15),
          preferredSlot('kneeExtension', 3, 12, 20),
          preferredSlot('calves', 4, 10, 15),
        ],
      },
      {
        name: 'Shoulders, arms',
        day: 4,
        slots: [
          preferredSlot('overhead', 4, 8, 12),
          preferredSlot('sideRaise', 4, 12, 20),
          preferredSlot('triceps', 4, 10, 15),
          preferredSlot('curl', 4, 10, 15),
        ],
      },
      {
        name: 'Hamstrings, glutes',
        day: 5,
        slots: [
          preferredSlot('hinge', 4, 6, 10),
          preferredSlot('thrust', 3, 8, 12),
          preferredSlot('legCurl', 4, 10, 15),
          preferredSlot('abs', 3, 10, 15),
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
          preferredSlot('handstand', 3, 20, 45),
          preferredSlot('straightPull', 4, 8, 20),
          preferredSlot('straightPush', 4, 6, 15),
          preferredSlot('support', 3, 15, 30),
        ],
      },
      {
        name: 'Bent arms, legs',
        day: 2,
        slots: [
          preferredSlot('pullUp', 4, 5, 10),
          preferredSlot('dip', 4, 6, 12),
          preferredSlot('squat', 3, 6, 12),
          preferredSlot('trunk', 3, 8, 15),
        ],
      },
      {
        name: 'Bent arms, legs again',
        day: 4,
        slots: [
          preferredSlot('pullUp', 4, 6, 12),
          preferredSlot('dip', 3, 8, 15),
          preferredSlot('row', 3, 8, 15),
          preferredSlot('legCurl', 3, 6, 12),
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
          preferredSlot('chestPress', 4, 6, 10),
          preferredSlot('row', 4, 8, 12),
          preferredSlot('overhead', 3, 8, 12),
          preferredSlot('pulldown', 3, 8, 12),
          preferredSlot('sideRaise', 3, 12, 20),
          preferredSlot('triceps', 3, 10, 15),
        ],
      },
      {
        name: 'Lower',
        day: 2,
        slots: [
          preferredSlot('squat', 4, 6, 10),
          preferredSlot('hinge', 3, 6, 10),
          preferredSlot('legCurl', 3, 10, 15),
          preferredSlot('calves', 4, 10, 15),
          preferredSlot('abs', 3, 10, 15),
        ],
      },
      {
        name: 'Full body',
        day: 4,
        slots: [
          preferredSlot('press', 3, 10, 15),
          preferredSlot('inclinePress', 3, 8, 12),
          preferredSlot('row', 3, 8, 12),
          preferredSlot('legCurl', 3, 10, 15),
          preferredSlot('sideRaise', 3, 12, 20),
          preferredSlot('curl', 3, 10, 15),
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
      pressDose('A1', 0),
      pullDose('B1', 1),
      pressDose('A2', 2),
      pullDose('B2', 3),
      {
        ...pressDose('A3', 4),
        slots: [
          ...pressDose('A3', 4).slots,
          preferredSlot('curl', 1, 8, 12),
          preferredSlot('triceps', 1, 8, 12),
        ],
      },
    ],
  },
];
