import type { Block } from '../block/block';
import { BOUNDS } from '../block/bounds';
import { validOrders } from '../calls/answered';
import { isRecovering, type Order } from '../calls/order';
import { type Answer, type Proposal, proposeCalls } from '../calls/registry';
import { EMPTY_LOG } from '../log/log';
import { Memo } from '../memo';
import type { BlockPlan } from '../plan/block-plan';
import type { WeekPlan } from '../plan/week';
import type { IssuedWeek, Performed, WeekState, WeekStatus } from '../plan/week-state';
import { deloadWeeks } from '../recovery/deload/deload';
import { type Context, unfoldContext } from './context';
import { countedWeek } from './counted-week';
import { ENGINE_VERSION, type UnfoldInput } from './input';
import { planWeek } from './plan-week';
import { plannedExercise } from './planner';
import { begin, historiesAfter, judgeWeek, type SoFar } from './so-far';

/**
 * Computes the plan: every week of the block from the document, the athlete, what was sent and logged, and the
 * coach's answers. Equal inputs give equal plans anywhere. Sent weeks are used as sent; all others are planned, with
 * a reason for every figure.
 * @param memo of earlier calls, for a block that is edited again and again
 */
export function unfold(input: UnfoldInput, memo: Memo = new Memo(0)): BlockPlan {
  const context = unfoldContext(input, memo);
  const { weeks, proposals, observations } = allWeeks(context);
  const current = weeks.find(({ status }) => status !== 'done') ?? weeks.at(-1);
  return { weeks, currentWeek: current?.plan.week ?? 1, proposals, observations };
}

/** Week by week: early deloads delay later weeks, so that all building weeks take place. */
function allWeeks(context: Context): SoFar {
  const { block } = context;
  let so = begin(context);
  let built = 0;
  const next = () => so.weeks.length + 1;
  const last = BOUNDS.week.high - deloadWeeks(block.deload);
  while (built < block.weeks && next() <= last) {
    so = withWeek(context, so, next());
    if (so.weeks.at(-1)?.plan.kind === 'building') built++;
  }
  for (let left = deloadWeeks(block.deload); left > 0; left--) so = withWeek(context, so, next());
  return so;
}

/** A week as trained, for simulations instead of logs. */
export interface Played {
  readonly performed: ReadonlyMap<string, Performed>;
  /** By workout and muscle. */
  readonly soreness: Context['soreness'];
}

/** A simulated block, with the calls of each week. */
export interface PlayedBlock extends Pick<BlockPlan, 'weeks' | 'observations'> {
  readonly calls: readonly { readonly week: number; readonly proposals: readonly Proposal[] }[];
}

/**
 * Simulates a block from its first week: each week is planned from the earlier ones, its calls are answered, it is
 * sent and trained. The same rules as `unfold`, one week at a time, so that hundreds of runs are cheap.
 * @param answers which of a week's calls are accepted
 * @param train the results of a sent week
 */
export function simulateBlock(
  input: Pick<UnfoldInput, 'block' | 'athlete' | 'exercises'>,
  memo: Memo,
  answers: (proposal: Proposal) => boolean,
  train: (plan: WeekPlan) => Played,
): PlayedBlock {
  const given: Answer[] = [];
  const context = (): Context =>
    unfoldContext({ ...input, issued: [], log: EMPTY_LOG, answers: [...given] }, memo);
  let now = context();
  let so = begin(now);
  const calls: PlayedBlock['calls'][number][] = [];
  const { block } = input;
  for (let week = 1, left = weeksLeft(block, so); left > 0; week++, left = weeksLeft(block, so)) {
    const isIssued = (one: number) => one < week;
    const orders = validOrders(now.answered, so.identities, isIssued);
    let plan = planWeek(now, so, week, orders);
    const proposals = callsFor(now, so, plan, orders);
    calls.push({ week, proposals });
    const accepted = proposals.filter(answers);
    if (accepted.length > 0) {
      for (const proposal of accepted) {
        const { id, subject } = proposal;
        given.push({ id, subject, outcome: 'accepted', proposal, choice: null });
      }
      now = context();
      plan = planWeek(now, so, week, validOrders(now.answered, so.identities, isIssued));
    }
    const { performed, soreness } = train(plan);
    const issued: IssuedWeek = {
      id: `played-${week}`,
      week,
      issuedAt: '',
      engine: ENGINE_VERSION,
      conventions: now.planner.conventions,
      exercises: {},
      plan,
    };
    const state: WeekState = { status: 'done', plan, issued, performed };
    so = {
      weeks: [...so.weeks, state],
      histories: historiesAfter(now, so, state),
      ...judgeWeek({ ...now, soreness }, so, state),
      proposals: [],
    };
  }
  return { weeks: so.weeks, observations: so.observations, calls };
}

