/** What letters of the table's face take at most, as shares of the font's size; in both of its weights. */
const SHARES: readonly (readonly [letters: string, share: number])[] = [
  [" '.,:;!|ijl", 0.29],
  ['()[]{}ft·', 0.32],
  ['r-/I"*\\', 0.38],
  ['scz°', 0.45],
  ['abdeghknopquvxy?_«»', 0.5],
  ['0123456789+−–×=<>$CEFJKLPSTVXYZ', 0.571],
  ['ABDGHNOQRU&#', 0.65],
  ['Mw', 0.72],
  ['mW%@…½¼¾▲▼', 0.88],
];

/** Any other: letters with marks on them, other scripts. */
const OTHER = 1;

const SHARE_OF: ReadonlyMap<string, number> = new Map(
  SHARES.flatMap(([letters, share]) => [...letters].map((letter) => [letter, share] as const)),
);

/** A text of the table: the size of its font, and what stands beside it in its cell with the cell's border, in px. */
interface TextKind {
  readonly size: number;
  readonly beside: number;
}

/** Of a slot's own columns, and of a session's day and place. */
export const COLUMN_TEXT: TextKind = { size: 14, beside: 8 };

/** A slot's name has its number before it. */
export const SLOT_NAME: TextKind = { size: 14, beside: 26 };

/** A session's name has its letter before it, and the wide face. */
export const SESSION_NAME: TextKind = { size: 17, beside: 28 };

/** Reps in a week's cell, beside their load. */
export const REPS_TEXT: TextKind = { size: 12.5, beside: 2 };

/**
 * Whether a text may be wider than its cell and is to be cut off. Only those are: each text that is cut is a layer of
 * its own for the browser to sort, at every key.
 * @param width of the cell at least, in px
 */
export function mayRunOver(text: string, width: number, { size, beside }: TextKind): boolean {
  let shares = 0;
  for (const letter of text) shares += SHARE_OF.get(letter) ?? OTHER;
  return shares * size + beside > width;
}
