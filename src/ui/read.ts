import { ok, type Result, refused } from '@/core';
import { dayFrom } from './words/dates';

/** A decimal number, comma or point; within bounds if given. */
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

/** A calendar day as people write it, `9 Nov 2026`; without a year the nearest. */
export function readDate(text: string): Result<string> {
  const date = dayFrom(text, new Date().toISOString().slice(0, 10));
  return date === undefined
    ? refused({ code: 'not-understood', path: 'date', text: text.trim(), example: '24 Nov 2026' })
    : ok(date);
}

/** Any text up to a length. */
export function readText(most: number): (text: string) => Result<string> {
  return (text) => ok(text.slice(0, most));
}

/** A number as for readNumber, or nothing. */
export function readOptionalNumber(
  text: string,
  bounds: Parameters<typeof readNumber>[1],
): Result<number | null> {
  return text.trim() === '' ? ok(null) : readNumber(text, bounds);
}
