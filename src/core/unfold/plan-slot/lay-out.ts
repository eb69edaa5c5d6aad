import { AS_IT_IS, type SetTarget, type Slot } from '../../block/block';
import type { RepRange } from '../../block/rep-range';
import type { Conventions } from '../../conventions/conventions';
import { type Held, setAfterDrift } from '../../effort/drift';
import type { RepMaxCurve } from '../../effort/rep-max';
import { nearestLoad } from '../../loading/grid';
import type { SetPlan } from '../../plan/set';
import { clamp, isAtLeast, roundHalfDown } from '../../rounding';
import {
  climb,
  fixedMinis,
  type Lighter,
  lighterBy,
  roundCredits,
  roundRirs,
} from '../../techniques/stamina';
import type { Half, Lead, Mini, Part, Rise, Role, Section } from '../../techniques/technique';
import { asHundredths, decimal, type Hundredths, lighter } from '../../units';
import { isHard } from '../../volume/credit';
import type { SlotFacts } from '../slot-facts';

/** A part's chosen first set, and what its further sets depend on. */
export interface PartPlan {
  readonly part: Part;
  /** Load of its first set; null if unknown. */
  readonly load: Hundredths | null;
  readonly reps: number;
  /** The range as written, and what stays constant over its sets. */
  readonly range: RepRange;
  readonly mode: Held;
  /** RIR at its end, and RIR left after its first reps. */
  readonly rir: number;
  readonly leadRir: number;
  /** The week's RIR before any offset, for sets with their own effort. */
  readonly weekRir: number;
  /** Sets of the slot before this part's, and all of them without optional ones. */
  readonly before: number;
  readonly count: number;
  readonly optional: number;
  /** Reps lost per further set. */
  readonly perSet: number;
  /** One rep of drop-off in the counted unit: 1, or a share of a hold's seconds. */
  readonly unit: number;
  /** Seconds after each set. */
  readonly rest: number;
  /** Reps possible at a load in this part's first set by the strength estimate; null without one. */
  readonly capacity: ((load: Hundredths) => number) | null;
  /** RIR predicted for this many reps of a hold in its k-th set; replaces `capacity`. */
  readonly predictHold: ((reps: number, k: number) => number) | null;
  /** Half of the range in which the exercise is easier. */
  readonly easier: Half;
  /** Whether its sets measure the exercise's strength: half reps and timed sets do not. */
  readonly measuresStrength: boolean;
  readonly curve: RepMaxCurve;
  readonly conventions: Conventions;
}

/** A set's own effort, tempo or cue (sets from 0); the last set's value wins over its number's, then its part's. */
function own<F extends 'rir' | 'tempo' | 'cue'>(
  { setTargets }: Slot,
  { at, count, role }: OwnPlace,
  field: F,
): NonNullable<SetTarget[F]> | null {
  if (setTargets.length === 0) return null;
  const names = [at === count - 1 ? 'last' : null, at + 1, role === 'back-off' ? 'back-offs' : null];
  for (const name of names) {
    const value = setTargets.find(({ set }) => set === name)?.[field];
    if (value != null && value !== '') return value;
  }
  return null;
}

/** The set's position in its slot, from 0, the number of sets, and its role. */
interface OwnPlace {
  readonly at: number;
  readonly count: number;
  readonly role: Role;
}

/** RIR of a set with its own effort; null if it has none. */
export function ownRir(
  slot: Slot,
  place: OwnPlace,
  { weekRir, leastRir }: { readonly weekRir: number; readonly leastRir: number },
): number | null {
  const effort = own(slot, place, 'rir');
  if (effort === null) return null;
  return Math.max(leastRir, effort.kind === 'fixed' ? effort.rir : Math.max(0, weekRir + effort.offset));
}

/** RIR of a set of the slot, from 0: its own, the technique's for the last one, or by drop-off. */
export function rirOfSet(
  slot: Slot,
  plan: Pick<PartPlan, 'part' | 'count' | 'weekRir'>,
  at: number,
  drifted: number,
): number {
  const { lastRir, leastRir = 0, role } = plan.part;
  // Most slots have no set of their own; this runs for every set, a thousand times per keystroke.
  const effort =
    slot.setTargets.length === 0
      ? null
      : ownRir(slot, { at, count: plan.count, role }, { weekRir: plan.weekRir, leastRir });
  return effort ?? (lastRir !== undefined && at === plan.count - 1 ? lastRir : drifted);
}

/**
 * All sets of a part: later ones by drop-off, single ones by their own effort, rounds by the reps left inside them.
 */
