import type { Conventions } from '../conventions/conventions';
import { sessionsOf } from '../findings/cycle';
import type { CheckInput } from '../findings/finding';

export const REP_ZONES = ['strength', 'size', 'endurance'] as const;
export type RepZone = (typeof REP_ZONES)[number];

/** The zone of a rep count, see the conventions; a half rep belongs to the lower zone. */
export function zoneOf(reps: number, conventions: Conventions): RepZone {
  if (reps < conventions.strengthZone + 1) return 'strength';
  return reps < conventions.sizeZone + 1 ? 'size' : 'endurance';
}

/** What a week's hard sets train: shares of all of them, 0 to 1. */
export interface RepPicture {
  /** Of sets counted in reps; all zero without any. */
  readonly zones: Readonly<Record<RepZone, number>>;
  readonly compounds: number;
  /** The zone of most sets; null without any. */
  readonly goal: RepZone | null;
}

/** Planned hard sets by the middle of their slot's rep range; holds count in no zone. */
export function repPicture(input: CheckInput): RepPicture {
  const ranges = new Map(
    input.block.sessions.flatMap(({ slots }) => slots).map(({ id, range }) => [id, range] as const),
  );
  const sets: Record<RepZone, number> = { strength: 0, size: 0, endurance: 0 };
  let [all, compounds] = [0, 0];
  for (const { slot, exercise, hard } of sessionsOf(input).flatMap(({ slots }) => slots)) {
    all += hard;
    if (exercise.kind === 'compound') compounds += hard;
    const range = ranges.get(slot.slotId);
    if (exercise.measure === 'seconds' || range === undefined) continue;
    sets[zoneOf((range.low + range.high) / 2, input.conventions)] += hard;
  }
  const total = sets.strength + sets.size + sets.endurance;
  const share = (count: number, of: number) => (of === 0 ? 0 : count / of);
  const [most] = [...REP_ZONES].sort((a, b) => sets[b] - sets[a]);
  return {
    zones: {
      strength: share(sets.strength, total),
      size: share(sets.size, total),
      endurance: share(sets.endurance, total),
    },
    compounds: share(compounds, all),
    goal: total === 0 || most === undefined ? null : most,
  };
}
