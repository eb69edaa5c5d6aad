import { mapValues } from 'es-toolkit';
import {
  type Athlete,
  addDays,
  EQUIPMENT,
  type EquipmentSet,
  type LocalDate,
  type Measurement,
  NO_CONVENTIONS,
  type Place,
  phaseOn,
  presetPlace,
  steps,
  USUAL_EFFORT,
  WEEKLY_CHECK_IN,
  type Weight,
} from '@/core';

const kg = (value: number): Weight => ({ value, unit: 'kg' });
const lb = (value: number): Weight => ({ value, unit: 'lb' });

/** A well-equipped gym in kilograms. */
const HALL: EquipmentSet = {
  ...presetPlace('full gym', 'kg', '').loads,
  barbell: {
    unit: 'kg',
    bar: 20,
    plates: [
      { weight: 25, pairs: 3 },
      { weight: 20, pairs: 2 },
      { weight: 10, pairs: 2 },
      { weight: 5, pairs: 2 },
      { weight: 2.5, pairs: 2 },
      { weight: 1.25, pairs: 1 },
    ],
  },
  dumbbell: { unit: 'kg', weights: [...steps(2, 10, 1), ...steps(12, 50, 2)] },
  stack: { unit: 'kg', first: 5, step: 5, last: 150, addOns: [2.5], loosePlates: [] },
};

/** A garage in pounds: one bar, adjustable dumbbells, a small stack. */
const GARAGE: EquipmentSet = {
  ...presetPlace('home gym', 'lb', '').loads,
  barbell: {
    unit: 'lb',
    bar: 45,
    plates: [
      { weight: 45, pairs: 3 },
      { weight: 25, pairs: 1 },
      { weight: 10, pairs: 2 },
      { weight: 5, pairs: 1 },
      { weight: 2.5, pairs: 1 },
    ],
  },
  dumbbell: { unit: 'lb', weights: steps(5, 90, 5) },
  cable: { unit: 'lb', first: 10, step: 10, last: 300, addOns: [5], loosePlates: [] },
  bodyweight: { unit: 'lb', assistance: [15, 30, 50], belt: [2.5, 5, 10, 25, 45] },
};

const hall = (id: string): Place => ({
  id,
  name: 'Harbour hall',
  equipment: EQUIPMENT.filter((one) => one !== 'rings'),
  loads: HALL,
});

const garage = (id: string): Place => ({
  id,
  name: 'Garage',
  equipment: ['barbell', 'rack', 'bench', 'dumbbells', 'cable', 'pull-up bar', 'floor'],
  loads: GARAGE,
});

const park = (id: string): Place => {
  const { loads } = presetPlace('bodyweight and bands', 'kg', id);
  return {
    id,
    name: 'Park and rings',
    equipment: ['band', 'pull-up bar', 'dip bars', 'rings', 'floor'],
    loads: { ...loads, bodyweight: { unit: 'kg', assistance: [10, 20, 30], belt: [2.5, 5, 10] } },
  };
};

type Made = (newId: () => string, since: LocalDate) => Athlete;

const SHARED = {
  timeZone: 'Europe/Oslo',
  trainingSince: null,
  days: [0, 1, 2, 3, 4, 5],
  sport: [],
  style: 'standard' as const,
  answering: 'ask for all' as const,
  goals: {},
  joints: [],
  setUps: {},
  depths: {},
  landmarks: {},
  learned: {},
  effort: USUAL_EFFORT,
  conventions: NO_CONVENTIONS,
  ranges: {},
  dates: [],
  checkIn: WEEKLY_CHECK_IN,
  lessons: [],
};

/** Best sets with one date. */
const bestOn =
  (date: LocalDate) =>
  (load: Weight, reps: number, rir = 2) => ({ load, reps, rir, date });

