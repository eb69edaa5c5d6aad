import type { Muscle } from '../anatomy/muscle';
import { type Athlete, phaseOn } from '../athlete/athlete';
import { type Block, type Session, weekStart } from '../block/block';
import { sessionsInWeek } from '../block/sessions-in-week';
import { addDays, daysBetween, type LocalDate } from '../calendar';
import {
  addedSets,
  type FirstSet,
  isEarlyDeload,
  isRecovering,
  lastRecoveryWeek,
  type Order,
} from '../calls/order';
import { primeMovers } from '../exercises/exercise';
import { haveSameFields } from '../memo';
import type { Reason } from '../plan/reason';
import type { SessionPlan } from '../plan/session';
import type { WeekPlan } from '../plan/week';
import { loadShift } from '../progression/load-shift';
import { projectedGain } from '../progression/projected-gain';
import { rampRir } from '../progression/rir-ramp';
import { fatigueSigns, latestCheckIn } from '../recovery/check-in';
import { combinedLightening, DEFAULT_DELOAD } from '../recovery/deload/deload';
import { keptDays } from '../recovery/deload/kept-days';
import { fatigueScore } from '../recovery/signs';
import { setCount } from '../techniques/registry';
import type { Context } from './context';
import { planSession } from './plan-session';
import type { Failed, SlotOrders } from './plan-slot/target';
import { type Planner, slotExercise } from './planner';
import { sessionCredit } from './session-credit';
import { type SlotFacts, sessionFacts } from './slot-facts';
import { beginHistory } from './slot-history';
import type { SessionHistory, SoFar } from './so-far';
import type { WeekAsked } from './week-asked';
import { type Measuring, weekFigures } from './week-figures';

const DAYS_A_WEEK = 7;
const USUAL_DELOAD = [DEFAULT_DELOAD];

/** An unsent week, from the results of earlier weeks and the orders of the coach's answers. */
export function planWeek(context: Context, so: SoFar, week: number, orders: readonly Order[]): WeekPlan {
  const { block, athlete, planner, memo } = context;
  const built = so.weeks.reduce((sum, { plan }) => sum + (plan.kind === 'building' ? 1 : 0), 0);
  const isEarly = block.earlyDeloads.includes(week) || isEarlyDeload(orders, week);
  const kind = isEarly || built >= block.weeks ? 'deload' : 'building';
  const own = memo.part(week);
  const startDate = startOf(context, week);
  const phase = phaseOn(athlete, startDate);
  // What this block's deload reduces; for an early one the usual reduction if none is planned.
  const lightening =
    kind === 'deload'
      ? memo.call('lightening', combinedLightening, block.deload ?? USUAL_DELOAD, planner.conventions)
      : null;
  const ramp = {
    rir: block.rir,
    weeks: block.weeks,
    week: kind === 'building' ? built + 1 : Math.max(1, built),
  };
  const shift = { now: loadShift(block, week), before: week === 1 ? 1 : loadShift(block, week - 1) };
  const asked: WeekAsked = {
    week,
    startDate,
    phase,
    rangePhase: block.phaseRanges ? phase : null,
    rangePhaseBefore: block.phaseRanges ? phaseOn(athlete, startOf(context, Math.max(1, week - 1))) : null,
    gains: passGains(context),
    ramp: own.same('ramp', ramp, haveSameFields),
    building: kind === 'building' ? week : lastBuilding(so, week, block.weeks),
    shift: own.same('shift', shift, haveSameFields),
    leastRir: block.afterReturn === null ? 0 : planner.conventions.returnRir,
    recoversPoorly: hasHighFatigue(context, so, startDate),
    lightening,
  };
  const sessions = planSessions(context, so, own.same('asked', asked, haveSameFields), orders);
  const { rir, whyRir } = weekRir(context, asked);
  const { cycleDays, activities, goals, crediting } = block;
  const { conventions } = planner;
  const landmarks = context.landmarks(phase);
  const by = { cycleDays, activities, goals, crediting, athlete, phase, landmarks, conventions };
  const figures = own.call(
    'figures',
    weekFigures,
    own.same<Measuring>('measuring', by, haveSameFields),
    ...sessions
      .filter(({ optional }) => !optional)
      .map((session) => {
        const part = own.part(session.sessionId);
        return part.call('credit of', sessionCredit, planner, session, crediting, kind, part);
      }),
  );
  return { week, kind, startDate, phase, rir, whyRir, sessions, ...figures };
}

