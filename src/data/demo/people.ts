import type { Athlete, EquipmentSet, LocalDate, Weight } from '@/core';

const kg = (value: number): Weight => ({ value, unit: 'kg' });
const lb = (value: number): Weight => ({ value, unit: 'lb' });

/** A well-stocked hall in kilograms. */
const HALL: EquipmentSet = {
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
  dumbbell: { unit: 'kg', weights: [...range(2, 10, 1), ...range(12, 50, 2)] },
  stack: { unit: 'kg', first: 5, step: 5, last: 250, addOns: [2.5] },
  bodyweight: { unit: 'kg', assistance: range(5, 60, 5), belt: [1.25, 2.5, 5, 10, 20] },
};

/** A garage in pounds: one bar, adjustable dumbbells, a small stack. */
const GARAGE: EquipmentSet = {
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
  dumbbell: { unit: 'lb', weights: range(5, 90, 5) },
  stack: { unit: 'lb', first: 10, step: 10, last: 300, addOns: [5] },
  bodyweight: { unit: 'lb', assistance: [15, 30, 50], belt: [2.5, 5, 10, 25, 45] },
};

function range(first: number, last: number, step: number): number[] {
  return Array.from({ length: Math.floor((last - first) / step) + 1 }, (_, at) => first + at * step);
}

const set = (load: Weight, reps: number, rir = 2) => ({ load, reps, rir });

/** The people of the demo. Made up; dates hang on the day it is seeded. */
export function people(
  newId: () => string,
  since: LocalDate,
): Record<'maren' | 'aurelio' | 'devika' | 'tobiasz' | 'wren', Athlete> {
  const shared = { timeZone: 'Europe/Oslo', hardSport: 0, style: 'standard' as const, landmarks: {} };
  return {
    maren: {
      ...shared,
      id: newId(),
      name: 'Maren Tveitdal',
      level: 'intermediate',
      phases: [{ from: since, phase: 'gaining' }],
      unit: 'kg',
      bodyweight: kg(68.4),
      minutes: 75,
      equipment: HALL,
      bestSets: {
        'hack-squat': set(kg(110), 8),
        'seated-leg-curl': set(kg(45), 11),
        'dumbbell-split-squat': set(kg(14), 10),
        'standing-calf-raise': set(kg(80), 12, 1),
        'chest-supported-row': set(kg(55), 9),
        'incline-dumbbell-press': set(kg(20), 9),
        'neutral-pulldown': set(kg(50), 10),
        'cable-lateral-raise': set(kg(7.5), 13, 1),
        'incline-dumbbell-curl': set(kg(9), 11, 1),
        'overhead-cable-extension': set(kg(20), 12, 1),
        'stiff-leg-deadlift': set(kg(80), 9),
        'leg-press': set(kg(150), 11),
        'barbell-hip-thrust': set(kg(100), 10),
        'lying-leg-curl': set(kg(35), 11),
        'seated-dumbbell-press': set(kg(16), 10),
        'pull-up': set(kg(-15), 8),
        'cable-fly': set(kg(12.5), 13, 1),
        'cable-rear-delt-fly': set(kg(7.5), 14, 1),
        'barbell-curl': set(kg(25), 10),
        'cable-crunch': set(kg(40), 12),
      },
    },
    aurelio: {
      ...shared,
      id: newId(),
      name: 'Aurelio Santangelo-Whitcombe',
      level: 'novice',
      phases: [{ from: since, phase: 'holding' }],
      unit: 'kg',
      timeZone: 'Europe/Rome',
      bodyweight: kg(81),
      minutes: 60,
      style: 'cautious',
      equipment: HALL,
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
    },
    devika: {
      ...shared,
      id: newId(),
      name: 'Devika Rao',
      level: 'advanced',
      phases: [{ from: since, phase: 'cutting' }],
      unit: 'lb',
      timeZone: 'America/Chicago',
      bodyweight: lb(142),
      minutes: 70,
      hardSport: 2,
      style: 'bold',
      equipment: GARAGE,
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
    },
    tobiasz: {
      ...shared,
      id: newId(),
      name: 'Tobiasz Lewin',
      level: 'intermediate',
      phases: [{ from: since, phase: 'holding' }],
      unit: 'kg',
      timeZone: 'Europe/Warsaw',
      bodyweight: kg(74),
      minutes: 45,
      equipment: HALL,
      bestSets: {},
    },
    wren: {
      ...shared,
      id: newId(),
      name: 'Wren Okafor',
      level: 'novice',
      phases: [{ from: since, phase: 'gaining' }],
      unit: 'kg',
      timeZone: 'Europe/London',
      bodyweight: kg(59.5),
      minutes: 60,
      equipment: HALL,
      bestSets: {},
    },
  };
}