export function layOut(facts: SlotFacts, plan: PartPlan): readonly SetPlan[] {
  const { slot } = facts;
  const { part } = plan;
  const fixed = part.range !== undefined && part.range.low === part.range.high;
  const sets: SetPlan[] = [];
  for (let k = 1; k <= part.sets + plan.optional; k++) {
    const at = plan.before + k - 1;
    const place = {
      k,
      round: at + 1,
      variant: rotatedVariant(slot, at),
      optional: k > part.sets,
      id: `${part.role}-${k}`,
      words:
        slot.setTargets.length === 0
          ? NO_WORDS
          : ownTempoAndCue(slot, { at, count: plan.count, role: part.role }),
    };
    const effort = effortOfSet(slot, plan, k, fixed);
    const rise = part.rises?.[Math.min(k, part.rises.length) - 1];
    if (rise !== undefined) sets.push(...risingRound(facts, plan, place, rise));
    else if (part.minis === undefined) sets.push(wholeSet(plan, place, effort));
    else {
      const lead = leadOf(facts, plan, k, effort, fixed);
      sets.push(...pieces(facts, plan, place, lead, part.minis(lead)));
    }
  }
  return sets;
}

/** A set's variant if variants rotate; null: the slot's. The plain exercise is one of them if it is listed. */
function rotatedVariant({ rotate, variant }: Slot, at: number): string | null {
  const turn = rotate.length === 0 ? null : (rotate[at % rotate.length] ?? null);
  return turn === AS_IT_IS && variant === null ? null : turn;
}

/** A set's position in its slot. */
interface SetPlace extends Pick<SetPlan, 'id' | 'round' | 'variant' | 'optional'> {
  /** Its number in its part, from 1. */
  readonly k: number;
  readonly words: OwnWords;
}

type OwnWords = Pick<SetPlan, 'tempo' | 'cue'>;

const NO_WORDS: OwnWords = {};

/** A set's own tempo and cue. */
function ownTempoAndCue(slot: Slot, place: OwnPlace): OwnWords {
  const tempo = own(slot, place, 'tempo');
  const cue = own(slot, place, 'cue');
  return { ...(tempo === null ? {} : { tempo }), ...(cue === null ? {} : { cue }) };
}

interface Effort {
  readonly reps: number;
  readonly rir: number;
}

/** Reps and RIR of a part's k-th set. */
function effortOfSet(slot: Slot, plan: PartPlan, k: number, fixed: boolean): Effort {
  const { part, perSet, unit, range } = plan;
  // A hold's RIR is counted in reps, its length in seconds.
  const perReps = plan.mode === 'hold reps' ? perSet : perSet * unit;
  const drifted = setAfterDrift(plan.mode, { reps: baseReps(slot, plan), rir: plan.rir }, perReps, k);
  // Fixed reps cannot be reduced: the round ends closer to failure.
  if (fixed && part.minis !== undefined) return { reps: plan.reps, rir: drifted.rir };
  const rir = rirOfSet(slot, plan, plan.before + k - 1, drifted.rir);
  if (fixed) return { reps: plan.reps, rir };
  if (k === 1) return { reps: plan.reps, rir };
  const own = ownReps(plan, k, rir) ?? drifted.reps + roundHalfDown((drifted.rir - rir) * unit);
  // A set with its own effort also stays in the range, unless set 1 exceeds it; a set to failure has no target reps.
  const most = rir > 0 ? Math.max(range.high, plan.reps) : Number.POSITIVE_INFINITY;
  const reps = rir === drifted.rir ? drifted.reps : clamp(own, Math.min(range.low, drifted.reps), most);
  return { reps: Math.max(1, reps + repToCount(plan, Math.max(1, reps), rir, k)), rir };
}

/** One rep more, if a set that is to count would otherwise miss that by the rounding of its drop-off; otherwise 0. */
function repToCount(plan: PartPlan, reps: number, rir: number, k: number): 0 | 1 {
  const { conventions, part } = plan;
  if (part.minis !== undefined || plan.mode !== 'hold RIR' || reps >= plan.reps) return 0;
  const left = isHard(rir, conventions) ? predicted(plan, reps, k) : null;
  if (left === null || isHard(left, conventions)) return 0;
  return isHard(left - 1, conventions) && isAtLeast(left - 1, rir - 1) ? 1 : 0;
}

/** Reps that leave this RIR in a part's k-th set; null if no strength is known. */
function ownReps(plan: PartPlan, k: number, rir: number): number | null {
  if (plan.load === null || plan.capacity === null) return null;
  const cost = plan.part.minis === undefined ? plan.leadRir - plan.rir : 0;
  return roundHalfDown(plan.capacity(plan.load) - plan.perSet * (k - 1) - cost - rir);
}

