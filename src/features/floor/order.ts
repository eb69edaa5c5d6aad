import type { SessionPlan, SetPlan, SlotPlan } from '@/core';

/** A planned set with its slot, in the order of the session. */
export interface AskedSet {
  readonly key: string;
  readonly slot: SlotPlan;
  readonly set: SetPlan;
  /** Seconds of rest asked before it. */
  readonly rest: number;
}

/** Walking to the next member of a group. */
const CHANGE = 15;

/** The sets of a session in the order they are done: slots one after the other, groups round by round. */
export function askedSets(session: SessionPlan): readonly AskedSet[] {
  const groups: SlotPlan[][] = [];
  for (const slot of session.slots) {
    const group = groups.at(-1);
    if (slot.joined && group !== undefined) group.push(slot);
    else groups.push([slot]);
  }
  const sets: AskedSet[] = [];
  let rest = 0;
  for (const group of groups) {
    // A break between the parts of a session holds the rest before it.
    rest = Math.max(rest, (group[0]?.breakBefore ?? 0) * 60);
    const rounds = Math.max(0, ...group.flatMap(({ sets }) => sets.map(({ round }) => round)));
    for (let round = 1; round <= rounds; round++) {
      const here = group.filter(({ sets }) => sets.some((one) => one.round === round));
      here.forEach((slot, member) => {
        for (const set of slot.sets.filter((one) => one.round === round)) {
          sets.push({ key: `${slot.slotId}/${set.id}`, slot, set, rest });
          rest = set.rest;
        }
        if (member < here.length - 1) rest = CHANGE;
      });
    }
  }
  return sets;
}