/** The remaining weeks if there were no early deload. */
function weeksLeft({ weeks, deload }: Block, so: SoFar): number {
  const built = so.weeks.filter(({ plan }) => plan.kind === 'building').length;
  const after = so.weeks.length - (so.weeks.findLastIndex(({ plan }) => plan.kind === 'building') + 1);
  const left = built < weeks ? weeks - built + deloadWeeks(deload) : deloadWeeks(deload) - after;
  return Math.min(left, BOUNDS.week.high - so.weeks.length);
}

/** The results including another week. */
function withWeek(context: Context, so: SoFar, week: number): SoFar {
  const issued = context.issued.get(week) ?? null;
  const orders = validOrders(context.answered, so.identities, context.isIssued);
  const asked = issued?.plan ?? planWeek(context, so, week, orders);
  const performed = performedOf(context, asked);
  const plan = issued === null ? asked : countedIn(context, issued, performed);
  const state: WeekState = { status: statusOf(plan, issued, performed), plan, issued, performed };
  return {
    weeks: [...so.weeks, state],
    histories: historiesAfter(context, so, state),
    ...judgeWeek(context, so, state),
    proposals: issued === null ? [...so.proposals, ...callsFor(context, so, plan, orders)] : so.proposals,
  };
}

/** Calls for an unsent week, from the log of the week before. */
function callsFor(
  { block, athlete, planner, answered, facts }: Context,
  so: SoFar,
  next: WeekPlan,
  orders: readonly Order[],
): readonly Proposal[] {
  const previous = so.weeks.at(-1);
  if (next.kind === 'deload' || previous === undefined) return [];
  if (previous.issued === null || previous.performed.size === 0) return [];
  const last = previous.plan;
  return proposeCalls({
    block,
    athlete,
    conventions: planner.conventions,
    near: planner.near,
    next,
    last,
    weeks: so.weeks.map(({ plan }) => plan),
    observations: so.observations.filter(({ week }) => week === last.week),
    isFinished: (sessionId) => previous.performed.get(sessionId)?.workout.finished === true,
    exerciseOf: (slot) => plannedExercise(planner, slot),
    slotBefore: (slotId) => {
      for (const [sessionId, slots] of facts) {
        const [facts, history] = [slots.get(slotId), so.histories.get(sessionId)?.get(slotId)];
        if (facts !== undefined && history !== undefined) return { facts, history };
      }
      return undefined;
    },
    orders: answered.given.flatMap((one) => one.orders),
    recovers: (muscle) => isRecovering(orders, [muscle], next.week),
    isAnswered: ({ subject, id }) => answered.bySubject.get(subject)?.id === id,
  });
}

/** A sent week as it counts by what was done. */
function countedIn(
  { planner, block, memo }: Context,
  issued: IssuedWeek,
  performed: ReadonlyMap<string, Performed>,
): WeekPlan {
  const own = memo.part(issued.week);
  return own.call(
    'counted',
    countedWeek,
    own,
    planner.exercises,
    issued,
    block.crediting,
    block.landmarks,
    block.cycleDays,
    ...issued.plan.sessions.map(({ sessionId }) => performed.get(sessionId) ?? null),
  );
}

function performedOf({ performed }: Context, plan: WeekPlan): ReadonlyMap<string, Performed> {
  const found = new Map<string, Performed>();
  for (const { sessionId } of plan.sessions) {
    const done = performed.get(`${plan.week}/${sessionId}`);
    if (done !== undefined) found.set(sessionId, done);
  }
  return found;
}

function statusOf(
  plan: WeekPlan,
  issued: IssuedWeek | null,
  performed: ReadonlyMap<string, Performed>,
): WeekStatus {
  if (issued === null) return 'planned';
  if (issued.closedAt !== undefined) return 'done';
  const done =
    plan.sessions.length > 0 &&
    plan.sessions.every((session) => performed.get(session.sessionId)?.workout.finished === true);
  return done ? 'done' : 'issued';
}