/** Reps of the first set at the part's effort, whatever effort of its own it was found for. */
function baseReps(slot: Slot, plan: PartPlan): number {
  const { leastRir = 0, role } = plan.part;
  const place = { at: plan.before, count: plan.count, role };
  const effort = ownRir(slot, place, { weekRir: plan.weekRir, leastRir });
  return effort === null ? plan.reps : plan.reps + roundHalfDown((effort - plan.rir) * plan.unit);
}

function leadOf(
  { grid, carried }: SlotFacts,
  plan: PartPlan,
  k: number,
  { reps, rir }: Effort,
  fixed: boolean,
): Lead {
  const reach = fixed ? reps + plan.leadRir - plan.perSet * (k - 1) : reps + rir;
  const lead = { reps, rir, reach, lighter: lighterBy(plan.curve), back: plan.conventions.roundBack };
  const moved = carried * 100 + (plan.load ?? 0);
  if (plan.load === null || moved <= 0) return lead;
  const made = (share: number, before: number) => {
    if (share === 1) return share;
    const near = nearestLoad(grid, asHundredths(moved * share - carried * 100));
    return Math.min(before, (carried * 100 + near) / moved);
  };
  return { ...lead, made };
}

// Spelled out for speed: this is created a thousand times per keystroke.
function wholeSet(plan: PartPlan, place: SetPlace, { reps, rir }: Effort): SetPlan {
  const { part } = plan;
  const { optional, round } = place;
  const predictedRir = predicted(plan, reps, place.k);
  // By prediction; by the target only if nothing is known. A set that cannot be done once counts nothing.
  const isDoable = predictedRir === null || isAtLeast(predictedRir + reps, 1);
  const counts = isDoable && (isFinisher(part) || isHard(predictedRir ?? rir, plan.conventions));
  const hard = counts && !optional && part.role !== 'easy';
  const set: SetPlan = {
    id: place.id,
    role: part.role,
    load: plan.load === null ? null : plan.load / 100,
    reps,
    rir,
    predictedRir,
    hard,
    credit: hard ? 1 : 0,
    round,
    piece: 1,
    rest: plan.rest,
    manner: part.manner ?? 'full',
    sections: part.sections === undefined ? NO_SECTIONS : part.sections(round === plan.count, plan.easier),
    variant: place.variant,
    measuresStrength: plan.measuresStrength,
    optional,
  };
  return place.words === NO_WORDS ? set : { ...set, ...place.words };
}

/** Reps up to which a finisher's range must reach, so that it counts although its load is light. */
const FINISHER_REPS = 17;

/** Whether a part is judged by its reps alone: a long set at a share of the max. */
function isFinisher({ ofMaxRises, range }: Part): boolean {
  return ofMaxRises === true && (range?.high ?? 0) >= FINISHER_REPS;
}

const NO_SECTIONS: readonly Section[] = [];

function predicted(plan: PartPlan, reps: number, k: number): number | null {
  if (plan.predictHold !== null) return plan.predictHold(reps, k);
  if (plan.load === null || plan.capacity === null) return null;
  const cost = plan.part.minis === undefined ? plan.leadRir - plan.rir : 0;
  return plan.capacity(plan.load) - plan.perSet * (k - 1) - reps - cost;
}

/** A round with its own load, a share of the first round's as the equipment makes it. */
function risingRound(
  facts: SlotFacts,
  plan: PartPlan,
  place: SetPlace,
  { share, reps, pause }: Rise,
): readonly SetPlan[] {
  const { grid, carried } = facts;
  const [first = 1, ...others] = reps;
  const moved = carried * 100 + (plan.load ?? 0);
  const load =
    plan.load === null || share === 1
      ? plan.load
      : nearestLoad(grid, asHundredths(moved * share - carried * 100));
  const made = load === null || moved <= 0 ? share : (carried * 100 + load) / moved;
  const lighter = lighterBy(plan.curve);
  const { back, cost } = climbedTo(plan, place.k, lighter);
  const fresh = plan.reps + plan.leadRir;
  const reach = (made === 1 ? fresh : lighter(fresh, made)) - cost;
  const lead = { reps: first, rir: plan.rir, reach, lighter, back };
  return pieces(facts, { ...plan, load }, place, lead, fixedMinis(others, pause), cost);
}

