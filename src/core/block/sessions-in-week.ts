import type { Block, Session, Slot } from './document';
import type { SessionWeek } from './session-week';

/**
 * A week's sessions in training order: moved, skipped, at another place, with slots of others, with that week's
 * exercises. A session without overrides is the block's own object.
 * @param sessions in training order
 */
export function sessionsInWeek(
  sessions: readonly Session[],
  week: number,
  cycleDays: number,
): readonly Session[] {
  if (!sessions.some((session) => hasOverrides(session, week))) return sessions;
  const slots = new Map(sessions.flatMap((session) => session.slots.map((slot) => [slot.id, slot] as const)));
  const taken = new Set(
    sessions.flatMap((session) => {
      const own = sessionWeek(session, week);
      return own === undefined || own.left ? [] : own.takes;
    }),
  );
  return sessions
    .flatMap((session, at) => {
      const own = sessionWeek(session, week);
      if (own?.left === true) return [];
      const changed = withOwn(session, own, { week, cycleDays, slots, taken });
      return [{ session: changed, at }];
    })
    .sort((a, b) => a.session.day - b.session.day || a.at - b.at)
    .map(({ session }) => session);
}

/** Whether a week of a session differs from its design. */
export function hasOverrides(session: Session, week: number): boolean {
  return (
    session.weeks.some((one) => one.week === week) ||
    session.slots.some((slot) => slot.weeks.some((one) => one.week === week && one.exercise !== undefined))
  );
}

/** Sessions skipped in a week. */
export function skippedSessions(block: Pick<Block, 'sessions'>, week: number): readonly Session[] {
  return block.sessions.filter((session) => sessionWeek(session, week)?.left === true);
}

export function sessionWeek(session: Pick<Session, 'weeks'>, week: number): SessionWeek | undefined {
  return session.weeks.find((one) => one.week === week);
}

function withOwn(
  session: Session,
  own: SessionWeek | undefined,
  {
    week,
    cycleDays,
    slots,
    taken,
  }: {
    readonly week: number;
    readonly cycleDays: number;
    readonly slots: ReadonlyMap<string, Slot>;
    readonly taken: ReadonlySet<string>;
  },
): Session {
  const guests = (own?.takes ?? []).flatMap((id) => slots.get(id) ?? []);
  const kept = session.slots.filter(({ id }) => !taken.has(id) || own?.takes.includes(id));
  const here = [...kept, ...guests.filter((guest) => !kept.includes(guest))];
  const changed = here.map((slot) => exchanged(slot, week));
  const isSame =
    own === undefined &&
    changed.length === session.slots.length &&
    changed.every((slot, k) => slot === session.slots[k]);
  if (isSame) return session;
  return {
    ...session,
    day: own?.day != null && own.day < cycleDays ? own.day : session.day,
    place: own?.place ?? session.place,
    optional: own?.optional ?? session.optional,
    slots: changed,
  };
}

/** A slot with the week's replacement exercise, without everything specific to the usual one. */
function exchanged(slot: Slot, week: number): Slot {
  const exercise = slot.weeks.find((one) => one.week === week)?.exercise;
  return exercise === undefined
    ? slot
    : { ...slot, exercise, variant: null, start: null, rotate: [], note: '' };
}
