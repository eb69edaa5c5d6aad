/** Weekly fractional hard sets that maintain / just start growth / are the most that can be recovered from. */
export interface Landmarks {
  readonly hold: number;
  readonly floor: number;
  readonly ceiling: number;
}

export const MARKS = ['hold', 'floor', 'ceiling'] as const;
export type Mark = (typeof MARKS)[number];