/** First day of a week. */
function startOf({ block, memo }: Context, week: number): LocalDate {
  const { startDate, cycleDays, pauses } = block;
  return memo.part(week).call('start', startIn, startDate, cycleDays, pauses, week);
}

function startIn(startDate: LocalDate, cycleDays: number, pauses: Block['pauses'], week: number): LocalDate {
  return weekStart({ startDate, cycleDays, pauses }, week);
}

/**
 * Whether the fatigue score is high in the week before a week starts, or in it. A check-in this week does not affect
 * weeks after the next.
 */
function hasHighFatigue({ checkIns, planner, block }: Context, so: SoFar, startDate: LocalDate): boolean {
  if (checkIns.length === 0) return false;
  const end = addDays(startDate, block.cycleDays - 1);
  const latest = latestCheckIn(checkIns, end);
  if (latest === undefined || daysBetween(latest.date, startDate) > DAYS_A_WEEK) return false;
  const signs = fatigueSigns(checkIns, so.observations, latest.date) ?? {};
  return fatigueScore(signs, false, planner.conventions).sum >= planner.conventions.signsHoldBack;
}

/** Expected gain in each pass of the block's cycle. */
function passGains({ block, athlete, planner, memo }: Context): readonly number[] {
  const { weeks, startDate, cycleDays, pauses } = block;
  return memo.call('gains', gainsIn, planner, athlete, weeks, startDate, cycleDays, pauses);
}

function gainsIn(
  planner: Planner,
  athlete: Athlete,
  weeks: number,
  startDate: LocalDate,
  cycleDays: number,
  pauses: Block['pauses'],
): readonly number[] {
  const at = { startDate, cycleDays, pauses };
  return Array.from({ length: weeks + 1 }, (_, week) => {
    const phase = phaseOn(athlete, weekStart(at, week + 1));
    return projectedGain(athlete.level, phase, planner.conventions) * planner.pass;
  });
}

function weekRir({ block }: Context, { lightening, ramp }: WeekAsked) {
  if (lightening === null) {
    const { week, weeks } = ramp;
    const value = rampRir(block.rir, week, weeks);
    const whyRir: Reason = { code: 'rir/ramp', week, weeks, ...block.rir, offset: 0, value };
    return { rir: value, whyRir };
  }
  const value = Math.max(lightening.rir, rampRir(block.rir, block.weeks, block.weeks));
  const whyRir: Reason = { code: 'rir/easy', week: 'deload', value };
  return { rir: value, whyRir };
}

/** The last building week before a deload; the deload's own number if there is none. */
function lastBuilding({ weeks }: SoFar, week: number, building: number): number {
  return weeks.findLast(({ plan }) => plan.kind === 'building')?.plan.week ?? Math.min(week, building);
}

function planSessions(
  context: Context,
  so: SoFar,
  asked: WeekAsked,
  orders: readonly Order[],
): readonly SessionPlan[] {
  const { planner, memo } = context;
  const { lightening, week } = asked;
  const sessions = sessionsOf(context, week);
  const days =
    lightening?.fewerDays === true
      ? keptDays(
          sessions.map((session) => ({
            id: session.id,
            muscles: new Set(session.slots.flatMap((slot) => primeMovers(slotExercise(planner, slot)))),
          })),
        )
      : null;
  return sessions.map((session) => {
    const own = memo.part(week).part(session.id);
    const leftOut = lightening !== null && days?.has(session.id) === false;
    return own.call(
      'plan',
      planSession,
      own,
      planner,
      session,
      factsIn(context, session, week),
      historiesIn(context, so, session, week),
      leftOut
        ? own.same<WeekAsked>('asked', { ...asked, lightening: { ...lightening, kept: 'none' } })
        : asked,
      ordersFor(context, so, session, asked, orders),
    );
  });
}

/** A week's sessions. */
function sessionsOf({ sessions, block, memo }: Context, week: number): readonly Session[] {
  return memo.part(week).call('sessions', sessionsInWeek, sessions, week, block.cycleDays);
}

