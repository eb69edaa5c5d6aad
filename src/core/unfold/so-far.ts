import type { Muscle } from '../anatomy/muscle';
import type { Session } from '../block/block';
import { hasOverrides } from '../block/sessions-in-week';
import type { Identities } from '../calls/answered';
import { withObservations } from '../calls/answered';
import type { Proposal } from '../calls/registry';
import type { Memo } from '../memo';
import { dayEasing } from '../on-the-day/session-note';
import type { SessionPlan } from '../plan/session';
import type { Performed, WeekState } from '../plan/week-state';
import type { Observation } from '../recovery/observation';
import type { Context } from './context';
import { type DoneBefore, doneIn, observe } from './judge';
import type { SlotFacts } from './slot-facts';
import { beginHistory, historyAfterWeek, type SlotHistory } from './slot-history';

/** Results of a session's slots, by slot id. */
export type SessionHistory = ReadonlyMap<string, SlotHistory>;

/** Results of the weeks so far. Each week returns a new one. */
export interface SoFar {
  readonly weeks: readonly WeekState[];
  /** By session id. */
  readonly histories: ReadonlyMap<string, SessionHistory>;
  readonly observations: readonly Observation[];
  /** Whether a muscle was below target in its latest session. */
  readonly lastBehind: ReadonlyMap<Muscle, boolean>;
  readonly before: DoneBefore;
  readonly identities: Identities;
  readonly proposals: readonly Proposal[];
}

/** Before the first week. */
export function begin({ memo, facts }: Context): SoFar {
  return {
    weeks: [],
    histories: new Map(
      [...facts].map(([id, slots]) => [id, memo.part(id).call('begin', beginSession, memo.part(id), slots)]),
    ),
    observations: [],
    lastBehind: new Map(),
    before: new Map(),
    identities: new Map(),
    proposals: [],
  };
}

function beginSession(memo: Memo, facts: ReadonlyMap<string, SlotFacts>): SessionHistory {
  return new Map([...facts].map(([id, { slot }]) => [id, memo.part(id).call('begin', beginHistory, slot)]));
}

/** A planned session with what was done in it. */
interface Trained {
  readonly plan: SessionPlan;
  readonly performed: Performed | null;
}

/** The histories after a week. A deload does not change last time. */
export function historiesAfter(context: Context, so: SoFar, state: WeekState): SoFar['histories'] {
  const { memo, sessions, facts } = context;
  if (state.plan.kind === 'deload') return so.histories;
  const { week } = state.plan;
  const plansOf = slotSessions(sessions, state);
  return new Map(
    sessions.map((session, at) => {
      // In a finished week a session that was not trained gives nothing to continue from.
      const trained = plansOf(session, at).flatMap((plan) => {
        const performed = state.performed.get(plan.sessionId) ?? null;
        return performed === null && state.status === 'done' ? [] : [plan, performed];
      });
      const slots = facts.get(session.id) as ReadonlyMap<string, SlotFacts>;
      const before = so.histories.get(session.id) as SessionHistory;
      const own = memo.part(week).part(session.id);
      return [session.id, own.call('take', historiesAfterSession, own, slots, before, week, ...trained)];
    }),
  );
}

/** Where a session's slots are in a week: in a planned week in their own session, in a sent one perhaps elsewhere. */
function slotSessions(
  sessions: readonly Session[],
  { plan, issued }: WeekState,
): (session: Session, at: number) => readonly SessionPlan[] {
  const isAsWritten =
    issued === null &&
    plan.sessions.length === sessions.length &&
    !sessions.some((session) => hasOverrides(session, plan.week));
  if (isAsWritten) return (_, at) => [plan.sessions[at] as SessionPlan];
  const homes = new Map<string, SessionPlan>();
  for (const session of plan.sessions) for (const { slotId } of session.slots) homes.set(slotId, session);
  return ({ slots }) => [
    ...new Set(
      slots.flatMap(({ id }) => {
        const home = homes.get(id);
        return home === undefined ? [] : [home];
      }),
    ),
  ];
}

function historiesAfterSession(
  memo: Memo,
  facts: ReadonlyMap<string, SlotFacts>,
  history: SessionHistory,
  week: number,
  ...pairs: readonly (SessionPlan | Performed | null)[]
): SessionHistory {
  const next = new Map(history);
  for (const { plan, performed } of trainedOf(pairs)) {
    // A day made easier does not change last time, like a deload.
    if (performed !== null && dayEasing(performed.workout.notes) !== null) continue;
    for (const planned of plan.slots) {
      const slot = facts.get(planned.slotId);
      const before = history.get(planned.slotId);
      if (slot === undefined || before === undefined) continue;
      if (slot.exercise.id !== planned.exerciseId || planned.why.sets.code === 'sets/easy') continue;
      next.set(
        planned.slotId,
        memo.part(planned.slotId).call('take', historyAfterWeek, slot, before, planned, performed, week),
      );
    }
  }
  return next;
}

/** Plans and results are passed as one flat list, so that each is compared by identity. */
function trainedOf(pairs: readonly (SessionPlan | Performed | null)[]): readonly Trained[] {
  const trained: Trained[] = [];
  for (let at = 0; at < pairs.length; at += 2)
    trained.push({ plan: pairs[at] as SessionPlan, performed: pairs[at + 1] as Performed | null });
  return trained;
}

/** What muscles showed in a week, session by session in training order. */
export function judgeWeek(
  { planner, soreness }: Context,
  so: SoFar,
  { plan, performed }: WeekState,
): Pick<SoFar, 'observations' | 'lastBehind' | 'before' | 'identities'> {
  const { observations, lastBehind, before, identities } = so;
  if (plan.kind === 'deload' || performed.size === 0) return { observations, lastBehind, before, identities };
  const dateOf = (session: SessionPlan) => performed.get(session.sessionId)?.workout.date ?? '9999';
  const sessions = [...plan.sessions].sort((a, b) => dateOf(a).localeCompare(dateOf(b)));
  const seen: Observation[] = [];
  const behind = new Map(lastBehind);
  const done = new Map(before);
  for (const session of sessions) {
    const work = performed.get(session.sessionId);
    if (work === undefined) continue;
    const shown = observe(plan.week, session, work, behind, { planner, before, soreness });
    for (const one of shown) behind.set(one.muscle, one.performance.verdict === 'behind');
    seen.push(...shown);
    for (const [slotId, sets] of doneIn(session, work)) done.set(slotId, sets);
  }
  return {
    observations: [...observations, ...seen],
    lastBehind: behind,
    before: done,
    identities: withObservations(identities, seen),
  };
}
