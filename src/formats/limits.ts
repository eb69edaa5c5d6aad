import { type Problem, type Result, refused } from '@/core';

/** Limits for reading a file: characters, nesting levels, lines, cells per line. */
export const FILE_LIMITS = {
  letters: 64_000_000,
  depth: 64,
  lines: 200_000,
  cells: 400,
} as const;

const tooLarge = (field: string, most: number, count: number): Problem => ({
  code: 'too-many',
  path: '',
  field,
  most,
  count,
});

/** Nesting depth of lists and objects in a text, whether or not it is valid JSON; stops at the limit. */
function depthOf(text: string, most: number): number {
  let [depth, deepest, isText] = [0, 0, false];
  for (let at = 0; at < text.length; at++) {
    const letter = text[at];
    if (isText) {
      if (letter === '\\') at++;
      else if (letter === '"') isText = false;
    } else if (letter === '"') isText = true;
    else if (letter === '[' || letter === '{') {
      depth++;
      deepest = Math.max(deepest, depth);
      if (deepest > most) return deepest;
    } else if (letter === ']' || letter === '}') depth--;
  }
  return deepest;
}

/** Parses JSON. Text that is too long or nested too deeply is refused before parsing. */
export function readJson(text: string): Result<unknown> {
  const { letters, depth } = FILE_LIMITS;
  if (text.length > letters) return refused(tooLarge('letters', letters, text.length));
  const deep = depthOf(text, depth);
  if (deep > depth) return refused(tooLarge('levels', depth, deep));
  try {
    return { ok: true, value: JSON.parse(text.replace(/^\uFEFF/, '')) };
  } catch (error) {
    // The parser's message says where: a line and column, or a position.
    const detail = error instanceof SyntaxError ? error.message : 'no JSON';
    return refused({ code: 'malformed', path: '', detail });
  }
}
