import type { Phase } from '../athlete/athlete';
import type { Session, WeekOverride } from '../block/block';
import { nearestLoad } from '../loading/grid';
import { valueIn } from '../loading/weight';
import type { Memo } from '../memo';
import type { SessionPlan } from '../plan/session';
import type { SlotPlan } from '../plan/slot';
import { rangeInPhase } from '../progression/phase-range';
import { keptSlots } from '../recovery/deload/kept-slots';
import type { Lightening } from '../recovery/deload/lightening';
import { type Gate, isLowVolumePlan, pastFailureLimit, sessionGates, withinGate } from '../techniques/gates';
import { holdBack } from '../techniques/registry';
import { decimal, hundredths } from '../units';
import { planBuilding } from './plan-slot/building';
import { easeSlot } from './plan-slot/ease';
import { repeatLastWeek } from './plan-slot/last-week-again';
import { NO_ORDERS, orderedFirstSet, type SlotOrders, slotTarget } from './plan-slot/target';
import { type Planner, slotExercise } from './planner';
import { sessionFigures } from './session-figures';
import { isHeld, type SlotFacts } from './slot-facts';
import type { SlotHistory } from './slot-history';
import type { WeekAsked } from './week-asked';
import { withinMinutes } from './within-minutes';

/**
 * A session in an unsent week.
 * @param facts and histories of its slots, by slot id
 * @param orders of the coach's answers, by slot id; slots not listed have none
 * @param memo of this session in this week, with a part for each slot
 */
export function planSession(
  memo: Memo,
  planner: Planner,
  session: Session,
  facts: ReadonlyMap<string, SlotFacts>,
  histories: ReadonlyMap<string, SlotHistory>,
  asked: WeekAsked,
  orders: Readonly<Record<string, SlotOrders>>,
): SessionPlan {
  const gates = gatesIn(planner, session, asked);
  const known = session.slots.map(({ id }) => ({
    part: memo.part(id),
    facts: inPhase(facts.get(id) as SlotFacts, asked, memo.part(id)),
    history: histories.get(id) as SlotHistory,
    gate: gates.get(id) ?? null,
    orders: orders[id] ?? NO_ORDERS,
  }));
  const withFigures = (slots: readonly SlotPlan[]) => sessionFigures(planner, session, facts, slots, memo);
  const { lightening } = asked;
  if (lightening === null)
    return withFigures(
      known.map(({ part, facts: of, history, gate, orders: own }) =>
        part.call('plan', buildingSlot, planner, session.id, of, history, gate, own, asked),
      ),
    );
  const kept = keptSlots(
    session.slots.map((slot) => ({ id: slot.id, exercise: slotExercise(planner, slot) })),
    lightening.kept,
  );
  const slots = known.map(({ part, facts: of, history, gate, orders: own }) => {
    const isKept = kept.has(of.slot.id);
    return part.call('plan', deloadSlot, planner, of, history, gate, own, asked, lightening, isKept);
  });
  return withinMinutes(slots, lightening.minutes, withFigures);
}

/** A slot's facts with the ranges of its group, its own among them, as the phase changes them. */
function inPhase(facts: SlotFacts, { rangePhase }: WeekAsked, memo: Memo): SlotFacts {
  return rangePhase === null ? facts : memo.call('facts in phase', withMovedRanges, facts, rangePhase);
}

function withMovedRanges(facts: SlotFacts, rangePhase: Phase): SlotFacts {
  const { range } = facts.slot;
  const moved = isHeld(facts.exercise) ? range : rangeInPhase(range, rangePhase, facts.conventions);
  const inGroup = rangePhase === 'cutting' ? { ...facts, ...facts.cutting } : facts;
  if (moved === range) return inGroup;
  return { ...inGroup, slot: { ...facts.slot, range: moved }, movedFrom: { range, phase: rangePhase } };
}

/**
 * Whether the phase has changed a slot's range since the week before: then its loads are found anew from current
 * strength.
 */
function rangeChanges({ slot, movedFrom, exercise, conventions }: SlotFacts, asked: WeekAsked): boolean {
  const { rangePhase, rangePhaseBefore } = asked;
  if (rangePhase === rangePhaseBefore || rangePhase === null || rangePhaseBefore === null) return false;
  const written = movedFrom?.range ?? slot.range;
  const before = rangeInPhase(written, rangePhaseBefore, conventions);
  return !isHeld(exercise) && (before.low !== slot.range.low || before.high !== slot.range.high);
}

const NO_LAST: SlotHistory['last'] = new Map();

