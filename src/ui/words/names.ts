import {
  type Catalogue,
  type PlannedSet,
  type Role,
  type Slot,
  type Soreness,
  type TechniqueParameters,
  WEEKDAYS,
} from '@/core';
import { figure } from './figures';

/** How an exercise is called, by its id. */
export type ExerciseNames = (id: string) => string;

/** Names from a catalogue; the id where it does not know one. */
export function namesOf(catalogue: Pick<Catalogue, 'newest'>): ExerciseNames {
  return (id) => catalogue.newest(id)?.name ?? id;
}

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** A technique as it reads in a cell. */
export function techniqueCell({ technique, drift }: Pick<Slot, 'technique' | 'drift'>): string {
  const held = drift === 'hold reps';
  switch (technique.kind) {
    case 'straight':
      return held ? 'same reps' : 'straight';
    case 'top + back-offs':
      return `top + ${technique.backOffs}${held ? ' =' : ''}`;
  }
}

/** A technique in words. */
export function techniqueSentence({ technique, drift }: Pick<Slot, 'technique' | 'drift'>): string {
  const later =
    drift === 'hold reps'
      ? ' Every set asks the same reps and ends nearer failure.'
      : ' Later sets ask fewer reps at the same RIR.';
  return shapeSentence(technique) + later;
}

function shapeSentence(technique: TechniqueParameters): string {
  switch (technique.kind) {
    case 'straight':
      return `${technique.sets} straight sets at one load.`;
    case 'top + back-offs': {
      const reps =
        technique.backOffReps === 0 ? 'in the same range' : `of ${technique.backOffReps} reps more`;
      return `One heavier set held back by ${technique.topRir} RIR, then ${technique.backOffs} about ${figure(technique.drop * 100)} % lighter ${reps}.`;
    }
  }
}

const ROLES: Readonly<Record<Role, string>> = { work: 'set', top: 'top set', 'back-off': 'back-off' };

/** `set 2 of 3`, `top set`, `back-off 1 of 2`. */
export function setName(set: PlannedSet, sets: readonly PlannedSet[]): string {
  const alike = sets.filter((one) => one.role === set.role);
  const at = alike.findIndex((one) => one.id === set.id) + 1;
  return alike.length === 1 && set.role === 'top' ? ROLES.top : `${ROLES[set.role]} ${at} of ${alike.length}`;
}

/** Day of the cycle: a weekday where the cycle is whole weeks, which are lettered where they alternate. */
export function dayName(day: number, cycleDays: number): string {
  if (cycleDays % 7 !== 0) return `day ${day + 1}`;
  const weekday = WEEKDAYS[day % 7] ?? '';
  return cycleDays === 7 ? weekday : `${weekday} ${String.fromCharCode(65 + Math.floor(day / 7))}`;
}

export const SORENESS_WORDS: Readonly<Record<Soreness, { readonly short: string; readonly long: string }>> = {
  'never sore': { short: 'Never sore', long: 'no soreness at all' },
  early: { short: 'Gone early', long: 'gone a day or more before the next session' },
  'just in time': { short: 'Just in time', long: 'gone just before the next session' },
  'still sore': { short: 'Still sore', long: 'still there at the next session' },
};

/** `week 3`, or `deload` where the week is one. */
export function weekName(week: number, kind: 'building' | 'deload'): string {
  return kind === 'deload' ? 'deload' : `week ${week}`;
}
