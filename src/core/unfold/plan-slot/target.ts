import type { Muscle } from '../../anatomy/muscle';
import type { Slot, WeekOverride } from '../../block/block';
import { loadCallId } from '../../calls/load';
import type { AddedSets, FirstSet } from '../../calls/order';
import type { Conventions } from '../../conventions/conventions';
import type { RepMaxCurve } from '../../effort/rep-max';
import { nearestLoad } from '../../loading/grid';
import type { Reason, Strength } from '../../plan/reason';
import { plannedRise } from '../../progression/planned-rise';
import { rampRir } from '../../progression/rir-ramp';
import { slotRir } from '../../progression/slot-rir';
import { clamp, roundHalfUp } from '../../rounding';
import { type Gate, mayFail } from '../../techniques/gates';
import { setCount, setLimits, type TechniqueParameters } from '../../techniques/registry';
import { decimal, hundredths } from '../../units';
import type { Planner } from '../planner';
import { isHeld, type SlotFacts } from '../slot-facts';
import { lastFirstSet, type SlotHistory, strengthAt } from '../slot-history';
import type { WeekAsked } from '../week-asked';

/** The week's target for a slot, before its loads are found. */
export interface SlotTarget {
  readonly rir: number;
  /** The week's RIR before the slot's offset. */
  readonly weekRir: number;
  readonly whyRir: Reason;
  readonly sets: number;
  readonly whySets: Reason;
  /** The technique as done this week: with its own progress, within its limits. */
  readonly technique: TechniqueParameters;
  readonly gate: Gate | null;
  /** Whether one of its sets may end at failure. */
  readonly mayFail: boolean;
  /** The least RIR of every set this week. */
  readonly leastRir: number;
  readonly override: WeekOverride | null;
  readonly strength: Strength | null;
  /** A coach's answer that fixes set 1. */
  readonly pinned: Pinned | null;
  readonly curve: RepMaxCurve;
  readonly conventions: Conventions;
  readonly rangeBinds: Planner['rangeBinds'];
  /** Whether reps rise before load does: while cutting. */
  readonly repsFirst: boolean;
  readonly pass: number;
  /** Factors on the loads of this week and of the week before. */
  readonly shift: WeekAsked['shift'];
  /** The written share of the one-rep max this week, 0-1; null: by its rule. */
  readonly ofMax: number | null;
  /** The one-rep max that shares are taken of, held for the block; null if no strength is known. */
  readonly heldMax: number | null;
}

interface Pinned {
  readonly outcome: FirstSet['outcome'];
  readonly load: number;
  readonly reps: number;
}

/** Where a muscle of a slot failed before its last recovery week, in fractional sets. */
export interface Failed {
  readonly muscle: Muscle;
  readonly failedAt: number;
  readonly floor: number;
}

/** The orders of the coach's answers for a slot in a week. */
export interface SlotOrders {
  readonly added: readonly AddedSets[];
  readonly firstSet: FirstSet | null;
  readonly recovers: boolean;
  readonly failed: Failed | null;
  /**
   * Sets of its muscle's earlier slots in the week; halving and the midway reduction are rounded over all of them.
   */
  readonly before: number;
}

export const NO_ORDERS: SlotOrders = { added: [], firstSet: null, recovers: false, failed: null, before: 0 };

/** A slot's target in a building week, with its technique as given. */
export function slotTarget(
  { curve, rangeBinds, pass }: Pick<Planner, 'curve' | 'rangeBinds' | 'pass'>,
  facts: SlotFacts,
  history: SlotHistory,
  asked: Pick<WeekAsked, 'building' | 'gains' | 'leastRir' | 'phase' | 'ramp' | 'shift'>,
  orders: SlotOrders,
  technique: TechniqueParameters,
): SlotTarget {
  const week = asked.building;
  const { ramp } = asked;
  const { rir, whyRir } = slotRir(facts.slot, ramp, ramp.week);
  const { sets, whySets } = slotSets(facts.slot, orders, {
    week: ramp.week,
    weeks: ramp.weeks,
  });
  return {
    rir,
    whyRir,
    weekRir: rampRir(ramp.rir, ramp.week, ramp.weeks),
    sets,
    whySets,
    technique,
    gate: null,
    leastRir: asked.leastRir,
    mayFail: isHeld(facts.exercise) || mayFail(facts.exercise, facts.slot.safety),
    override: null,
    strength: strengthAt(facts, history, week, asked.gains, pass),
    pinned: null,
    curve,
    conventions: facts.conventions,
    rangeBinds,
    repsFirst: asked.phase === 'cutting',
    pass,
    shift: asked.shift,
    ofMax: shareInWeek(facts.slot, (week - 1) * pass),
    heldMax: history.heldMax ?? facts.start?.oneRepMax ?? history.exposures[0]?.oneRepMax ?? null,
  };
}

/** The written share of the one-rep max, this many calendar weeks after the first. */
function shareInWeek({ ofMax }: Slot, weeks: number): number | null {
  return ofMax === null ? null : clamp(ofMax.share + ofMax.weekly * weeks, 0, MOST_OF_MAX) / 100;
}

const MOST_OF_MAX = 105;

/**
 * Prescribed sets, planned to rise if written so, plus those added by answers up to this week; midway after a
 * recovery week.
 */
export function slotSets(
  { technique, rampTo }: Pick<Slot, 'technique' | 'rampTo'>,
  { added, failed, before }: Pick<SlotOrders, 'added' | 'failed' | 'before'>,
  at: { readonly week: number; readonly weeks: number },
): { readonly sets: number; readonly whySets: Reason } {
  const from = setCount(technique);
  const prescribed = rampTo === null ? from : plannedRise(from, rampTo, at);
  const { most, least } = setLimits(technique);
  const total = prescribed + added.reduce((sum, { add }) => sum + add, 0);
  const sets = Math.max(least, Math.min(most, total));
  if (failed !== null) {
    const floor = Math.min(failed.floor, failed.failedAt);
    const share = failed.failedAt <= 0 ? 1 : (floor + failed.failedAt) / 2 / failed.failedAt;
    const midway = Math.max(least, roundHalfUp((before + sets) * share) - roundHalfUp(before * share));
    return { sets: midway, whySets: { code: 'sets/after-recover', ...failed, sets: midway } };
  }
  if (added.length === 0) {
    const ramp = rampTo === null ? {} : { ramp: { from, to: rampTo, ...at } };
    return { sets, whySets: { code: 'sets/prescribed', sets, ...ramp } };
  }
  const by = added.map(({ muscle, week, add }) => ({ muscle, week, add }));
  return { sets, whySets: { code: 'sets/response', prescribed, added: by, sets } };
}

/** The first set fixed by an order; null once its facts have changed. */
export function orderedFirstSet(
  facts: SlotFacts,
  history: SlotHistory,
  order: FirstSet | null,
  asked: { readonly sessionId: string; readonly week: number; readonly rir: number },
): Pinned | null {
  const last = lastFirstSet(history);
  if (order === null || last === null || order.callId !== loadCallId(facts, history, asked)) return null;
  if (order.to === null) return { outcome: 'held', load: last.load, reps: last.reps };
  const load = decimal(nearestLoad(facts.grid, hundredths(order.to.load)));
  return { outcome: order.outcome, load, reps: order.to.reps };
}
