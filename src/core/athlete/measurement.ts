import type { LocalDate } from '../calendar';

/** Body measurements over time. Weights in kg or lb, girths in cm or in. */
export const MEASUREMENTS = [
  'body weight',
  'waist',
  'hips',
  'chest',
  'shoulders',
  'upper arm',
  'thigh',
  'calf',
] as const;
export type MeasurementKind = (typeof MEASUREMENTS)[number];
export const MEASUREMENT_UNITS = ['kg', 'lb', 'cm', 'in'] as const;
export type MeasurementUnit = (typeof MEASUREMENT_UNITS)[number];

export interface Measurement {
  readonly id: string;
  readonly date: LocalDate;
  readonly kind: MeasurementKind;
  readonly value: number;
  readonly unit: MeasurementUnit;
}