function gatesIn(planner: Planner, session: Session, asked: WeekAsked): ReadonlyMap<string, Gate> {
  const { athlete, conventions, lowSets } = planner;
  const low = lowSets && isLowVolumePlan(session, conventions);
  const limit = low ? session.slots.length : pastFailureLimit(athlete, asked, conventions);
  return sessionGates(session, (slot) => slotExercise(planner, slot), asked.recoversPoorly ? null : limit);
}

function buildingSlot(
  planner: Planner,
  sessionId: string,
  facts: SlotFacts,
  known: SlotHistory,
  gate: Gate | null,
  orders: SlotOrders,
  asked: WeekAsked,
): SlotPlan {
  const history = rangeChanges(facts, asked) ? { ...known, last: NO_LAST } : known;
  const gated = gate === null ? history.technique : withinGate(history.technique, gate);
  const technique = orders.recovers ? holdBack(gated) : gated;
  const override = weekOverride(facts.slot.weeks, asked.week);
  const base = slotTarget(planner, facts, history, asked, orders, technique);
  const own = override?.sets ?? null;
  const target = {
    ...base,
    ...(own === null
      ? {}
      : { sets: own, whySets: { code: 'sets/override', sets: own, proposed: base.sets } as const }),
    gate,
    override,
    pinned: orderedFirstSet(facts, history, orders.firstSet, { sessionId, week: asked.week, rir: base.rir }),
  };
  const planned = planBuilding(facts, history, target);
  if (!orders.recovers) return planned;
  const { recoverSets, recoverLoad, easyRir } = facts.conventions;
  const lowered = { sets: recoverSets, load: recoverLoad, ofMax: 1, reps: 1, rir: easyRir, leastReps: 0 };
  const again = repeatLastWeek(facts, history, planned);
  return easeSlot(facts, again, { ...lowered, week: 'recover', kept: true, before: orders.before }, target);
}

/**
 * A deload has the work of the last building week, reduced and held back from failure. What the coach typed into that
 * week stays as typed: sets, and the load, reps and RIR of each of them.
 */
function deloadSlot(
  planner: Planner,
  facts: SlotFacts,
  history: SlotHistory,
  gate: Gate | null,
  orders: SlotOrders,
  asked: WeekAsked,
  lightening: Lightening,
  kept: boolean,
): SlotPlan {
  const gated = gate === null ? history.technique : withinGate(history.technique, gate);
  const base = { ...slotTarget(planner, facts, history, asked, orders, holdBack(gated)), gate };
  const override = weekOverride(facts.slot.weeks, asked.week);
  if (override === null) {
    const again = repeatLastWeek(facts, history, planBuilding(facts, history, base));
    return easeSlot(facts, again, { ...lightening, week: 'deload', kept }, base);
  }
  const { sets, load, reps, rir } = override;
  const target = { ...base, override, sets: sets ?? base.sets };
  const again = repeatLastWeek(facts, history, planBuilding(facts, history, target));
  const asTyped = load !== null || reps !== null || rir !== null;
  const eased = easeSlot(
    facts,
    typedSets(facts, again, override),
    {
      ...lightening,
      week: 'deload',
      kept: kept || sets !== null,
      ...(sets === null ? {} : { sets: 1 }),
      ...(load === null ? {} : { load: 1, ofMax: 1, leastReps: 0 }),
      ...(asTyped ? { reps: reps === null ? lightening.reps : 1, rir: 0 } : {}),
    },
    target,
  );
  // What was typed is its own reason.
  const { why } = eased;
  return {
    ...eased,
    why: {
      ...why,
      load: load === null && reps === null ? why.load : again.why.load,
      rir: rir === null ? why.rir : again.why.rir,
      sets: sets === null ? why.sets : { code: 'sets/override', sets, proposed: base.sets },
    },
  };
}

/** Every set with the load, reps and RIR that were typed for the week. */
function typedSets({ grid }: SlotFacts, planned: SlotPlan, { load, reps, rir }: WeekOverride): SlotPlan {
  const own = load === null ? null : decimal(nearestLoad(grid, hundredths(valueIn(grid.unit, load))));
  return {
    ...planned,
    sets: planned.sets.map((set) => ({
      ...set,
      load: own ?? set.load,
      reps: reps ?? set.reps,
      rir: rir ?? set.rir,
    })),
  };
}

/** A slot's overrides in a week. */
function weekOverride(weeks: readonly WeekOverride[], week: number): WeekOverride | null {
  return weeks.length === 0 ? null : (weeks.find((one) => one.week === week) ?? null);
}
