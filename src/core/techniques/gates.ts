import type { Muscle } from '../anatomy/muscle';
import type { Athlete } from '../athlete/athlete';
import type { Session, Slot } from '../block/block';
import { daysBetween, type LocalDate } from '../calendar';
import type { Conventions } from '../conventions/conventions';
import { type Exercise, primeMovers } from '../exercises/exercise';
import {
  heldBack,
  insideOf,
  partsOf,
  reachOf,
  setCount,
  type TechniqueParameters,
  withSetCount,
} from './registry';
import { straightSets } from './straight-sets';

/** Why a technique may not be done as written. */
export const GATES = [
  'unsafe alone',
  'isolation only',
  'not screened',
  'limbs only',
  'holds only',
  'reps only',
  'too much past failure',
  'poor recovery',
] as const;
export type Gate = (typeof GATES)[number];

const LIMBS: ReadonlySet<Muscle> = new Set([
  'biceps',
  'triceps',
  'forearms',
  'quads',
  'hamstrings',
  'adductors',
  'calves',
]);

/** What can be done with a position held. */
const FOR_HOLDS: ReadonlySet<TechniqueParameters['kind']> = new Set([
  'straight',
  'static hold',
  'top + back-offs',
  'activation',
]);

type Gated = Pick<Slot, 'technique' | 'safety'>;

/**
 * What blocks a technique on an exercise, whoever does it: going to failure or past it where nobody can fail safely
 * alone and nothing is recorded that makes it safe; loose reps on a compound; restricted flow without screening or off
 * the limbs; holds and reps confused.
 */
export function gateOf({ technique, safety }: Gated, exercise: Exercise): Gate | null {
  const inside = insideOf(technique);
  const held = exercise.measure === 'seconds';
  if (inside.kind === 'static hold' && !held) return 'holds only';
  if (held && !FOR_HOLDS.has(inside.kind)) return 'reps only';
  if (inside.kind === 'strict then loose' && exercise.kind === 'compound') return 'isolation only';
  if (inside.kind === 'restricted blood flow') {
    if (!inside.screened) return 'not screened';
    if (!primeMovers(exercise).every((muscle) => LIMBS.has(muscle))) return 'limbs only';
  }
  const reach = reachOf(technique);
  // Partials go on where full reps would not: what can only be set down is not open to them, whatever was left before.
  const isBeyond = reach === 'past failure' || goesOnBeyond(technique);
  const mayGo = isBeyond ? isFailedSafely(exercise, safety) : mayFail(exercise, safety);
  return reach === 'short of failure' || mayGo ? null : 'unsafe alone';
}

const isFailedSafely = ({ failableAlone }: Pick<Exercise, 'failableAlone'>, safety: string) =>
  failableAlone || safety.trim() !== '';

/** Whether sets go on, in part of the range or with help, once their full reps are done. */
function goesOnBeyond(technique: TechniqueParameters): boolean {
  return partsOf(technique).some(({ sections }) =>
    sections?.(true, 'long half').some(({ past }) => past === true),
  );
}

/** Whether a set may end at failure: nobody gets stuck, it can be set down, or the coach records what makes it safe. */
export function mayFail(exercise: Pick<Exercise, 'failableAlone' | 'canSetDown'>, safety: string): boolean {
  return isFailedSafely(exercise, safety) || exercise.canSetDown === true;
}

/** The technique as it may be done behind a gate: held back from failure, or straight sets where it may not be at all. */
export function behindGate(technique: TechniqueParameters, gate: Gate): TechniqueParameters {
  return gate === 'unsafe alone' || isTooMuch(gate)
    ? heldBack(technique)
    : withSetCount(straightSets.start, setCount(technique));
}

/** Whether a gate stands because of how much there is, or of how the athlete is, and not because of what it is. */
export function isTooMuch(gate: Gate): boolean {
  return gate === 'too much past failure' || gate === 'poor recovery';
}

/** Slots of a session that may go past failure. */
export function pastFailureLimit(
  athlete: Pick<Athlete, 'level' | 'trainingSince'>,
  at: { readonly week: number; readonly startDate: LocalDate },
  conventions: Conventions,
): number {
  if (athlete.level === 'advanced') return conventions.pastFailureAdvanced;
  if (athlete.level === 'intermediate') return conventions.pastFailureIntermediate;
  const weeks =
    athlete.trainingSince === null ? at.week - 1 : daysBetween(athlete.trainingSince, at.startDate) / 7;
  return weeks < conventions.pastFailureNoviceWeeks ? 0 : conventions.pastFailureNovice;
}

/** Whether every slot of a session has so few sets that more of them may knowingly go past failure. */
export function isLowSets(session: Pick<Session, 'slots'>, { lowSetPlan }: Conventions): boolean {
  return session.slots.every(({ technique }) => setCount(technique) <= lowSetPlan);
}

/**
 * The gate each slot of a session stands behind; slots that stand behind none are left out. Of those that go past
 * failure the first ones up to the limit may.
 * @param limit slots that may go past failure, see pastFailureLimit; null: none, for recovery is poor
 */
export function gatesOf(
  session: Pick<Session, 'slots'>,
  exerciseOf: (slot: Slot) => Exercise,
  limit: number | null,
): ReadonlyMap<string, Gate> {
  const gates = new Map<string, Gate>();
  let past = 0;
  for (const slot of session.slots) {
    const gate = gateOf(slot, exerciseOf(slot));
    if (gate !== null) gates.set(slot.id, gate);
    else if (reachOf(slot.technique) === 'past failure' && ++past > (limit ?? 0))
      gates.set(slot.id, limit === null ? 'poor recovery' : 'too much past failure');
  }
  return gates;
}
