import {
  type Block,
  type Exercise,
  emptyBlock,
  exerciseById,
  type LocalDate,
  MUSCLES,
  newSlot,
  type Session,
  type Slot,
} from '@/core';

type NewId = () => string;
type Line = readonly [
  exercise: string | Exercise,
  sets: number,
  low: number,
  high: number,
  changes?: Partial<Slot>,
];

const TOP: Slot['technique'] = {
  kind: 'top + back-offs',
  backOffs: 2,
  drop: 0.1,
  topRir: 1,
  backOffReps: 4,
  topToFailure: false,
  topPartials: 0,
  backOffPartials: 0,
  half: 'easier half',
  backOffRule: 'the top set',
};

const DROPS: Slot['technique'] = { kind: 'drop set', sets: 2, drops: 1, off: 0.2, toFailure: true };
const PARTIALS: Slot['technique'] = {
  kind: 'partials after failure',
  sets: 3,
  on: 'last set',
  partials: 5,
  half: 'easier half',
  toFailure: true,
};

function session(newId: NewId, name: string, day: number, lines: readonly Line[]): Session {
  return {
    id: newId(),
    name,
    day,
    place: null,
    optional: false,
    weeks: [],
    slots: lines.map(([id, sets, low, high, changes]): Slot => {
      const exercise = typeof id === 'string' ? exerciseById(id) : id;
      if (exercise === undefined) throw new Error(`the demo names an unknown exercise: ${id}`);
      return {
        ...newSlot(newId(), exercise),
        technique: { kind: 'straight', sets },
        range: { low, high },
        ...changes,
      };
    }),
  };
}

/** Four upper and lower days a week, glutes and lats first; the running one. */
export function autumnUpperLower(newId: NewId, startDate: LocalDate): Block {
  return {
    ...emptyBlock('Autumn block', startDate),
    goals: {
      glutes: 'priority',
      lats: 'priority',
      traps: 'hold',
      forearms: 'hold',
      adductors: 'hold',
      abductors: 'hold',
      abs: 'hold',
      'rear delts': 'hold',
      'spinal erectors': 'hold',
    },
    sessions: [
      session(newId, 'Lower, squat first', 0, [
        ['hack-squat', 3, 6, 10, { technique: TOP, note: 'Feet low, deep. Seat pin 4.' }],
        ['seated-leg-curl', 3, 8, 12],
        ['dumbbell-split-squat', 2, 10, 15],
        ['standing-calf-raise', 3, 10, 15],
        ['cable-crunch', 2, 10, 15],
      ]),
      session(newId, 'Upper, pull first', 1, [
        ['chest-supported-row', 3, 6, 10, { technique: TOP }],
        ['incline-dumbbell-press', 3, 8, 12],
        ['neutral-pulldown', 3, 8, 12],
        ['cable-lateral-raise', 2, 12, 20],
        ['overhead-cable-extension', 2, 10, 15],
        ['incline-dumbbell-curl', 2, 10, 15],
      ]),
      session(newId, 'Lower, hinge first', 3, [
        ['stiff-leg-deadlift', 3, 6, 10],
        ['leg-press', 3, 10, 15],
        ['barbell-hip-thrust', 3, 8, 12],
        ['lying-leg-curl', 2, 10, 15],
        ['standing-calf-raise', 3, 12, 20],
      ]),
      session(newId, 'Upper, press first', 4, [
        ['seated-dumbbell-press', 3, 8, 12],
        ['pull-up', 3, 6, 10],
        ['cable-fly', 3, 12, 20],
        ['cable-rear-delt-fly', 3, 12, 20],
        ['overhead-cable-extension', 2, 12, 20],
        ['barbell-curl', 2, 8, 12],
      ]),
    ],
  };
}

/** Two full-body days over five weeks, finished: something to review. */
export function summerFullBody(newId: NewId, startDate: LocalDate): Block {
  return {
    ...emptyBlock('Summer, two days', startDate),
    weeks: 5,
    goals: {
      traps: 'hold',
      forearms: 'hold',
      adductors: 'hold',
      abductors: 'hold',
      abs: 'hold',
      'spinal erectors': 'hold',
    },
    sessions: [
      session(newId, 'Squat and press', 0, [
        ['hack-squat', 4, 6, 10],
        ['chest-press-machine', 4, 8, 12],
        ['seal-row', 3, 8, 12],
        ['seated-leg-curl', 3, 10, 15],
        ['cable-lateral-raise', 3, 12, 20],
      ]),
      session(newId, 'Hinge and pull', 3, [
        ['stiff-leg-deadlift', 3, 6, 10],
        ['neutral-pulldown', 4, 8, 12],
        ['incline-dumbbell-press', 3, 8, 12],
        ['leg-press', 4, 10, 15],
        ['cable-curl', 3, 10, 15],
      ]),
    ],
  };
}

