import { ok, type Result, refused } from '@/core';

/** A whole or decimal number, comma or point; otherwise a problem with the text. */
export function readNumber(text: string, path: string): Result<number> {
  const tidy = text.trim().replace(',', '.').replace('−', '-');
  return /^-?\d+(\.\d+)?$/.test(tidy)
    ? ok(Number(tidy))
    : refused({ code: 'not-a-number', path, text: text.trim() });
}
