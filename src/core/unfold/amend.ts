import { isEqual } from 'es-toolkit';
import type { Block, Session } from '../block/block';
import { sessionWeek } from '../block/sessions-in-week';
import type { SessionPlan } from '../plan/session';
import type { SlotPlan } from '../plan/slot';
import type { IssuedWeek, WeekState } from '../plan/week-state';
import type { UnfoldInput } from './input';
import { exerciseFacts } from './issue';
import { unfold } from './unfold';

/** The effect of a week's overrides on a session: moved to another day, or different work. */
type Change = 'day' | 'work';

/**
 * Overrides of a week that differ between two versions of the block, by session id, without changes for all weeks.
 * Sessions that give slots to another, or get them back, have different work.
 */
export function weekChanges(before: Block, after: Block, week: number): ReadonlyMap<string, Change> {
  const changes = new Map<string, Change>();
  for (const session of after.sessions) {
    const was = before.sessions.find(({ id }) => id === session.id);
    if (was === undefined) continue;
    const [old, now] = [sessionWeek(was, week), sessionWeek(session, week)];
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

/** Whether slots in both versions have different overrides in a week. */
function slotsDiffer(was: Session, now: Session, week: number): boolean {
  return now.slots.some((slot) => {
    const old = was.slots.find(({ id }) => id === slot.id);
    const own = (of: typeof old) => of?.weeks.filter((one) => one.week === week) ?? [];
    return old !== undefined && !isEqual(own(old), own(slot));
  });
}

/**
 * A sent week under its current overrides: sessions moved, skipped, merged, shortened, at another place. Started
 * sessions stay where and as they were; a session that is only moved keeps its sets as sent; one with different work
 * is planned as of today; all others stay.
 * @param input the block with the changes
 * @param before the block without them
 * @returns null if nothing changes
 */
export function applyOverrides(input: UnfoldInput, week: number, before: Block): IssuedWeek | null {
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
    // What is already being trained is not trained again elsewhere.
    const slots = session.slots.filter(({ slotId }) => !isBegun(slotId));
    if (slots.length === 0) return [];
    return [isAlike(old, { ...session, slots }) ? { ...old, day, optional } : { ...session, slots }];
  });
  return [...stays, ...changed].sort((a, b) => a.day - b.day);
}

/**
 * Whether a session has the work that was sent: the same exercises and number of sets in the same slots, at the same
 * place.
 */
function isAlike(was: SessionPlan | undefined, now: SessionPlan): was is SessionPlan {
  return was?.place === now.place && isEqual(was.slots.map(asked), now.slots.map(asked));
}

const asked = ({ slotId, exerciseId, sets }: SlotPlan) => [slotId, exerciseId, sets.length];
