/** A piece of a round as a clock sees it. */
export interface TimedPiece {
  /** Seconds its reps or its hold take. */
  readonly seconds: number;
  /** Seconds of rest behind it. */
  readonly rest: number;
}

/** A stretch of a round: a piece being done, or the rest before the next. Seconds from the round's start. */
export interface RoundStep {
  readonly kind: 'work' | 'rest';
  /** The piece done, or the one that comes next; from 0. */
  readonly piece: number;
  readonly from: number;
  readonly to: number;
}

const MINUTE = 60;

/**
 * A round by the clock, piece after piece with the rests between them; what is done every minute begins with each minute,
 * whatever it takes.
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

/** Where a round stands so many seconds after its start, and the whole seconds left of the step; undefined once it is over. */
export function roundAt(
  steps: readonly RoundStep[],
  seconds: number,
): { readonly step: RoundStep; readonly left: number } | undefined {
  const step = steps.find(({ from, to }) => seconds >= from && seconds < to);
  return step === undefined ? undefined : { step, left: Math.ceil(step.to - seconds) };
}
