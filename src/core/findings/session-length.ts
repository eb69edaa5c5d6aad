import type { Muscle } from '../anatomy/muscle';
import type { Session, Slot } from '../block/block';
import type { SingleEdit } from '../block/edit';
import { primeMovers } from '../exercises/exercise';
import { setSeconds } from '../timing/session-time';
import { secondsPerRep } from '../timing/tempo';
import { asPlanned, type Check, type CheckInput, type Finding, type Fix } from './finding';
import { changeSets } from './slot-sets';

/** How far above its floor the worst-off prime mover of a slot stands; more can spare a set sooner. */
function spare(slot: Slot, input: CheckInput, dropped: ReadonlyMap<Muscle, number>): number {
  const exercise = input.exerciseOf(asPlanned(slot));
  const gaps = primeMovers(exercise).map((muscle) => {
    const { sets, landmarks } = input.week.muscles[muscle];
    return sets - (dropped.get(muscle) ?? 0) - landmarks.floor;
  });
  return Math.min(...gaps, Number.POSITIVE_INFINITY);
}

/** Drops one set after another, where the muscles stand furthest above their floor, until the session fits. */
function cut(session: Session, over: number, input: CheckInput): Fix[] {
  let slots = session.slots;
  let left = over;
  const edits: SingleEdit[] = [];
  const exerciseIds: string[] = [];
  const dropped = new Map<Muscle, number>();
  while (left > 0) {
    const order = [...slots].sort((a, b) => spare(b, input, dropped) - spare(a, input, dropped));
    const slot = order.find((one) => changeSets(one, -1) !== undefined);
    const edit = slot === undefined ? undefined : changeSets(slot, -1);
    if (slot === undefined || edit === undefined || edit.kind !== 'slot/set' || edit.field !== 'technique')
      return [];
    const { value } = edit;
    const exercise = input.exerciseOf(asPlanned(slot));
    const perRep = secondsPerRep(slot.tempo, input.conventions.secondsPerRep);
    left -= setSeconds({ secondsPerRep: perRep, sides: exercise.sides }, slot.range.high) + slot.rest;
    for (const muscle of primeMovers(exercise)) dropped.set(muscle, (dropped.get(muscle) ?? 0) + 1);
    slots = slots.map((one) => (one.id === slot.id ? { ...one, technique: value } : one));
    const at = edits.findIndex((one) => one.kind === 'slot/set' && one.slot === slot.id);
    if (at >= 0) edits[at] = edit;
    else edits.push(edit);
    exerciseIds.push(slot.exercise.id);
  }
  return [
    {
      does: 'drop sets',
      sets: exerciseIds.length,
      exerciseIds: [...new Set(exerciseIds)],
      edit: { kind: 'batch', edits },
    },
  ];
}

/** Sessions that may last longer than the athlete has, with the sets to cut. */
export const sessionLength: Check = (input) =>
  input.week.sessions.flatMap((session): Finding[] => {
    const limit = input.athlete.minutes;
    const over = session.seconds.high - limit * 60;
    if (over <= 0) return [];
    const written = input.block.sessions.find(({ id }) => id === session.sessionId);
    return [
      {
        id: `session-length/${session.sessionId}`,
        severity: 'warn',
        place: { sessionId: session.sessionId, week: input.week.week },
        detail: {
          rule: 'session length',
          session: session.name,
          minutes: session.seconds.high / 60,
          limit,
          week: input.week.week,
        },
        fixes: written === undefined ? [] : cut(written, over, input),
      },
    ];
  });
