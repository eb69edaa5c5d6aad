import type { Pattern } from '../exercises/exercise';
import type { Tempo } from './tempo';

type RepPhase = keyof Tempo;

/** Movements whose set starts at the top, with the weight held up; all others start by lifting it. */
const FROM_THE_TOP: readonly Pattern[] = [
  'squat',
  'lunge',
  'hinge',
  'horizontal press',
  'fly',
  'pullover',
  'trunk extension',
];

const LOWERING_FIRST: readonly RepPhase[] = ['lowering', 'stretch', 'lifting', 'squeeze'];
const LIFTING_FIRST: readonly RepPhase[] = ['lifting', 'squeeze', 'lowering', 'stretch'];

/** The state of a set done at its tempo. */
export interface Pace {
  /** The current rep, from 1. */
  readonly rep: number;
  readonly phase: RepPhase;
  /** Whole seconds left of the phase, at least 1. */
  readonly left: number;
  /** How high the weight should be: 0 where the muscle is long, 1 where it is short. */
  readonly height: number;
}

/**
 * Where the weight should be after this many seconds of a set.
 * @param seconds since its first rep began, from 0
 * @returns undefined for a tempo of zero seconds
 */
export function paceAt(tempo: Tempo, pattern: Pattern, seconds: number): Pace | undefined {
  const order = FROM_THE_TOP.includes(pattern) ? LOWERING_FIRST : LIFTING_FIRST;
  const whole = order.reduce((sum, phase) => sum + tempo[phase], 0);
  if (whole <= 0) return undefined;
  const rep = Math.floor(seconds / whole) + 1;
  let within = seconds - (rep - 1) * whole;
  for (const phase of order) {
    const lasts = tempo[phase];
    if (within >= lasts) {
      within -= lasts;
      continue;
    }
    return { rep, phase, left: Math.ceil(lasts - within), height: weightHeight(phase, within / lasts) };
  }
  return undefined;
}

function weightHeight(phase: RepPhase, done: number): number {
  switch (phase) {
    case 'lowering':
      return 1 - done;
    case 'lifting':
      return done;
    case 'stretch':
      return 0;
    case 'squeeze':
      return 1;
  }
}
