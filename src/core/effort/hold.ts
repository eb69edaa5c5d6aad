import type { Conventions } from '../conventions/conventions';

/** Longest hold that a set of seconds with some in reserve stands for: each rep in reserve is a tenth of the seconds. */
export function longestHold(seconds: number, rir: number, { holdShare }: Conventions): number {
  return seconds * (1 + (rir * holdShare) / 100);
}

/** Seconds that leave so many in reserve, given the longest hold. */
export function secondsAt(longest: number, rir: number, { holdShare }: Conventions): number {
  return longest / (1 + (rir * holdShare) / 100);
}

/** Reps in reserve at the end of a hold, given the longest. */
export function rirOfHold(longest: number, seconds: number, { holdShare }: Conventions): number {
  return seconds <= 0 ? Number.POSITIVE_INFINITY : ((longest / seconds - 1) * 100) / holdShare;
}

/** The longest hold left after earlier sets that cost so many reps: each takes its share of the seconds. */
export function tiredHold(longest: number, fatigue: number, { holdShare }: Conventions): number {
  return longest * Math.max(0, 1 - (fatigue * holdShare) / 100);
}
