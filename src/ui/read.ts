import { ok, type Result, refused } from '@/core';

/** A decimal number, comma or point; within bounds when they are given. */
export function readNumber(
  text: string,
  bounds: { readonly field: string; readonly low: number; readonly high: number; readonly whole?: boolean },
): Result<number> {
  const tidy = text.trim().replace(',', '.').replace('−', '-');
  if (!/^-?\d+(\.\d+)?$/.test(tidy))
    return refused({ code: 'not-a-number', path: bounds.field, text: text.trim() });
  const value = Number(tidy);
  const { field, low, high, whole = false } = bounds;
  if (value < low || value > high || (whole && !Number.isInteger(value)))
    return refused({ code: 'out-of-range', path: field, field, low, high, value, whole });
  return ok(value);
}

/** A day of the calendar, `2026-11-24`. */
export function readDate(text: string): Result<string> {
  const tidy = text.trim();
  const date = /^\d{4}-\d{2}-\d{2}$/.test(tidy) ? new Date(`${tidy}T00:00:00Z`) : undefined;
  if (date === undefined || Number.isNaN(date.getTime()) || !date.toISOString().startsWith(tidy))
    return refused({ code: 'not-understood', path: 'date', text: tidy, example: '2026-11-24' });
  return ok(tidy);
}

/** Any text up to a length. */
export function readText(most: number): (text: string) => Result<string> {
  return (text) => ok(text.slice(0, most));
}

/** A number as readNumber takes it, or nothing at all. */
export function readOptionalNumber(
  text: string,
  bounds: Parameters<typeof readNumber>[1],
): Result<number | null> {
  return text.trim() === '' ? ok(null) : readNumber(text, bounds);
}
