/** Largest letter widths of the table's font, relative to its size; in both weights. */
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

/** Any other: accented letters, other scripts. */
const OTHER = 1;

const SHARE_OF: ReadonlyMap<string, number> = new Map(
  SHARES.flatMap(([letters, share]) => [...letters].map((letter) => [letter, share] as const)),
);

/** A text style of the table: its font size, and the padding and border of its cell, in px. */
interface TextKind {
  readonly size: number;
  readonly beside: number;
}

/** For a slot's own columns, and a session's day and place. */
export const COLUMN_TEXT: TextKind = { size: 14, beside: 8 };

/** A slot's name follows its number. */
export const SLOT_NAME: TextKind = { size: 14, beside: 26 };

/** A session's name follows its letter, in the wide face. */
export const SESSION_NAME: TextKind = { size: 17, beside: 28 };

/** Reps in a week's cell, beside their load. */
export const REPS_TEXT: TextKind = { size: 12.5, beside: 2 };

/**
 * Whether a text may be wider than its cell and must be cut off. Only those are, because each cut-off text is a layer
 * that the browser sorts at every keystroke.
 * @param width least width of the cell, in px
 */
export function mayOverflow(text: string, width: number, { size, beside }: TextKind): boolean {
  let shares = 0;
  for (const letter of text) shares += SHARE_OF.get(letter) ?? OTHER;
  return shares * size + beside > width;
}
