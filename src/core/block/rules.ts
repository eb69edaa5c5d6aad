import type { Problem } from '../problem';
import { LIMITS } from './bounds';

/** Checks used by several parts of a block; each returns what is wrong, empty if nothing is. */

interface Bounds {
  readonly low: number;
  readonly high: number;
}

/** A number within bounds, whole unless stated otherwise. */
export function outOfBounds(
  path: string,
  field: string,
  value: number,
  { low, high }: Bounds,
  whole = true,
): readonly Problem[] {
  if (value >= low && value <= high && (!whole || Number.isInteger(value))) return [];
  return [{ code: 'out-of-range', path, field, low, high, value, whole }];
}

/** A list with at most this many items. */
export function tooMany(
  path: string,
  field: string,
  list: readonly unknown[],
  most: number,
): readonly Problem[] {
  return list.length <= most ? [] : [{ code: 'too-many', path, field, most, count: list.length }];
}

/** A text with at most this many characters. */
export function tooLong(path: string, text: string | null, most: number): readonly Problem[] {
  return text === null || text.length <= most ? [] : [{ code: 'too-long', path, most, length: text.length }];
}

/** No more slots than a session and a block may hold. */
export function tooManySlots(
  sessions: readonly { readonly slots: readonly unknown[] }[],
): readonly Problem[] {
  const count = sessions.reduce((sum, { slots }) => sum + slots.length, 0);
  const most = LIMITS.allSlots;
  return count <= most ? [] : [{ code: 'too-many', path: 'block/sessions', field: 'slots', most, count }];
}

/** A non-empty name that is not too long. */
export function nameProblems(path: string, name: string, most: number = LIMITS.text): readonly Problem[] {
  return name.trim() === '' ? [{ code: 'name-missing', path }] : tooLong(path, name, most);
}

const SHAPE = new RegExp(`^[A-Za-z0-9_-]{1,${LIMITS.id}}$`);

/** Letters, digits, _ and -, except names that every JavaScript object has. */
export function isId(id: string): boolean {
  return SHAPE.test(id) && !(id in Object.prototype);
}

export function idProblems(path: string, id: string): readonly Problem[] {
  return isId(id) ? [] : [{ code: 'bad-id', path, id }];
}
