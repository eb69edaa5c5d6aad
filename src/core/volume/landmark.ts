/** Weekly fractional hard sets that maintain, start growth, and are the most an athlete recovers from. */
export interface Landmarks {
  readonly hold: number;
  readonly floor: number;
  readonly ceiling: number;
}

export const MARKS = ['hold', 'floor', 'ceiling'] as const;
export type Mark = (typeof MARKS)[number];