/** Facts of a session's slots in a week: the usual ones if the session has no overrides. */
function factsIn(
  { sessions, facts, planner, memo }: Context,
  session: Session,
  week: number,
): ReadonlyMap<string, SlotFacts> {
  if (sessions.includes(session)) return facts.get(session.id) as ReadonlyMap<string, SlotFacts>;
  const own = memo.part(week).part(session.id);
  return own.call('facts', sessionFacts, planner, session, own);
}

/** Results of its slots so far, each from its own session; one with another exercise this week starts anew. */
function historiesIn(
  { sessions, facts, memo }: Context,
  so: SoFar,
  session: Session,
  week: number,
): SessionHistory {
  if (sessions.includes(session)) return so.histories.get(session.id) as SessionHistory;
  const homes = [...facts].flatMap(([id, slots]) =>
    session.slots.some((slot) => slots.has(slot.id)) ? [so.histories.get(id) as SessionHistory] : [],
  );
  return memo
    .part(week)
    .part(session.id)
    .call('histories', joinedHistories, session, facts, ...homes);
}

function joinedHistories(
  session: Session,
  facts: Context['facts'],
  ...homes: readonly SessionHistory[]
): SessionHistory {
  const usual = (id: string) => [...facts.values()].flatMap((slots) => slots.get(id)?.slot ?? [])[0];
  return new Map(
    session.slots.map((slot) => {
      const known = homes.find((home) => home.has(slot.id))?.get(slot.id);
      const isUsual = usual(slot.id)?.exercise.id === slot.exercise.id;
      return [slot.id, isUsual && known !== undefined ? known : beginHistory(slot)];
    }),
  );
}

const NONE: Readonly<Record<string, SlotOrders>> = {};

/** Orders for a session's slots, by slot id. */
function ordersFor(
  context: Context,
  so: SoFar,
  session: Session,
  { building, week }: WeekAsked,
  orders: readonly Order[],
): Readonly<Record<string, SlotOrders>> {
  if (orders.length === 0) return NONE;
  const { facts, memo } = context;
  const found: Record<string, SlotOrders> = {};
  const isFirst = (muscle: Muscle) =>
    sessionsOf(context, week).find((one) =>
      [...factsIn(context, one, week).values()].some(({ exercise }) =>
        primeMovers(exercise).includes(muscle),
      ),
    )?.id === session.id;
  for (const [slotId, { exercise }] of factsIn(context, session, week)) {
    const movers = primeMovers(exercise);
    const failed = failedBefore(so, orders, movers, building);
    const muscle = failed?.muscle ?? movers.find((one) => isRecovering(orders, [one], week, isFirst));
    found[slotId] = {
      added: addedSets(orders, slotId, building),
      firstSet:
        orders.find(
          (order): order is FirstSet =>
            order.kind === 'first set' && order.slotId === slotId && order.week === week,
        ) ?? null,
      recovers: isRecovering(orders, movers, week, isFirst),
      failed,
      before: muscle === undefined ? 0 : setsBefore(facts, slotId, muscle, orders, building),
    };
  }
  const some = Object.values(found).some(
    ({ added, firstSet, recovers: easy, failed }) =>
      added.length > 0 || firstSet !== null || easy || failed !== null,
  );
  return memo
    .part(week)
    .part(session.id)
    .same('orders', some ? found : NONE);
}

/** Sets of the slots with the muscle as prime mover that come earlier in the week. */
function setsBefore(
  facts: Context['facts'],
  slotId: string,
  muscle: Muscle,
  orders: readonly Order[],
  building: number,
): number {
  let sum = 0;
  for (const slots of facts.values())
    for (const [id, { slot, exercise }] of slots) {
      if (id === slotId) return sum;
      if (!primeMovers(exercise).includes(muscle)) continue;
      const added = addedSets(orders, id, building).reduce((total, { add }) => total + add, 0);
      sum += setCount(slot.technique) + added;
    }
  return sum;
}

/** Where a muscle failed before its last recovery week, if it had one. */
function failedBefore(
  { weeks }: SoFar,
  orders: readonly Order[],
  muscles: Parameters<typeof lastRecoveryWeek>[1],
  week: number,
): Failed | null {
  const recover = lastRecoveryWeek(orders, muscles, week);
  if (recover === null) return null;
  const failed = weeks.find(({ plan }) => plan.week === recover.week - 1);
  if (failed === undefined) return null;
  const { measured, landmarks } = failed.plan.muscles[recover.muscle];
  return { muscle: recover.muscle, failedAt: measured, floor: landmarks.floor };
}
