import type { Loading, Measure, Unit } from '@/core';

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

/** A load without its unit. Bodyweight work shows what is added: bw, +5, −15; bands roughly what they pull: ~15. */
export function load(value: number | null, loading: Loading): string {
  if (value === null) return 'find';
  if (loading === 'band') return `~${figure(value)}`;
  if (loading !== 'bodyweight') return figure(value);
  if (value === 0) return 'bw';
  return value > 0 ? `+${figure(value)}` : figure(value);
}

/** A load with its unit, in words where it is bodyweight alone. */
export function loadWithUnit(value: number | null, loading: Loading, unit: Unit): string {
  if (value === null) return loading === 'none' ? 'no load' : 'a load to be found';
  if (loading === 'none') return 'no load';
  if (loading === 'bodyweight' && value === 0) return 'bodyweight';
  return `${load(value, loading)} ${unit}`;
}

/** How sets of an exercise are written: how it is loaded and what is counted. */
export interface Written {
  readonly loading: Loading;
  readonly measure: Measure;
}

export const BY_REPS: Written = { loading: 'stack', measure: 'reps' };

/** `10`, or `30 s` where it is held. */
export function count(reps: number, { measure }: Pick<Written, 'measure'>): string {
  return measure === 'seconds' ? `${reps} s` : String(reps);
}

/** `62.5 × 10`, `bw × 8`, `24 × 30 s`, or the seconds alone. */
export function setText(value: number | null, reps: number, written: Written): string {
  if (written.loading === 'none') return count(reps, written);
  return `${load(value, written.loading)} × ${count(reps, written)}`;
}

/** `62.5 kg × 10`, `bodyweight × 8`, or the seconds of a hold alone. */
export function setWithUnit(value: number | null, reps: number, written: Written, unit: Unit): string {
  if (written.loading === 'none') return count(reps, written);
  return `${loadWithUnit(value, written.loading, unit)} × ${count(reps, written)}`;
}

/** Minutes from seconds, rounded up: a session is not over before its last second. */
export function minutes(seconds: number): number {
  return Math.ceil(seconds / 60);
}

/** Minutes and seconds: 37:15. */
export function clock(seconds: number): string {
  const whole = Math.round(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
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

/** Reps in reserve as one asks a person for them: whole, halves down, never below failure. */
export function reserve(rir: number): number {
  return Math.max(0, Math.ceil(rir - 0.5));
}

/** `1 set`, `3 sets`. */
export function plural(many: number, noun: string): string {
  return `${figure(many)} ${noun}${many === 1 ? '' : 's'}`;
}