/** Three full-body days for a beginner, not sent yet. */
export function firstFullBody(newId: NewId, startDate: LocalDate): Block {
  return {
    ...emptyBlock('First full-body block', startDate),
    weeks: 4,
    rir: { first: 3, last: 1 },
    deload: null,
    goals: {
      traps: 'hold',
      forearms: 'hold',
      adductors: 'hold',
      abductors: 'hold',
      abs: 'hold',
      'rear delts': 'hold',
      calves: 'hold',
      'spinal erectors': 'hold',
      'side delts': 'hold',
    },
    sessions: [
      session(newId, 'Full body A', 0, [
        ['leg-press', 2, 8, 12],
        ['chest-press-machine', 3, 8, 12],
        ['neutral-pulldown', 2, 8, 12],
        ['seated-leg-curl', 2, 10, 15],
        ['dumbbell-lateral-raise', 2, 10, 15],
      ]),
      session(newId, 'Full body B', 2, [
        ['dumbbell-hip-hinge', 2, 8, 12],
        ['seated-dumbbell-press', 2, 8, 12],
        ['one-arm-dumbbell-row', 2, 8, 12],
        ['goblet-squat', 2, 8, 12],
        ['cable-curl', 2, 10, 15],
      ]),
      session(newId, 'Full body C', 4, [
        ['leg-press', 2, 10, 15],
        ['chest-press-machine', 3, 10, 15],
        ['neutral-pulldown', 2, 10, 15],
        ['seated-leg-curl', 2, 10, 15],
        ['cable-pushdown', 2, 10, 15],
      ]),
    ],
  };
}

/** A hard garage week in pounds, cutting, with deliberate faults for the checks to find. */
export function garageCut(newId: NewId, startDate: LocalDate): Block {
  return {
    ...emptyBlock('Barn cut', startDate),
    weeks: 5,
    activities: [
      { id: newId(), day: 2, name: 'trail running', hard: false, legs: true },
      { id: newId(), day: 6, name: 'trail running', hard: true, legs: true },
    ],
    rir: { first: 3, last: 1 },
    // A cut with everything maintained.
    goals: Object.fromEntries(MUSCLES.map((muscle) => [muscle, 'hold'])),
    sessions: [
      session(newId, 'Squat and press', 0, [
        ['barbell-back-squat', 3, 4, 8, { technique: TOP }],
        ['barbell-bench-press', 3, 5, 8],
        ['dumbbell-split-squat', 3, 8, 12],
        ['dumbbell-lateral-raise', 3, 12, 20],
        ['single-leg-calf-raise', 3, 10, 15],
      ]),
      session(newId, 'Hinge and row', 1, [
        ['stiff-leg-deadlift', 4, 6, 10],
        ['bent-over-barbell-row', 4, 8, 12],
        ['incline-dumbbell-curl', 3, 10, 15],
        ['pull-up', 3, 5, 10],
      ]),
      session(newId, 'Press and arms', 4, [
        ['incline-dumbbell-press', 3, 8, 12],
        ['dumbbell-lateral-raise', 2, 12, 20, { technique: DROPS }],
        ['overhead-cable-extension', 3, 10, 15],
        ['incline-dumbbell-curl', 3, 10, 15, { joined: true }],
        ['single-leg-calf-raise', 3, 10, 15, { technique: PARTIALS }],
      ]),
    ],
  };
}

/** A custom exercise of the demo coach. */
export const TOWEL_ROW: Exercise = {
  ...(exerciseById('ring-row') as Exercise),
  id: 'own-towel-row',
  name: 'towel-grip row',
  contributions: { 'upper back': 1, lats: 1, 'rear delts': 0.5, biceps: 0.5, forearms: 0.75 },
  equipment: ['pull-up bar'],
  cues: 'Two towels over the bar; grip is the limit, so stop before it opens.',
  variants: [],
  chain: null,
};

/** Bodyweight only, with holds and a skill; straight-arm work once a week. */
export function ringsAndBars(newId: NewId, startDate: LocalDate, towelRow: Exercise): Block {
  return {
    ...emptyBlock('Rings and bars', startDate),
    weeks: 5,
    goals: {
      forearms: 'hold',
      traps: 'hold',
      adductors: 'hold',
      abductors: 'hold',
      'spinal erectors': 'hold',
      calves: 'hold',
      'side delts': 'hold',
      'rear delts': 'hold',
    },
    sessions: [
      session(newId, 'Lever and pull', 0, [
        ['tucked-front-lever', 3, 8, 20],
        ['pull-up', 3, 5, 9],
        ['ring-row', 2, 8, 15],
        ['sliding-leg-curl', 3, 6, 12],
        ['hollow-hold', 3, 20, 45],
      ]),
      session(newId, 'Press and legs', 2, [
        ['wall-handstand-hold', 3, 20, 60],
        ['ring-dip', 3, 6, 10],
        ['ring-push-up', 3, 8, 15],
        ['one-leg-squat', 4, 5, 10],
        ['pike-push-up', 2, 6, 12],
      ]),
      session(newId, 'Whole body', 4, [
        ['pull-up', 3, 6, 10],
        [towelRow, 3, 8, 12],
        ['ring-dip', 3, 6, 12],
        ['one-leg-squat', 4, 6, 12],
        ['sliding-leg-curl', 3, 8, 15],
        ['hollow-hold', 2, 20, 45],
      ]),
    ],
  };
}