/** Reps that the rounds of a climb before its k-th cost. */
function climbedTo({ part, reps, leadRir, perSet, conventions }: PartPlan, k: number, lighter: Lighter) {
  const back = conventions.roundBack;
  const rounds = climb(part.rises ?? [], lighter, { fresh: reps + leadRir, back, perSet });
  return { back, cost: rounds[Math.min(k, rounds.length) - 1]?.cost ?? 0 };
}

/**
 * A round's parts: makeable loads, RIR by the reps left, credit by the round.
 * @param cost reps lost to earlier rounds
 */
function pieces(
  facts: SlotFacts,
  plan: PartPlan,
  place: SetPlace,
  lead: Lead,
  given: readonly Mini[],
  cost = plan.perSet * (place.k - 1),
): readonly SetPlan[] {
  const { part, conventions } = plan;
  const minis = facts.away === null ? given : given.map((mini) => ({ ...mini, away: facts.away ?? 0 }));
  const all: readonly Mini[] = [{ reps: lead.reps, pause: plan.rest, share: 1 }, ...minis];
  const loads = pieceLoads(facts, plan.load, all);
  const rirs = roundRirs(lead, minis);
  const known = part.stated === undefined && part.asRound === undefined;
  const foreseen = known ? foreseenRirs(facts, plan, cost, lead, minis, loads) : null;
  const credits = creditsOf(part, all, foreseen ?? rirs, conventions);
  return all.map(({ reps }, at): SetPlan => {
    const credit = place.optional || part.role === 'easy' ? 0 : (credits[at] ?? 0);
    const own = loads[at];
    // Rounding can leave a tiny fraction below 0; what cannot be done at all is asked to failure.
    const rir = Math.max(0, rirs[at] as number);
    return {
      id: at === 0 ? place.id : `${place.id}.${at + 1}`,
      role: part.role,
      load: own == null ? null : decimal(own),
      reps,
      // What cannot be predicted in a round has the week's RIR.
      rir: known ? rir : plan.rir,
      predictedRir: foreseen?.[at] ?? null,
      hard: credit > 0,
      credit,
      round: place.round,
      piece: at + 1,
      rest: all[at + 1]?.pause ?? plan.rest,
      manner: all[at]?.manner ?? part.manner ?? 'full',
      sections: NO_SECTIONS,
      variant: place.variant,
      measuresStrength: plan.measuresStrength,
      optional: place.optional,
      ...(place.words === NO_WORDS ? null : place.words),
    };
  });
}

/** Loads of a round's parts in hundredths, none heavier than the one before; null if unknown. */
function pieceLoads(
  { grid, carried }: SlotFacts,
  load: Hundredths | null,
  all: readonly Mini[],
): readonly (Hundredths | null)[] {
  const loads: (Hundredths | null)[] = [];
  for (const { share } of all) {
    const before = loads.at(-1);
    if (load === null) loads.push(null);
    else if (share === 1) loads.push(load);
    else {
      const near = nearestLoad(grid, asHundredths((carried * 100 + load) * share - carried * 100));
      loads.push(before == null ? near : lighter(before, near));
    }
  }
  return loads;
}

/** RIR predicted at the end of each part, after reps lost to earlier rounds; null without a strength estimate. */
function foreseenRirs(
  { carried }: SlotFacts,
  { load, capacity }: PartPlan,
  cost: number,
  lead: Lead,
  minis: readonly Mini[],
  loads: readonly (number | null)[],
): readonly number[] | null {
  if (load === null || capacity === null) return null;
  return roundRirs({ ...lead, reach: capacity(load) - cost }, makeablePieces(minis, loads, carried));
}

/** The parts with the shares of their makeable loads. */
function makeablePieces(
  minis: readonly Mini[],
  loads: readonly (number | null)[],
  carried: number,
): readonly Mini[] {
  const moved = (at: number) => carried * 100 + (loads[at] ?? 0);
  return minis.map((mini, at) =>
    mini.share === 1 || moved(0) <= 0 ? mini : { ...mini, share: moved(at + 1) / moved(0) },
  );
}

function creditsOf(
  part: Part,
  all: readonly Mini[],
  rirs: readonly number[],
  conventions: Conventions,
): readonly number[] {
  const { stated } = part;
  if (stated !== undefined) return all.map((_, at) => (at >= all.length - stated ? 1 : 0));
  const pieces = all.map(({ reps, pause, away = 0 }, at) => ({
    reps,
    pause: at === 0 ? 0 : pause + away,
    rir: part.asRound ? 0 : (rirs[at] as number),
  }));
  return roundCredits(pieces, conventions);
}
