import type { Conventions } from '../conventions/conventions';
import type { Measure } from '../exercises/exercise';

/** Seconds of one rep: lowering, pause at the stretch, lifting, pause at the squeeze. */
export interface Tempo {
  readonly lowering: number;
  readonly stretch: number;
  readonly lifting: number;
  readonly squeeze: number;
}

/**
 * Reads `31X0` or `310`: one digit a phase, three digits mean no last pause, X (as fast as possible) counts 1.
 * @returns undefined when the text is no tempo
 */
export function parseTempo(text: string): Tempo | undefined {
  if (!/^[0-9][0-9][0-9Xx][0-9]?$/.test(text)) return undefined;
  const [lowering = 0, stretch = 0, lifting = 0, squeeze = 0] = [...text].map((c) =>
    c === 'X' || c === 'x' ? 1 : Number(c),
  );
  return { lowering, stretch, lifting, squeeze };
}

/** Seconds of one rep at its tempo, or the convention's when none is prescribed. A hold is counted in seconds: each is one. */
export function secondsPerRep(
  { measure, tempo: text }: { readonly measure: Measure; readonly tempo: string | null },
  conventions: Pick<Conventions, 'secondsPerRep'>,
): number {
  if (measure === 'seconds') return 1;
  const tempo = text === null ? undefined : parseTempo(text);
  if (tempo === undefined) return conventions.secondsPerRep;
  return tempo.lowering + tempo.stretch + tempo.lifting + tempo.squeeze;
}
