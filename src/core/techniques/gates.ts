import type { Muscle } from '../anatomy/muscle';
import type { Athlete } from '../athlete/athlete';
import type { Session, Slot } from '../block/block';
import { daysBetween, type LocalDate } from '../calendar';
import type { Conventions } from '../conventions/conventions';
import { type Exercise, primeMovers } from '../exercises/exercise';
import {
  failureReach,
  holdBack,
  innerTechnique,
  setCount,
  type TechniqueParameters,
  techniqueParts,
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

/** Techniques possible with a hold. */
const FOR_HOLDS: ReadonlySet<TechniqueParameters['kind']> = new Set([
  'straight',
  'static hold',
  'top + back-offs',
  'activation',
]);

type Gated = Pick<Slot, 'technique' | 'safety'>;

/**
 * What blocks a technique on an exercise for any athlete: failure or beyond where nobody can fail safely alone and no
 * safety measure is noted; loose reps on a compound; blood-flow restriction without screening or on other parts than
 * limbs; holds and reps confused.
 */
export function exerciseGate({ technique, safety }: Gated, exercise: Exercise): Gate | null {
  const inside = innerTechnique(technique);
  const held = exercise.measure === 'seconds';
  if (inside.kind === 'static hold' && !held) return 'holds only';
  if (held && !FOR_HOLDS.has(inside.kind)) return 'reps only';
  if (inside.kind === 'strict then loose' && exercise.kind === 'compound') return 'isolation only';
  if (inside.kind === 'restricted blood flow') {
    if (!inside.screened) return 'not screened';
    if (!primeMovers(exercise).every((muscle) => LIMBS.has(muscle))) return 'limbs only';
  }
  const reach = failureReach(technique);
  // Partials continue where full reps would not: lifts that can only be set down do not allow them, at any RIR.
  const isBeyond = reach === 'past failure' || continuesPastFullReps(technique);
  const mayGo = isBeyond ? isFailedSafely(exercise, safety) : mayFail(exercise, safety);
  return reach === 'short of failure' || mayGo ? null : 'unsafe alone';
}

const isFailedSafely = ({ failableAlone }: Pick<Exercise, 'failableAlone'>, safety: string) =>
  failableAlone || safety.trim() !== '';

/** Whether sets continue, with partial range or help, after their full reps. */
function continuesPastFullReps(technique: TechniqueParameters): boolean {
  return techniqueParts(technique).some(({ sections }) =>
    sections?.(true, 'long half').some(({ past }) => past === true),
  );
}

/**
 * Whether a set may end at failure: nobody gets stuck, the weight can be set down, or the coach has noted a safety
 * measure.
 */
export function mayFail(exercise: Pick<Exercise, 'failableAlone' | 'canSetDown'>, safety: string): boolean {
  return isFailedSafely(exercise, safety) || exercise.canSetDown === true;
}

/** The technique as its limit allows: held back from failure, or straight sets if it is not allowed at all. */
export function withinGate(technique: TechniqueParameters, gate: Gate): TechniqueParameters {
  const isLeftOut = gate === 'poor recovery' && isLongSet(technique);
  return !isLeftOut && (gate === 'unsafe alone' || isTooMuch(gate))
    ? holdBack(technique)
    : withSetCount(straightSets.start, setCount(technique));
}

/** Longest set of a compound, in reps, that stays as written while recovery is poor. */
const LONGEST_TIRED = 30;

/** Whether a set is so long that it tires somebody who has not recovered, even short of failure. */
function isLongSet(technique: TechniqueParameters): boolean {
  const inside = innerTechnique(technique);
  return (
    inside.kind === 'high-rep finisher' && inside.shape === 'long set' && inside.band.high > LONGEST_TIRED
  );
}

/** Whether a limit exists because of the amount or the athlete's condition, not because of the technique itself. */
export function isTooMuch(gate: Gate): boolean {
  return gate === 'too much past failure' || gate === 'poor recovery';
}

/** How many slots of a session may go past failure. */
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

/** Whether every slot of a session has so few sets that more of them may go past failure on purpose. */
export function isLowVolumePlan(session: Pick<Session, 'slots'>, { lowSetPlan }: Conventions): boolean {
  return session.slots.every(({ technique }) => setCount(technique) <= lowSetPlan);
}

/**
 * The limit that applies to each slot of a session; slots without one are left out. Of those past failure the first
 * ones up to the maximum are allowed. While recovery is poor very long sets of compounds are left out as well.
 * @param limit slots that may go past failure, see pastFailureLimit; null: none, because recovery is poor
 */
export function sessionGates(
  session: Pick<Session, 'slots'>,
  exerciseOf: (slot: Slot) => Exercise,
  limit: number | null,
): ReadonlyMap<string, Gate> {
  const gates = new Map<string, Gate>();
  let past = 0;
  for (const slot of session.slots) {
    const gate = exerciseGate(slot, exerciseOf(slot));
    if (gate !== null) gates.set(slot.id, gate);
    else if (limit === null && isLongSet(slot.technique) && exerciseOf(slot).kind === 'compound')
      gates.set(slot.id, 'poor recovery');
    else if (failureReach(slot.technique) === 'past failure' && ++past > (limit ?? 0))
      gates.set(slot.id, limit === null ? 'poor recovery' : 'too much past failure');
  }
  return gates;
}
