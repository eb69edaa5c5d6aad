/** A part of a round on a clock. */
export interface TimedPiece {
  /** Seconds of its reps or hold. */
  readonly seconds: number;
  /** Seconds of rest after it. */
  readonly rest: number;
}

/** A section of a round: a part, or the rest before the next. Seconds from the round's start. */
export interface RoundStep {
  readonly kind: 'work' | 'rest';
  /** The current or next part, from 0. */
  readonly piece: number;
  readonly from: number;
  readonly to: number;
}

const MINUTE = 60;

/**
 * A round by the clock, its parts with the rests between them; every-minute parts start with each minute, whatever
 * they take.
 */
export function roundSteps(pieces: readonly TimedPiece[], everyMinute: boolean): readonly RoundStep[] {
  const steps: RoundStep[] = [];
  let at = 0;
  pieces.forEach(({ seconds, rest }, piece) => {
    const begins = everyMinute ? piece * MINUTE : at;
    const ends = everyMinute ? Math.min(begins + seconds, begins + MINUTE) : begins + seconds;
    steps.push({ kind: 'work', piece, from: begins, to: ends });
    at = everyMinute ? (piece + 1) * MINUTE : ends + rest;
    if (piece < pieces.length - 1 && at > ends)
      steps.push({ kind: 'rest', piece: piece + 1, from: ends, to: at });
  });
  return steps;
}

/**
 * The state of a round after this many seconds, with the whole seconds left of the step; undefined once it is over.
 */
export function roundAt(
  steps: readonly RoundStep[],
  seconds: number,
): { readonly step: RoundStep; readonly left: number } | undefined {
  const step = steps.find(({ from, to }) => seconds >= from && seconds < to);
  return step === undefined ? undefined : { step, left: Math.ceil(step.to - seconds) };
}
