import type { EquipmentSet } from '../loading/equipment';
import { loadGrid, nearestLoad } from '../loading/grid';
import type { SessionPlan } from '../plan/session';
import type { SetPlan } from '../plan/set';
import type { SlotPlan } from '../plan/slot';
import { roundHalfUp } from '../rounding';
import { failureReach, holdBack } from '../techniques/registry';
import { asHundredths, decimal, hundredths } from '../units';
import type { Rescue } from './session-note';

/** A fifth less load. */
const LIGHTER = 0.8;
/** A third fewer sets. */
const FEWER = 2 / 3;
/** Least RIR on such a day. */
const LEAST_RIR = 2;

/** A session after a poor night: techniques held back and, by the athlete's choice, lighter or shorter. */
export function makeEasier(session: SessionPlan, rescue: Rescue, equipment: EquipmentSet): SessionPlan {
  const slots = session.slots.map((slot) => easier(heldBackFromFailure(slot), rescue, equipment));
  return { ...session, slots, sets: slots.reduce((sum, { sets }) => sum + sets.length, 0) };
}

function easier(slot: SlotPlan, rescue: Rescue, equipment: EquipmentSet): SlotPlan {
  switch (rescue) {
    case 'lighter':
      return withLessLoad(slot, equipment);
    case 'fewer sets':
      return withFewerSets(slot);
    case 'in halves':
      return slot;
  }
}

/** No set past failure or closer to it than two reps. */
export function heldBackFromFailure(slot: SlotPlan): SlotPlan {
  const isPast = failureReach(slot.technique) === 'past failure';
  const sets = slot.sets
    .filter(({ piece }) => piece === 1 || !isPast)
    .map((set) => ({
      ...set,
      rir: Math.max(LEAST_RIR, set.rir),
      sections: set.sections.filter(({ past }) => past !== true),
    }));
  return { ...slot, technique: holdBack(slot.technique), sets: restful(sets, slot) };
}

/** The last remaining part of a round is followed by the slot's rest. */
function restful(sets: readonly SetPlan[], { rest, sets: all }: SlotPlan): readonly SetPlan[] {
  return sets.length === all.length ? sets : sets.map((set) => ({ ...set, rest: Math.max(rest, set.rest) }));
}

function withLessLoad(slot: SlotPlan, equipment: EquipmentSet): SlotPlan {
  if (slot.loading === 'none')
    return {
      ...slot,
      sets: slot.sets.map((set) => ({ ...set, reps: Math.max(1, roundHalfUp(set.reps * LIGHTER)) })),
    };
  const grid = loadGrid(slot.loading, equipment);
  const sets = slot.sets.map((set) => {
    if (set.load === null) return set;
    const wished = (slot.carried + set.load) * LIGHTER - slot.carried;
    return { ...set, load: decimal(nearestLoad(grid, asHundredths(Math.round(wished * 100)))) };
  });
  const first = sets[0]?.load ?? null;
  const warmUp = first === null ? slot.warmUp : slot.warmUp.filter(({ load }) => load < hundredths(first));
  return { ...slot, sets, warmUp };
}

/** A third fewer whole sets, keeping the first ones and at least one. */
function withFewerSets(slot: SlotPlan): SlotPlan {
  const rounds = [...new Set(slot.sets.map(({ role, round }) => `${role}/${round}`))];
  const kept = new Set(rounds.slice(0, Math.max(1, roundHalfUp(rounds.length * FEWER))));
  return { ...slot, sets: slot.sets.filter(({ role, round }) => kept.has(`${role}/${round}`)) };
}

/** Fewest reps worth halving. */
const LEAST_HALVED = 4;

/** A set in two halves with a short rest between, the larger first; null if it has too few reps. */
export function splitInHalves({
  reps,
  piece,
}: Pick<SetPlan, 'reps' | 'piece'>): readonly [number, number] | null {
  if (reps < LEAST_HALVED || piece > 1) return null;
  const first = Math.ceil(reps / 2);
  return [first, reps - first];
}

/** Seconds between the halves. */
export const BETWEEN_HALVES = 20;
