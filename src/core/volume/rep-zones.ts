import type { Block, Slot } from '../block/block';
import { findSlot } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import { sessionsOf } from '../findings/cycle';
import type { CheckInput } from '../findings/finding';
import { asDone } from '../plan/as-done';
import type { SetPlan } from '../plan/set';
import type { SlotPlan } from '../plan/slot';
import type { WeekState } from '../plan/week-state';
import { roundHalfUp } from '../rounding';
import { techniqueParts } from '../techniques/registry';

export const REP_ZONES = ['strength', 'size', 'endurance'] as const;
export type RepZone = (typeof REP_ZONES)[number];

/** The zone of a whole number of reps, by the rules. */
export function zoneOf(reps: number, conventions: Conventions): RepZone {
  if (reps <= conventions.strengthZone) return 'strength';
  return reps <= conventions.sizeZone ? 'size' : 'endurance';
}

/** Shares of all sets counted in reps, 0 to 1; all zero if there are none. */
export type ZoneShares = Readonly<Record<RepZone, number>>;

/** A week with what was done in it. */
export type ZonedWeek = Pick<WeekState, 'plan' | 'performed'>;

/**
 * The zones a week's hard sets train: planned ones by the middle of their own part's range (back-offs and finishers
 * have one), done ones by their logged reps; holds are in none.
 */
export function zoneShares(
  { plan, performed }: ZonedWeek,
  block: Block,
  conventions: Conventions,
): ZoneShares {
  const zones: Record<RepZone, number> = { strength: 0, size: 0, endurance: 0 };
  let total = 0;
  for (const session of plan.sessions) {
    const done = performed.get(session.sessionId);
    if (session.optional && done === undefined) continue;
    const counted = done === undefined ? session : asDone(session, done, conventions);
    for (const planned of counted.slots) {
      if (planned.measure === 'seconds') continue;
      const slot = findSlot(block, planned.slotId)?.slot;
      for (const set of planned.sets) {
        if (set.optional) continue;
        const isLogged = done?.sets.has(`${planned.slotId}/${set.id}`) === true;
        zones[zoneOf(isLogged ? set.reps : plannedReps(set, planned, slot), conventions)] += set.credit;
        total += set.credit;
      }
    }
  }
  for (const zone of REP_ZONES) zones[zone] = total === 0 ? 0 : zones[zone] / total;
  return zones;
}

/** The middle of the range of a set's part, as a whole rep; its planned reps if the slot no longer exists. */
function plannedReps(
  { role, reps }: SetPlan,
  { technique, range }: SlotPlan,
  slot: Slot | undefined,
): number {
  const part = techniqueParts(technique).find((one) => one.role === role);
  if (part?.range !== undefined) return middle(part.range);
  const written = range ?? slot?.range;
  return written === undefined ? reps : middle(written) + (part?.repOffset ?? 0);
}

const middle = ({ low, high }: { readonly low: number; readonly high: number }) =>
  roundHalfUp((low + high) / 2);

/** What a week's hard sets train: shares of all of them, 0 to 1. */
export interface RepPicture {
  /** Of sets counted in reps; all zero if there are none. */
  readonly zones: ZoneShares;
  readonly compounds: number;
  /** The zone of most sets; null if there are none. */
  readonly goal: RepZone | null;
}

/** The current week as a whole. */
export function repZoneShares(input: CheckInput): RepPicture {
  const state = input.blockPlan.weeks.find(({ plan }) => plan.week === input.week.week);
  const zones = zoneShares(
    { plan: input.week, performed: state?.performed ?? new Map() },
    input.block,
    input.conventions,
  );
  let [all, compounds] = [0, 0];
  for (const { exercise, hard } of sessionsOf(input).flatMap(({ slots }) => slots)) {
    all += hard;
    if (exercise.kind === 'compound') compounds += hard;
  }
  const [most] = [...REP_ZONES].sort((a, b) => zones[b] - zones[a]);
  return {
    zones,
    compounds: all === 0 ? 0 : compounds / all,
    goal: most === undefined || zones[most] === 0 ? null : most,
  };
}
