import type { Athlete } from '../athlete/athlete';
import { missingEquipment, placeFor } from '../athlete/place';
import { type Block, type Session, type Slot, type WeekOverride, weekStart } from '../block/block';
import type { Edit, SingleEdit } from '../block/edits/edit';
import { type SessionWeek, withSessionWeek } from '../block/session-week';
import { type Exercise, primeMovers } from '../exercises/exercise';
import { swapCandidates } from '../exercises/similarity';
import { inVariant } from '../exercises/variant';
import { exerciseGate } from '../techniques/gates';
import type { MissedOption } from './missed-sessions';

/** Overrides of single sessions for one week, by session id: the block's design stays. */
export type WeekChanges = Readonly<Record<string, Partial<Omit<SessionWeek, 'week'>>>>;

/** The edit that gives sessions of a week overrides. */
export function weekEdit(block: Block, week: number, changes: WeekChanges): Edit {
  return { kind: 'batch', edits: weekEdits(block, week, changes) };
}

function weekEdits(block: Block, week: number, changes: WeekChanges): readonly SingleEdit[] {
  return Object.entries(changes).flatMap(([id, change]): SingleEdit[] => {
    const session = block.sessions.find((one) => one.id === id);
    if (session === undefined) return [];
    const { day, ...others } = change;
    // The session's own day is not an override.
    const own = day === undefined ? {} : { day: day === session.day ? null : day };
    const value = withSessionWeek(session.weeks, week, { ...others, ...own });
    return [{ kind: 'session/set', session: id, field: 'weeks', value }];
  });
}

/** Applies a way to continue to a single week. */
export function applyToWeek(block: Block, week: number, { moves, left, into }: MissedOption): Edit {
  const changes: Record<string, Partial<SessionWeek>> = {};
  const change = (id: string, more: Partial<SessionWeek>) => {
    changes[id] = { ...changes[id], ...more };
  };
  for (const { sessionId, to } of moves) change(sessionId, { day: to });
  for (const id of left) change(id, { left: true });
  if (into !== null) change(into.sessionId, { takes: [...into.slotIds] });
  return weekEdit(block, week, changes);
}

/** Applies it permanently: days of the block, moved slots, removed sessions. */
export function applyPermanently(block: Block, { moves, left, into }: MissedOption): Edit {
  const edits: SingleEdit[] = moves.map(({ sessionId, to }) => ({
    kind: 'session/set',
    session: sessionId,
    field: 'day',
    value: to,
  }));
  if (into !== null) {
    let after = block.sessions.find(({ id }) => id === into.sessionId)?.slots.at(-1)?.id ?? null;
    for (const slot of into.slotIds) {
      edits.push({ kind: 'slot/move', slot, session: into.sessionId, after });
      after = slot;
    }
  }
  return {
    kind: 'batch',
    edits: [...edits, ...left.map((session): SingleEdit => ({ kind: 'session/remove', session }))],
  };
}

/** A week at another place. */
export interface Travel {
  readonly edit: Edit;
  /** Exercises the place has no equipment for, each with its substitute; null: none is possible. */
  readonly swaps: readonly { readonly from: string; readonly to: string | null }[];
}

/**
 * Plans a week at another place: loads from its equipment, and exercises it cannot do replaced by the slot's own
 * substitute, or by the most similar one. With null as the place: back to the usual one.
 * @param sessions ids of the sessions concerned
 * @param list exercises to choose from
 */
export function trainAtPlace(
  block: Block,
  athlete: Athlete,
  at: { readonly week: number; readonly place: string | null; readonly sessions: readonly string[] },
  list: readonly Exercise[],
): Travel {
  const { week, place: placeId } = at;
  const chosen = block.sessions.filter(({ id }) => at.sessions.includes(id));
  const swaps: { from: string; to: string | null }[] = [];
  const exchanged = chosen.flatMap((session) =>
    session.slots.flatMap((slot): SingleEdit[] => {
      const usual = list.find(({ id }) => id === slot.exercise.id);
      const place = placeFor(athlete, placeId ?? session.place);
      const isHere =
        usual === undefined || missingEquipment(inVariant(usual, slot.variant), place).length === 0;
      const to = isHere
        ? undefined
        : substituteAt(slot, session, usual, list, { athlete, place, date: weekStart(block, week) });
      if (!isHere) swaps.push({ from: slot.exercise.id, to: to?.id ?? null });
      const weeks = withExercise(slot.weeks, week, to);
      return weeks === slot.weeks ? [] : [{ kind: 'slot/set', slot: slot.id, field: 'weeks', value: weeks }];
    }),
  );
  const changes = Object.fromEntries(
    chosen.map(({ id, place }) => [id, { place: placeId === place ? null : placeId }]),
  );
  return { edit: { kind: 'batch', edits: [...weekEdits(block, week, changes), ...exchanged] }, swaps };
}

function substituteAt(
  slot: Slot,
  session: Session,
  usual: Exercise,
  list: readonly Exercise[],
  where: Parameters<typeof swapCandidates>[2],
): Exercise | undefined {
  const movers = primeMovers(usual);
  const taken = new Set(session.slots.map(({ exercise }) => exercise.id));
  const suits = (one: Exercise) =>
    one.measure === usual.measure &&
    !taken.has(one.id) &&
    primeMovers(one).some((muscle) => movers.includes(muscle)) &&
    exerciseGate(slot, one) === null;
  const ranked = swapCandidates(usual, list.filter(suits), where).map(({ exercise }) => exercise);
  return ranked.find(({ id }) => slot.substitutes.includes(id)) ?? ranked[0];
}

function withExercise(
  weeks: readonly WeekOverride[],
  week: number,
  to: Exercise | undefined,
): readonly WeekOverride[] {
  const before = weeks.find((one) => one.week === week);
  if (before?.exercise?.id === to?.id) return weeks;
  const others = weeks.filter((one) => one.week !== week);
  const { exercise: _, ...own } = before ?? { week, sets: null, reps: null, load: null, rir: null };
  // Loads typed for the week belong to the usual exercise.
  if (to !== undefined)
    return sorted([...others, { ...own, load: null, exercise: { id: to.id, revision: to.revision } }]);
  const isEmpty = own.sets === null && own.reps === null && own.load === null && own.rir === null;
  return sorted(isEmpty ? others : [...others, own]);
}

const sorted = (weeks: readonly WeekOverride[]) => [...weeks].sort((a, b) => a.week - b.week);
