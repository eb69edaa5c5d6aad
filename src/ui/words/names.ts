import { type Catalogue, type Soreness, WEEKDAYS } from '@/core';

/** The shown name of an exercise, by its id. */
export type ExerciseNames = (id: string) => string;

/** Names from a catalogue; the id where it does not know one. */
export function namesOf(catalogue: Pick<Catalogue, 'newest'>): ExerciseNames {
  return (id) => catalogue.newest(id)?.name ?? id;
}

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** Day of the cycle: a weekday where the cycle is whole weeks, which are lettered where they alternate. */
export function dayName(day: number, cycleDays: number): string {
  if (cycleDays % 7 !== 0) return `day ${day + 1}`;
  const weekday = WEEKDAYS[day % 7] ?? '';
  return cycleDays === 7 ? weekday : `${weekday} ${String.fromCharCode(65 + Math.floor(day / 7))}`;
}

export const SORENESS_WORDS: Readonly<Record<Soreness, { readonly short: string; readonly long: string }>> = {
  'never sore': { short: 'Never sore', long: 'no soreness' },
  early: { short: 'Recovered early', long: 'gone a day or more before the next session' },
  'just in time': { short: 'Recovered just in time', long: 'gone just before the next session' },
  'still sore': { short: 'Still sore', long: 'still sore at the next session' },
};

/** `week 3`, or `deload` where the week is one. */
export function weekName(week: number, kind: 'building' | 'deload'): string {
  return kind === 'deload' ? 'deload' : `week ${week}`;
}
