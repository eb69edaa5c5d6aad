import type { Place } from '../athlete/place';
import { EQUIPMENT, type Equipment } from '../exercises/exercise';
import type { EquipmentSet, PlatePairs } from './equipment';
import type { Unit } from './weight';

/** Default places; every figure can be changed afterwards. */
export const PLACE_KINDS = ['full gym', 'home gym', 'bodyweight and bands'] as const;
export type PlaceKind = (typeof PLACE_KINDS)[number];

const OWNED: Readonly<Record<PlaceKind, readonly Equipment[]>> = {
  'full gym': EQUIPMENT.filter((one) => one !== 'rings'),
  'home gym': ['barbell', 'rack', 'bench', 'dumbbells', 'band', 'pull-up bar', 'floor'],
  'bodyweight and bands': ['band', 'pull-up bar', 'floor'],
};

/** `first, first + step … last`. */
export function steps(first: number, last: number, step: number): readonly number[] {
  const count = Math.floor((last - first) / step + 1e-9) + 1;
  return Array.from({ length: Math.max(0, count) }, (_, at) => Math.round((first + at * step) * 100) / 100);
}

const pairs = (...list: readonly (readonly [weight: number, pairs: number])[]): readonly PlatePairs[] =>
  list.map(([weight, count]) => ({ weight, pairs: count }));

const PLATES: Readonly<Record<Unit, readonly PlatePairs[]>> = {
  kg: pairs([20, 4], [15, 1], [10, 2], [5, 2], [2.5, 2], [1.25, 1]),
  lb: pairs([45, 4], [35, 1], [25, 2], [10, 2], [5, 2], [2.5, 1]),
};

function presetLoads(kind: PlaceKind, unit: Unit): EquipmentSet {
  const kg = unit === 'kg';
  const gym = kind === 'full gym';
  return {
    barbell: { unit, bar: kg ? 20 : 45, plates: PLATES[unit] },
    dumbbell: {
      unit,
      weights: gym
        ? kg
          ? [...steps(2, 10, 1), ...steps(12, 50, 2)]
          : steps(5, 120, 5)
        : kg
          ? steps(4, 24, 2)
          : steps(5, 50, 5),
    },
    stack: kg
      ? { unit, first: 5, step: 5, last: 120, addOns: [2.5], loosePlates: [] }
      : { unit, first: 10, step: 10, last: 260, addOns: [5], loosePlates: [] },
    cable: {
      unit,
      first: kg ? 2.5 : 5,
      step: kg ? 2.5 : 5,
      last: kg ? 100 : 200,
      addOns: [],
      loosePlates: [],
    },
    heavyStack: kg
      ? { unit, first: 10, step: 10, last: 250, addOns: [5, 2.5], loosePlates: [] }
      : { unit, first: 20, step: 20, last: 500, addOns: [10, 5], loosePlates: [] },
    plateLoaded: { unit, bar: 0, plates: PLATES[unit] },
    bodyweight: {
      unit,
      assistance: gym ? (kg ? steps(5, 60, 5) : steps(10, 120, 10)) : kg ? [10, 20, 35] : [20, 45, 75],
      belt: kind === 'bodyweight and bands' ? [] : kg ? [1.25, 2.5, 5, 10, 20] : [2.5, 5, 10, 25, 45],
    },
    bands: {
      unit,
      levels: [
        { name: 'light', weight: kg ? 7 : 15 },
        { name: 'medium', weight: kg ? 15 : 35 },
        { name: 'strong', weight: kg ? 25 : 55 },
        { name: 'heavy', weight: kg ? 40 : 90 },
      ],
    },
  };
}

/** A place of a kind with its usual equipment in a unit. */
export function presetPlace(kind: PlaceKind, unit: Unit, id: string): Place {
  return { id, name: kind, equipment: OWNED[kind], loads: presetLoads(kind, unit) };
}
