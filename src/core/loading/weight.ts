export const UNITS = ['kg', 'lb'] as const;
export type Unit = (typeof UNITS)[number];

/** A weight as entered: a decimal with at most two places, and its unit. Conversions never change it. */
export interface Weight {
  readonly value: number;
  readonly unit: Unit;
}

const KG_PER_LB = 0.45359237;

/** The weight's value in another unit, unrounded: for computing and display, never for storage. */
export function valueIn(unit: Unit, weight: Weight): number {
  if (weight.unit === unit) return weight.value;
  return unit === 'kg' ? weight.value * KG_PER_LB : weight.value / KG_PER_LB;
}
