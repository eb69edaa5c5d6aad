/** Why input was refused: a code, its place, and the figures for the message. Worded by the interface. */
export type Problem = { readonly path: string } & (
  | { readonly code: 'malformed'; readonly detail: string }
  | { readonly code: 'newer-format'; readonly version: number }
  | { readonly code: 'not-a-number'; readonly text: string }
  | { readonly code: 'not-understood'; readonly text: string; readonly example: string }
  | { readonly code: 'reserve-missing'; readonly example: string }
  | {
      readonly code: 'out-of-range';
      readonly field: string;
      readonly low: number;
      readonly high: number;
      readonly value: number;
      /** Whether only whole numbers are accepted. */
      readonly whole?: boolean;
    }
  | { readonly code: 'too-many'; readonly field: string; readonly most: number; readonly count: number }
  | { readonly code: 'too-long'; readonly most: number; readonly length: number }
  | { readonly code: 'bad-id'; readonly id: string }
  | { readonly code: 'no-such-day'; readonly text: string }
  | { readonly code: 'range-upside-down'; readonly low: number; readonly high: number }
  | { readonly code: 'rir-rises'; readonly first: number; readonly last: number }
  | { readonly code: 'unknown-exercise'; readonly exercise: string }
  | { readonly code: 'unknown-id'; readonly id: string }
  | { readonly code: 'id-taken'; readonly id: string }
  | { readonly code: 'to-read'; readonly coach: string }
  | { readonly code: 'name-missing' }
  | { readonly code: 'no-prime-mover' }
  | { readonly code: 'compound-alone' }
  | { readonly code: 'bodyweight-share' }
  | { readonly code: 'nothing-to-progress' }
  | { readonly code: 'no-place' }
  | { readonly code: 'no-phase' }
  | { readonly code: 'same-day-twice'; readonly date: string }
  | { readonly code: 'marks-out-of-order'; readonly muscle: string }
  | { readonly code: 'table-rises'; readonly reps: number }
  | { readonly code: 'tempo'; readonly text: string }
  | {
      readonly code: 'load-not-makeable';
      readonly load: number;
      readonly unit: string;
      readonly below: number | null;
      readonly above: number | null;
    }
  | { readonly code: 'not-bodyweight'; readonly exercise: string }
  | { readonly code: 'no-sessions' }
  | { readonly code: 'session-without-slots'; readonly session: string }
  | { readonly code: 'week-issued'; readonly week: number }
);
