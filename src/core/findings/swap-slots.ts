import { placeFor } from '../athlete/place';
import type { Session, Slot } from '../block/block';
import { exchangeExercise } from '../block/exchange-exercise';
import { type Exercise, primeMovers } from '../exercises/exercise';
import { LIBRARY } from '../exercises/library';
import { swapCandidates } from '../exercises/similarity';
import { exerciseGate } from '../techniques/gates';
import { asPlanned, type CheckInput, type Fix } from './finding';

/** A slot with its session. */
export interface Placed {
  readonly session: Session;
  readonly slot: Slot;
}

/**
 * Substitutes for a slot, best first: possible at the place, with a shared prime mover, counted the same way, allowed
 * with the slot's technique, and not in the session yet.
 * @param suits a further condition
 */
export function substitutesFor(
  placed: Placed,
  input: CheckInput,
  suits: (exercise: Exercise, placed: Placed) => boolean = () => true,
): readonly Exercise[] {
  const { session, slot } = placed;
  const exercise = input.exerciseOf(asPlanned(slot));
  const movers = primeMovers(exercise);
  const taken = new Set(session.slots.map((one) => one.exercise.id));
  const list = LIBRARY.filter(
    (one) =>
      !taken.has(one.id) &&
      one.measure === exercise.measure &&
      primeMovers(one).some((muscle) => movers.includes(muscle)) &&
      exerciseGate(slot, one) === null &&
      suits(one, placed),
  );
  const place = placeFor(input.athlete, session.place);
  return swapCandidates(exercise, list, { athlete: input.athlete, place, date: input.week.startDate }).map(
    (one) => one.exercise,
  );
}

/** Substitutes offered for one slot. */
const OFFERED = 3;

/** The best substitute for each of these slots; for a single slot also the next best ones. */
export function swapFixes(slots: readonly Placed[], input: CheckInput): readonly Fix[] {
  const ranks = slots.length === 1 ? OFFERED : 1;
  return Array.from({ length: ranks }, (_, nth) => swapAll(slots, input, undefined, nth)).flatMap(
    (fix) => fix ?? [],
  );
}

/**
 * One fix that puts the best substitute into each of these slots, no exercise twice in a session.
 * @param nth which substitute each gets, 0 for the best
 * @returns undefined if a slot has none
 */
export function swapAll(
  slots: readonly Placed[],
  input: CheckInput,
  suits: (exercise: Exercise, placed: Placed) => boolean = () => true,
  nth = 0,
): Fix | undefined {
  const taken = new Map<string, Set<string>>();
  const swaps: { readonly slot: Slot; readonly to: Exercise }[] = [];
  for (const placed of slots) {
    const used = taken.get(placed.session.id) ?? new Set<string>();
    taken.set(placed.session.id, used);
    const free = substitutesFor(placed, input, suits).filter(({ id }) => !used.has(id));
    const to = free[nth];
    if (to === undefined) return undefined;
    used.add(to.id);
    swaps.push({ slot: placed.slot, to });
  }
  if (swaps.length === 0) return undefined;
  return {
    does: 'swap',
    swaps: swaps.map(({ slot, to }) => ({ from: slot.exercise.id, to: to.id })),
    edit: {
      kind: 'batch',
      edits: swaps.flatMap(({ slot, to }) => exchangeExercise(slot, input.exerciseOf(asPlanned(slot)), to)),
    },
  };
}
