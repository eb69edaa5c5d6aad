/** Pseudo-random numbers in [0, 1), reproducible by seed. */
export type Random = () => number;

/** A 32-bit generator (mulberry): fast, and good enough for a model. */
export function randomFrom(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** A normal random number with mean 0 and deviation 1 (Box-Muller). */
export function normal(random: Random): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}
