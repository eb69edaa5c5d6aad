import { ok, type Result, refused } from '@/core';

/** A whole or decimal number, comma or point; the problem names the text otherwise. */
export function readNumber(text: string, path: string): Result<number> {
  const tidy = text.trim().replace(',', '.').replace('−', '-');
  return /^-?\d+(\.\d+)?$/.test(tidy)
    ? ok(Number(tidy))
    : refused({ code: 'not-a-number', path, text: text.trim() });
}