/** Four days, two places, goals and lessons of earlier blocks: the fullest profile. */
const maren: Made = (newId, since) => {
  const set = bestOn(since);
  return {
    ...SHARED,
    id: newId(),
    name: 'Maren Tveitdal',
    level: 'intermediate',
    phases: [
      { from: addDays(since, -150), phase: 'cutting' },
      { from: addDays(since, -60), phase: 'holding' },
      { from: since, phase: 'gaining' },
      { from: addDays(since, 130), phase: 'cutting' },
    ],
    unit: 'kg',
    bodyweight: kg(68.4),
    trainingSince: '2021-03-01',
    days: [0, 1, 3, 4],
    minutes: 75,
    sport: [{ name: 'hiking', sessions: 1, hard: false }],
    places: [hall(newId()), { ...presetPlace('home gym', 'kg', newId()), name: 'Cabin' }],
    setUps: {
      'hack-squat': 'Seat pin 4, feet low and narrow.',
      'seated-leg-curl': 'Back pad 3, belt tight.',
      'pull-up': 'Assistance machine by the window, neutral handles.',
    },
    goals: {
      glutes: 'priority',
      lats: 'priority',
      traps: 'hold',
      forearms: 'hold',
      adductors: 'hold',
      abductors: 'hold',
    },
    landmarks: { glutes: { ceiling: 16 } },
    learned: {
      chest: { ceiling: 15.5, evidence: 'Spring block: below target twice in a row at 13 sets (week 5).' },
      hamstrings: { floor: 5, evidence: 'Summer block: gained strength at 4 sets (weeks 1 and 2).' },
    },
    bestSets: {
      'hack-squat': set(kg(110), 8),
      'seated-leg-curl': set(kg(45), 11),
      'dumbbell-split-squat': set(kg(14), 10),
      'standing-calf-raise': set(kg(80), 12, 1),
      'chest-supported-row': set(kg(55), 9),
      'incline-dumbbell-press': set(kg(20), 9),
      'neutral-pulldown': set(kg(50), 10),
      'cable-lateral-raise': set(kg(7.5), 18, 1),
      'incline-dumbbell-curl': set(kg(9), 11, 1),
      'overhead-cable-extension': set(kg(20), 12, 1),
      'stiff-leg-deadlift': set(kg(80), 9),
      'leg-press': set(kg(150), 11),
      'barbell-hip-thrust': set(kg(100), 10),
      'lying-leg-curl': set(kg(35), 11),
      'seated-dumbbell-press': set(kg(16), 10),
      'pull-up': set(kg(-15), 8),
      'cable-fly': set(kg(12.5), 20, 1),
      'cable-rear-delt-fly': set(kg(7.5), 20, 1),
      'barbell-curl': set(kg(25), 10),
      'cable-crunch': set(kg(40), 12),
    },
  };
};

/** A novice with an irritated knee. */
const aurelio: Made = (newId, since) => {
  const set = bestOn(since);
  return {
    ...SHARED,
    id: newId(),
    name: 'Aurelio Santangelo-Whitcombe',
    level: 'novice',
    phases: [{ from: since, phase: 'holding' }],
    unit: 'kg',
    timeZone: 'Europe/Rome',
    bodyweight: kg(81),
    minutes: 60,
    style: 'cautious',
    places: [hall(newId())],
    joints: [{ joint: 'knee', since, note: 'Left, under the kneecap on deep lunges; seen by a clinician.' }],
    bestSets: {
      'leg-press': set(kg(90), 10, 3),
      'goblet-squat': set(kg(20), 10, 3),
      'chest-press-machine': set(kg(40), 10, 3),
      'neutral-pulldown': set(kg(45), 10, 3),
      'seated-leg-curl': set(kg(35), 12, 3),
      'dumbbell-hip-hinge': set(kg(18), 10, 3),
      'one-arm-dumbbell-row': set(kg(18), 10, 3),
      'seated-dumbbell-press': set(kg(12), 10, 3),
      'cable-pushdown': set(kg(20), 12, 3),
      'cable-curl': set(kg(20), 12, 3),
      'dumbbell-lateral-raise': set(kg(6), 12, 2),
    },
  };
};

/** Advanced, cutting, in pounds, with hard sport as well. */
const devika: Made = (newId, since) => {
  const set = bestOn(since);
  return {
    ...SHARED,
    id: newId(),
    name: 'Devika Rao',
    level: 'advanced',
    phases: [{ from: since, phase: 'cutting' }],
    unit: 'lb',
    timeZone: 'America/Chicago',
    bodyweight: lb(142),
    minutes: 75,
    trainingSince: '2014-09-01',
    days: [0, 1, 2, 4, 5],
    sport: [{ name: 'trail running', sessions: 2, hard: true }],
    style: 'bold',
    places: [garage(newId())],
    bestSets: {
      'barbell-back-squat': set(lb(185), 6),
      'dumbbell-split-squat': set(lb(40), 9),
      'stiff-leg-deadlift': set(lb(185), 8),
      'barbell-bench-press': set(lb(125), 6),
      'incline-dumbbell-press': set(lb(45), 9),
      'bent-over-barbell-row': set(lb(115), 9),
      'pull-up': set(lb(10), 7),
      'dumbbell-lateral-raise': set(lb(15), 13, 1),
      'overhead-cable-extension': set(lb(45), 12, 1),
      'incline-dumbbell-curl': set(lb(20), 11, 1),
      'single-leg-calf-raise': set(lb(40), 12, 1),
    },
  };
};

