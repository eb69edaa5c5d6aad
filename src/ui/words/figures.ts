import type { Loading, Unit } from '@/core';

/** A number as print sets it: no trailing zeros, a real minus, at most so many places. */
export function figure(value: number, places = 2): string {
  const factor = 10 ** places;
  const rounded = Math.round(value * factor) / factor;
  return String(Object.is(rounded, -0) ? 0 : rounded).replace('-', '−');
}

/** One decimal always: for estimates, where the digit says how fine they are. */
export function estimate(value: number): string {
  return (Math.round(value * 10) / 10).toFixed(1).replace('-', '−');
}

/** A load without its unit. Bodyweight work shows what is added: bw, +5, −15. */
export function load(value: number | null, loading: Loading): string {
  if (value === null) return 'find';
  if (loading !== 'bodyweight') return figure(value);
  if (value === 0) return 'bw';
  return value > 0 ? `+${figure(value)}` : figure(value);
}

/** A load with its unit, in words where it is bodyweight alone. */
export function loadWithUnit(value: number | null, loading: Loading, unit: Unit): string {
  if (value === null) return 'a load to be found';
  if (loading === 'bodyweight' && value === 0) return 'bodyweight';
  return `${load(value, loading)} ${unit}`;
}

/** Minutes from seconds, rounded up: a session is not over before its last second. */
export function minutes(seconds: number): number {
  return Math.ceil(seconds / 60);
}

/** A span, or one figure where both ends are alike. */
export function span(low: number, high: number): string {
  return low === high ? String(low) : `${low}–${high}`;
}

/** A list as a sentence has it. */
export function listed(items: readonly string[]): string {
  if (items.length <= 1) return items.join('');
  return `${items.slice(0, -1).join(', ')} and ${items.at(-1)}`;
}

/** `1 set`, `3 sets`. */
export function counted(count: number, noun: string): string {
  return `${figure(count)} ${noun}${count === 1 ? '' : 's'}`;
}
