import {
  CONVENTIONS,
  loggedAs,
  restOwed,
  type SessionPlan,
  type SetPlan,
  type SlotPlan,
  setTension,
} from '@/core';

/** A planned set with its slot, in the session's order. */
export interface AskedSet {
  readonly key: string;
  readonly slot: SlotPlan;
  readonly set: SetPlan;
  /** Seconds of planned rest before it. */
  readonly rest: number;
  /** Whether the time is noted with it: it ends timed work. */
  readonly timed: boolean;
  /** The slots it alternates with. */
  readonly partners: readonly SlotPlan[];
  /** Its stopwatch; null if none runs. */
  readonly watch: Watch | null;
}

/** A stopwatch for timed work: one from the first set to the last. */
export interface Watch {
  readonly key: string;
  /** Seconds after which it ends, finished or not. */
  readonly cap: number;
}

/** Seconds for changing to the next exercise of a group. */
const CHANGE = 15;
/** Without a tempo. */
const USUAL = { secondsPerRep: CONVENTIONS.secondsPerRep.default };

/**
 * A session's sets in the order they are done: slot after slot, groups round by round, or piece by piece if one clock
 * runs for all.
 */
export function orderSets(session: SessionPlan): readonly AskedSet[] {
  const groups: SlotPlan[][] = [];
  for (const slot of session.slots) {
    const group = groups.at(-1);
    if (slot.joined && group !== undefined) group.push(slot);
    else groups.push([slot]);
  }
  const sets: AskedSet[] = [];
  let rest = 0;
  for (const group of groups) {
    // A break between parts of a session includes the rest before it.
    rest = Math.max(rest, (group[0]?.breakBefore ?? 0) * 60);
    for (const turn of alternations(group)) {
      turn.forEach(({ slot, set, timed, watch }, at) => {
        const partners = group.filter((one) => one !== slot);
        sets.push({ key: `${slot.slotId}/${set.id}`, slot, set, rest, timed, partners, watch });
        const next = turn[at + 1];
        // Nobody rests inside a race. Changing to another exercise takes the change.
        if (watch !== null && !timed) rest = 0;
        else if (next === undefined) rest = restAfter(turn);
        else rest = next.slot === slot ? set.rest : CHANGE;
      });
    }
  }
  return sets;
}

/** Rest after a turn; of several parts of one exercise only the last still needs its rest. */
function restAfter(turn: Turn): number {
  const members = [...new Set(turn.map(({ slot }) => slot))].map((slot) => {
    const sets = turn.filter((one) => one.slot === slot).map(({ set }) => set);
    const work = sets.reduce((sum, set) => sum + setTension(set, slot, USUAL), 0);
    const pauses = sets.slice(0, -1).reduce((sum, { rest }) => sum + rest, 0);
    return { rest: sets.at(-1)?.rest ?? 0, seconds: work + pauses };
  });
  return restOwed(members, CHANGE);
}

/**
 * A set and the parts of its round that follow at once: what one tap may log at the end. Just the set if its time is
 * noted, its load is unknown, or a part may be skipped.
 */
export function roundFrom(sets: readonly AskedSet[], asked: AskedSet): readonly AskedSet[] {
  const from = sets.indexOf(asked);
  const after = sets
    .slice(from)
    .findIndex(({ slot, set }) => slot !== asked.slot || set.round !== asked.set.round);
  const round = sets.slice(from, after < 0 ? undefined : from + after);
  const isPlain = round.every(({ set, watch }) => set.load !== null && !set.optional && watch === null);
  return isPlain ? round : [asked];
}

type Turn = readonly Pick<AskedSet, 'slot' | 'set' | 'timed' | 'watch'>[];

/** What a group's exercises alternate: a round each, or a part each. */
function alternations(group: readonly SlotPlan[]): readonly Turn[] {
  const across = group.length > 1 && group.every(({ away }) => away !== undefined);
  const caps = group.flatMap(({ technique }) => (technique.kind === 'for time' ? [technique.cap] : []));
  const rounds = Math.max(0, ...group.flatMap((slot) => slot.sets.map(({ round }) => round)));
  const turns: Turn[] = [];
  for (let round = 1; round <= rounds; round++) {
    const here = group.flatMap((slot) =>
      slot.sets
        .filter((one) => one.round === round)
        .map((set) => ({ slot, set, timed: false, watch: roundStopwatch(slot, round) })),
    );
    if (!across) {
      turns.push(here.map((one) => ({ ...one, timed: closesTime(one) })));
      continue;
    }
    const watch = caps.length === 0 ? null : { key: `${group[0]?.slotId}/${round}`, cap: Math.max(...caps) };
    const pieces = Math.max(0, ...here.map(({ set }) => set.piece));
    for (let piece = 1; piece <= pieces; piece++) {
      const turn = here.filter(({ set }) => set.piece === piece);
      // One time for the whole group, with its last part.
      turns.push(
        turn.map((one, at) => ({
          ...one,
          watch,
          timed: watch !== null && piece === pieces && at === turn.length - 1,
        })),
      );
    }
  }
  return turns;
}

/** The stopwatch of a slot's round, if it is timed by itself. */
function roundStopwatch({ slotId, technique }: SlotPlan, round: number): Watch | null {
  return technique.kind === 'for time' ? { key: `${slotId}/${round}`, cap: technique.cap } : null;
}

/** Whether a set is the last of a timed round. */
function closesTime({ slot, set }: { readonly slot: SlotPlan; readonly set: SetPlan }): boolean {
  if (loggedAs(slot.technique) !== 'time') return false;
  return slot.sets.filter(({ round }) => round === set.round).at(-1)?.id === set.id;
}