/** No best sets yet: week 1 leaves every load to the athlete. */
const tobiasz: Made = (newId, since) => ({
  ...SHARED,
  id: newId(),
  name: 'Tobiasz Lewin',
  level: 'intermediate',
  phases: [{ from: since, phase: 'holding' }],
  unit: 'kg',
  timeZone: 'Europe/Warsaw',
  bodyweight: kg(74),
  minutes: 45,
  places: [hall(newId())],
  bestSets: {},
});

/** A barely started profile. */
const wren: Made = (newId, since) => ({
  ...SHARED,
  id: newId(),
  name: 'Wren Okafor',
  level: 'novice',
  phases: [{ from: since, phase: 'gaining' }],
  unit: 'kg',
  timeZone: 'Europe/London',
  bodyweight: kg(59.5),
  minutes: 60,
  places: [hall(newId())],
  bestSets: {},
});

/** Trains with bodyweight and rings. */
const ilmari: Made = (newId, since) => {
  const set = bestOn(since);
  return {
    ...SHARED,
    id: newId(),
    name: 'Ilmari Koskela',
    level: 'intermediate',
    trainingSince: '2019-01-01',
    phases: [{ from: since, phase: 'holding' }],
    unit: 'kg',
    timeZone: 'Europe/Helsinki',
    bodyweight: kg(77),
    minutes: 70,
    places: [park(newId())],
    goals: { lats: 'priority', abs: 'priority', calves: 'hold', 'side delts': 'hold' },
    bestSets: {
      'pull-up': set(kg(5), 7),
      'ring-dip': set(kg(0), 8),
      'ring-row': set(kg(0), 12),
      'one-leg-squat': set(kg(0), 7),
      'ring-push-up': set(kg(0), 10),
      'tucked-front-lever': set(kg(0), 16),
      'wall-handstand-hold': set(kg(0), 40),
      'hollow-hold': set(kg(0), 35),
      'sliding-leg-curl': set(kg(0), 9),
      'pike-push-up': set(kg(0), 9),
      'dead-hang': set(kg(0), 45),
    },
  };
};

const PEOPLE = { maren, aurelio, devika, tobiasz, wren, ilmari } as const;

/** The demo's people. Invented; dates are relative to the day of seeding. */
export function people(newId: () => string, since: LocalDate): Record<keyof typeof PEOPLE, Athlete> {
  return mapValues(PEOPLE, (made) => made(newId, since));
}

/** Body weight and girths over the weeks up to a day; gaining slowly. */
export function measurementsOf(
  newId: () => string,
  athlete: Athlete,
  today: LocalDate,
): readonly Measurement[] {
  const { value, unit } = athlete.bodyweight;
  const girth = unit === 'kg' ? 'cm' : 'in';
  const drift = { gaining: -0.0021, holding: 0.0002, cutting: 0.0045 }[phaseOn(athlete, today)];
  const wobble = [0, 0.004, -0.003, 0.002, -0.001, 0.003, -0.004, 0.001];
  const round = (x: number) => Math.round(x * 10) / 10;
  const waist = unit === 'kg' ? 76 : 28.5;
  return Array.from({ length: 12 }, (_, back): Measurement[] => {
    const date = addDays(today, -7 * back);
    const factor = 1 + drift * back + (back === 0 ? 0 : (wobble[back % wobble.length] ?? 0));
    const weight: Measurement = {
      id: newId(),
      date,
      kind: 'body weight',
      value: round(value * factor),
      unit,
    };
    const around: Measurement = {
      id: newId(),
      date,
      kind: 'waist',
      value: round(waist * (1 + (factor - 1) * 0.6)),
      unit: girth,
    };
    return back % 4 === 0 ? [around, weight] : [weight];
  })
    .reverse()
    .flat();
}
