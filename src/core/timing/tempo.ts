import type { Conventions } from '../conventions/conventions';
import type { Measure } from '../exercises/exercise';

/** Seconds of one rep: lowering, pause at the stretch, lifting, pause at the top. */
export interface Tempo {
  readonly lowering: number;
  readonly stretch: number;
  readonly lifting: number;
  readonly squeeze: number;
}

/** Longest phase of a rep, in seconds. */
const LONGEST = 60;

/**
 * Reads `31X0` or `310`, one digit per phase, or `3-1-10-0` for longer phases; three phases mean no last pause, X (as
 * fast as possible) counts 1.
 * @returns undefined if the text is not a tempo
 */
export function parseTempo(text: string): Tempo | undefined {
  const phases = text.includes('-') ? text.split('-') : [...text];
  if (phases.length < 3 || phases.length > 4) return undefined;
  const read = phases.map((phase, at) => (at === 2 && /^x$/i.test(phase) ? 1 : secondsOf(phase)));
  const [lowering, stretch, lifting, squeeze = 0] = read;
  if (lowering === undefined || stretch === undefined || lifting === undefined) return undefined;
  if (read.includes(undefined)) return undefined;
  return { lowering, stretch, lifting, squeeze };
}

function secondsOf(phase: string): number | undefined {
  const seconds = /^\d{1,2}$/.test(phase) ? Number(phase) : undefined;
  return seconds !== undefined && seconds <= LONGEST ? seconds : undefined;
}

/**
 * Seconds of one rep at its tempo, or the default if none is prescribed. A hold is counted in seconds, each of which
 * is one.
 */
export function secondsPerRep(
  { measure, tempo: text }: { readonly measure: Measure; readonly tempo: string | null },
  conventions: Pick<Conventions, 'secondsPerRep'>,
): number {
  if (measure === 'seconds') return 1;
  const tempo = text === null ? undefined : parseTempo(text);
  if (tempo === undefined) return conventions.secondsPerRep;
  return tempo.lowering + tempo.stretch + tempo.lifting + tempo.squeeze;
}
