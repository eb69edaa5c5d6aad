import type { Conventions } from '../conventions/conventions';

/**
 * The longest possible hold, from seconds held with reps in reserve: each rep in reserve is a tenth of the seconds.
 */
export function longestHold(seconds: number, rir: number, { holdShare }: Conventions): number {
  return seconds * (1 + (rir * holdShare) / 100);
}

/** Seconds that leave this RIR, given the longest possible hold. */
export function secondsForRir(longest: number, rir: number, { holdShare }: Conventions): number {
  return longest / (1 + (rir * holdShare) / 100);
}

/** RIR at the end of a hold, given the longest possible one. */
export function rirAfterHold(longest: number, seconds: number, { holdShare }: Conventions): number {
  return seconds <= 0 ? Number.POSITIVE_INFINITY : ((longest / seconds - 1) * 100) / holdShare;
}

/** The longest possible hold after earlier sets that cost this many reps: each takes its fraction of the seconds. */
export function holdAfterFatigue(longest: number, fatigue: number, { holdShare }: Conventions): number {
  return longest * Math.max(0, 1 - (fatigue * holdShare) / 100);
}
