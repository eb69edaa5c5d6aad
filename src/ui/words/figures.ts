import { isEasy, type Loading, type Measure, MOST_ASKED_RIR, type Unit } from '@/core';
import { type Noun, nounFor } from './nouns';

/** A number without trailing zeros, with a minus sign instead of a hyphen. */
export function figure(value: number, places = 2): string {
  const factor = 10 ** places;
  const rounded = Math.round(value * factor) / factor;
  return String(Object.is(rounded, -0) ? 0 : rounded).replace('-', '−');
}

/** A number with one decimal, for estimates. */
export function estimate(value: number): string {
  return (Math.round(value * 10) / 10).toFixed(1).replace('-', '−');
}

/** A load without its unit: `62.5`. Bodyweight work is `bw`, `bw+5` or `bw−15`; a band is about what it pulls: `~15`. */
export function load(value: number | null, loading: Loading): string {
  if (value === null) return 'find';
  if (loading === 'band') return `~${figure(value)}`;
  if (loading !== 'bodyweight') return figure(value);
  if (value === 0) return 'bw';
  return value > 0 ? `bw+${figure(value)}` : `bw${figure(value)}`;
}

/** A load with its unit: `62.5 kg`, `bw+5 kg`, `bodyweight`. */
export function loadWithUnit(value: number | null, loading: Loading, unit: Unit): string {
  if (value === null) return loading === 'none' ? 'no load' : 'find your load';
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
  return setsText(value, [reps], written);
}

/** One load and the reps of each set done with it: `100 × 13, 12, 11`. */
export function setsText(value: number | null, reps: readonly number[], written: Written): string {
  const each = reps.map((one) => count(one, written)).join(', ');
  return written.loading === 'none' ? each : `${load(value, written.loading)} × ${each}`;
}

/** `3 × 12 at 60`: sets that are all alike. */
export function setsAlike(sets: number, reps: number, value: number | null, written: Written): string {
  const each = `${sets} × ${count(reps, written)}`;
  return value === null || written.loading === 'none' ? each : `${each} at ${load(value, written.loading)}`;
}

/** A set with the reps left in reserve at its end: `62.5 × 10 @2`. */
export function setAtRir(value: number | null, reps: number, rir: number, written: Written): string {
  return `${setText(value, reps, written)} @${figure(Math.max(0, rir))}`;
}

/** A set as asked or done, for reading: `62.5 × 10 @2`, `85 × 3 @5+` if it ends far from failure. */
export function setAtReserve(value: number | null, reps: number, rir: number, written: Written): string {
  return `${setText(value, reps, written)} @${isEasy(rir) ? reserveText(rir) : figure(Math.max(0, rir))}`;
}

/** A set that names its unit: `62.5 kg × 10 @2`, `bw−15 kg × 8 @2`, `bw × 8 @2`. */
export function setAtRirWithUnit(
  value: number,
  reps: number,
  rir: number,
  written: Written,
  unit: Unit,
): string {
  const set = setAtRir(value, reps, rir, written);
  return value === 0 && written.loading === 'bodyweight' ? set : set.replace(' ×', ` ${unit} ×`);
}

/** `62.5 kg × 10`, `bodyweight × 8`, or the seconds of a hold alone. */
export function setWithUnit(value: number | null, reps: number, written: Written, unit: Unit): string {
  if (written.loading === 'none') return count(reps, written);
  return `${loadWithUnit(value, written.loading, unit)} × ${count(reps, written)}`;
}

/** Minutes from seconds, rounded up. */
export function minutes(seconds: number): number {
  return Math.ceil(seconds / 60);
}

/** Minutes and seconds: 37:15. */
export function clock(seconds: number): string {
  const whole = Math.round(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** `8–12`, or one number when both ends are equal. */
export function span(low: number, high: number): string {
  return low === high ? String(low) : `${low}–${high}`;
}

/** `a, b and c`. */
export function listed(items: readonly string[]): string {
  if (items.length <= 1) return items.join('');
  return `${items.slice(0, -1).join(', ')} and ${items.at(-1)}`;
}

/** Reps in reserve as a person is asked for them: whole, halves rounded down, never below failure. */
export function reserve(rir: number): number {
  return Math.max(0, Math.ceil(rir - 0.5));
}

/** Reps in reserve as shown: whole, or `5+` where nobody can tell them. */
export function reserveText(rir: number): string {
  return isEasy(rir) ? `${MOST_ASKED_RIR}+` : String(reserve(rir));
}

/** `1 set`, `3 sets`. */
export function plural(many: number, noun: Noun): string {
  return `${figure(many)} ${nounFor(many, noun)}`;
}
