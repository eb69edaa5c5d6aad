import { isEqual } from 'es-toolkit';
import type { Block, Session } from '../block/block';
import { ownWeek } from '../block/sessions-in-week';
import type { SessionPlan } from '../plan/session';
import type { SlotPlan } from '../plan/slot';
import type { IssuedWeek, WeekState } from '../plan/week-state';
import type { UnfoldInput } from './input';
import { exerciseFacts } from './issue';
import { unfold } from './unfold';

/** What a week's own changes mean for a session: it is laid on another day, or asks for other work. */
type Change = 'day' | 'work';

/**
 * What is different in a week's own of each session between two states of a block, by session id; nothing of what the
 * block has for all weeks. Sessions that give slots to another, or get them back, ask for other work.
 */
export function weekChanges(before: Block, after: Block, week: number): ReadonlyMap<string, Change> {
  const changes = new Map<string, Change>();
  for (const session of after.sessions) {
    const was = before.sessions.find(({ id }) => id === session.id);
    if (was === undefined) continue;
    const [old, now] = [ownWeek(was, week), ownWeek(session, week)];
    const work = (own: typeof now) => [own?.place ?? null, own?.left ?? false, own?.takes ?? []];
    const isWork = !isEqual(work(old), work(now)) || slotsDiffer(was, session, week);
    if (isWork) changes.set(session.id, 'work');
    else if (old?.day !== now?.day || old?.optional !== now?.optional) changes.set(session.id, 'day');
    const moved = [...(old?.takes ?? []), ...(now?.takes ?? [])].filter(
      (id) => !(old?.takes.includes(id) && now?.takes.includes(id)),
    );
    for (const home of after.sessions)
      if (home.slots.some(({ id }) => moved.includes(id))) changes.set(home.id, 'work');
  }
  return changes;
}

/** Whether slots that both have keep something else of their own for a week. */
function slotsDiffer(was: Session, now: Session, week: number): boolean {
  return now.slots.some((slot) => {
    const old = was.slots.find(({ id }) => id === slot.id);
    const own = (of: typeof old) => of?.weeks.filter((one) => one.week === week) ?? [];
    return old !== undefined && !isEqual(own(old), own(slot));
  });
}

/**
 * A week that is handed out as its own changes have it by now: sessions moved, left out, merged, shortened, at another
 * place. What was begun stays as it was, where it was; a session that is only laid on another day keeps the very sets
 * that were handed out; one that asks for other work is planned as it would be today; all others stand.
 * @param input the block with the changes
 * @param before the block without them
 * @returns null where the week stands as it should
 */
export function amendWeek(input: UnfoldInput, week: number, before: Block): IssuedWeek | null {
  const changes = weekChanges(before, input.block, week);
  if (changes.size === 0) return null;
  const state = unfold(input).weeks.find(({ plan }) => plan.week === week);
  if (state?.issued == null || state.status === 'done') return null;
  const fresh = unfold({ ...input, issued: input.issued.filter((one) => one.week !== week) }).weeks.find(
    ({ plan }) => plan.week === week,
  );
  if (fresh === undefined) return null;
  const { issued } = state;
  const sessions = sessionsOf(state, fresh.plan.sessions, changes);
  if (isEqual(sessions, issued.plan.sessions)) return null;
  const { muscles, hardSets, whyHardSets } = fresh.plan;
  return {
    ...issued,
    version: (issued.version ?? 0) + 1,
    exercises: { ...issued.exercises, ...exerciseFacts(sessions, input.exercises) },
    plan: { ...issued.plan, sessions, muscles, hardSets, whyHardSets },
  };
}

function sessionsOf(
  { issued, performed }: WeekState,
  fresh: readonly SessionPlan[],
  changes: ReadonlyMap<string, Change>,
): readonly SessionPlan[] {
  const was = issued?.plan.sessions ?? [];
  const stays = was.filter(({ sessionId }) => performed.has(sessionId) || !changes.has(sessionId));
  const isBegun = (slotId: string) =>
    stays.some(
      ({ sessionId, slots }) => performed.has(sessionId) && slots.some((slot) => slot.slotId === slotId),
    );
  const changed = fresh.flatMap((session): SessionPlan[] => {
    const { sessionId, day, optional } = session;
    const change = changes.get(sessionId);
    if (change === undefined || performed.has(sessionId)) return [];
    const old = was.find((one) => one.sessionId === sessionId);
    if (change === 'day' && old !== undefined) return [{ ...old, day, optional }];
    // What is being trained already is not trained a second time elsewhere.
    const slots = session.slots.filter(({ slotId }) => !isBegun(slotId));
    if (slots.length === 0) return [];
    return [isAlike(old, { ...session, slots }) ? { ...old, day, optional } : { ...session, slots }];
  });
  return [...stays, ...changed].sort((a, b) => a.day - b.day);
}

/** Whether a session asks for what was handed out: the same exercises with as many sets in the same slots and place. */
function isAlike(was: SessionPlan | undefined, now: SessionPlan): was is SessionPlan {
  return was?.place === now.place && isEqual(was.slots.map(asked), now.slots.map(asked));
}

const asked = ({ slotId, exerciseId, sets }: SlotPlan) => [slotId, exerciseId, sets.length];
