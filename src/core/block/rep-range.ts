/** Reps (or seconds of a hold), both ends included. */
export interface RepRange {
  readonly low: number;
  readonly high: number;
}
