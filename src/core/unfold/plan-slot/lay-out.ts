import { AS_IT_IS, type SetTarget, type Slot } from '../../block/block';
import { setAfterDrift } from '../../effort/drift';
import { nearestLoad } from '../../loading/grid';
import type { SetPlan } from '../../plan/set';
import { clamp, isAtLeast, roundHalfDown } from '../../rounding';
import { lighterBy } from '../../techniques/stamina';
import type { Lead, Part, Role } from '../../techniques/technique';
import { asHundredths } from '../../units';
import { isHard } from '../../volume/credit';
import type { SlotFacts } from '../slot-facts';
import { NO_SECTIONS, NO_WORDS, type OwnWords, type PartPlan, type SetPlace } from './part-plan';
import { pieces, risingRound } from './rounds';

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

function predicted(plan: PartPlan, reps: number, k: number): number | null {
  if (plan.predictHold !== null) return plan.predictHold(reps, k);
  if (plan.load === null || plan.capacity === null) return null;
  const cost = plan.part.minis === undefined ? plan.leadRir - plan.rir : 0;
  return plan.capacity(plan.load) - plan.perSet * (k - 1) - reps - cost;
}
