/** Reps (or seconds of a hold) from one end to the other, both included. */
export interface RepRange {
  readonly low: number;
  readonly high: number;
}
