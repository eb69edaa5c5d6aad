import type { Slot, SlotRir } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import { driftedSet } from '../effort/drift';
import type { RepMaxCurve } from '../effort/rep-max';
import { nearestLoad } from '../loading/grid';
import { roundHalfDown } from '../rounding';
import { lighterBy, roundCredits, roundRirs } from '../techniques/stamina';
import type { Lead, Mini, Part, Section } from '../techniques/technique';
import { isHard } from '../volume/credit';
import type { PlannedSet } from './ladder';
import type { Track } from './track';

/** A part's first set as it was chosen, and what its further sets follow from. */
export interface PartPlan {
  readonly part: Part;
  /** Load of its first set in hundredths; null while it is looked for. */
  readonly load: number | null;
  readonly reps: number;
  /** RIR it is to end at, and RIR left after its first reps. */
  readonly rir: number;
  readonly leadRir: number;
  /** RIR of the week before any offset, for sets with an effort of their own. */
  readonly weekRir: number;
  /** Sets of the slot before this part's, and all of them without the optional ones. */
  readonly before: number;
  readonly count: number;
  readonly optional: number;
  /** Reps lost by each further set. */
  readonly perSet: number;
  /** What one rep of drift is in the unit that is counted: 1, or a share of a hold's seconds. */
  readonly unit: number;
  /** Seconds after each set. */
  readonly rest: number;
  /** Reps that the strength estimate has at a load, in hundredths, at this part's first set; null without one. */
  readonly capacity: ((load: number) => number) | null;
  /** RIR predicted for so many reps of a hold at its k-th set; in place of `capacity`. */
  readonly predictHold: ((reps: number, k: number) => number) | null;
  /** Whether its sets say nothing of the exercise’s strength at large. */
  readonly aside: boolean;
  readonly curve: RepMaxCurve;
  readonly conventions: Conventions;
}

/** What the ids of sets begin with that say nothing of an exercise's strength at large: half reps, sets by the clock. */
export const ASIDE = 'aside-';

/** A set's own effort where the slot gives it one; the last set's word goes before its number's. */
function ownRir({ setTargets }: Slot, at: number, count: number): SlotRir | null {
  if (setTargets.length === 0) return null;
  const last = at === count - 1 ? setTargets.find(({ set }) => set === 'last') : undefined;
  return (last ?? setTargets.find(({ set }) => set === at + 1))?.rir ?? null;
}

function rirOfSet(slot: Slot, plan: PartPlan, at: number, drifted: number): number {
  const own = ownRir(slot, at, plan.count);
  const { lastRir, leastRir } = plan.part;
  if (own === null) return lastRir !== undefined && at === plan.count - 1 ? lastRir : drifted;
  const asked = own.kind === 'fixed' ? own.rir : Math.max(0, plan.weekRir + own.offset);
  return Math.max(leastRir ?? 0, asked);
}

/** All sets of a part: later ones by drift, single ones by their own effort, rounds by what is left inside them. */
export function expandPart(track: Track, plan: PartPlan, sets: PlannedSet[]): void {
  const { slot } = track;
  const { part, perSet, unit, conventions, count } = plan;
  const fixed = part.range !== undefined && part.range.low === part.range.high;
  const mode = fixed ? 'hold reps' : slot.drift;
  const first = { reps: plan.reps, rir: plan.rir };
  const load = plan.load === null ? null : plan.load / 100;
  const total = part.sets + plan.optional;
  for (let k = 1; k <= total; k++) {
    const at = plan.before + k - 1;
    const optional = k > part.sets;
    const drifted = driftedSet(mode, first, perSet * unit, k);
    // Fixed reps cannot give way: the round ends nearer failure.
    const own = fixed && part.minis !== undefined ? drifted.rir : rirOfSet(slot, plan, at, drifted.rir);
    const reps = fixed ? drifted.reps : Math.max(1, drifted.reps + roundHalfDown((drifted.rir - own) * unit));
    const variant = slot.rotate.length === 0 ? null : (slot.rotate[at % slot.rotate.length] ?? null);
    const id = `${plan.aside ? ASIDE : ''}${part.role}-${k}`;
    if (part.minis !== undefined) {
      const fresh = fixed ? reps + plan.leadRir - perSet * (k - 1) : reps + own;
      const lead: Lead = {
        reps,
        rir: own,
        reach: fresh,
        lighter: lighterBy(plan.curve),
        back: conventions.roundBack,
      };
      pieces(track, plan, { lead, minis: part.minis(lead), k, round: at + 1, variant, optional, id }, sets);
      continue;
    }
    const hard = !optional && part.role !== 'easy' && isHard(own, conventions);
    // Written out in full: this is made a thousand times for every key pressed.
    sets.push({
      id,
      role: part.role,
      load,
      reps,
      rir: own,
      predictedRir: predicted(plan, reps, k),
      hard,
      credit: hard ? 1 : 0,
      round: at + 1,
      piece: 1,
      rest: plan.rest,
      manner: part.manner ?? 'full',
      sections: part.sections === undefined ? NO_SECTIONS : part.sections(at === count - 1),
      variant,
      optional,
    });
  }
}

const NO_SECTIONS: readonly Section[] = [];

function predicted(plan: PartPlan, reps: number, k: number): number | null {
  if (plan.predictHold !== null) return plan.predictHold(reps, k);
  if (plan.load === null || plan.capacity === null) return null;
  const cost = plan.part.minis === undefined ? plan.leadRir - plan.rir : 0;
  return plan.capacity(plan.load) - plan.perSet * (k - 1) - reps - cost;
}

/** A round's pieces: loads made of what there is, RIR by what is left, credit by the round. */
function pieces(
  { grid, carried }: Track,
  plan: PartPlan,
  made: {
    readonly lead: Lead;
    readonly minis: readonly Mini[];
    readonly k: number;
    readonly round: number;
    readonly variant: string | null;
    readonly optional: boolean;
    readonly id: string;
  },
  sets: PlannedSet[],
): void {
  const { part, load, conventions, capacity, perSet } = plan;
  const { lead, minis, k, round, variant, optional, id } = made;
  const all = [{ reps: lead.reps, pause: plan.rest, share: 1 }, ...minis];
  const loads: (number | null)[] = [];
  for (const { share } of all) {
    const before = loads.at(-1);
    if (load === null) loads.push(null);
    else if (share === 1) loads.push(load);
    else {
      const near = nearestLoad(grid, (carried * 100 + load) * share - carried * 100);
      loads.push(before == null ? near : Math.min(before, near));
    }
  }
  const rirs = roundRirs(lead, minis);
  const known = part.stated === undefined && part.asRound === undefined;
  const foreseen =
    load === null || capacity === null || !known
      ? null
      : roundRirs({ ...lead, reach: capacity(load) - perSet * (k - 1) }, madeOf(minis, loads, carried));
  const credits = creditsOf(part, all, rirs, conventions);
  all.forEach(({ reps }, at) => {
    const counted = optional || part.role === 'easy' ? 0 : (credits[at] ?? 0);
    const own = loads[at];
    const rir = rirs[at] as number;
    sets.push({
      id: at === 0 ? id : `${id}.${at + 1}`,
      role: part.role,
      load: own == null ? null : own / 100,
      reps,
      rir: known ? rir : Math.max(0, rir),
      predictedRir: foreseen?.[at] ?? null,
      hard: counted > 0,
      credit: counted,
      round,
      piece: at + 1,
      rest: all[at + 1]?.pause ?? plan.rest,
      manner: part.manner ?? 'full',
      sections: NO_SECTIONS,
      variant,
      optional,
    });
  });
}

/** The pieces with the shares that the loads as made really are. */
function madeOf(minis: readonly Mini[], loads: readonly (number | null)[], carried: number): readonly Mini[] {
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
  const pieces = all.map(({ reps, pause }, at) => ({
    reps,
    pause: at === 0 ? 0 : pause,
    rir: part.asRound ? 0 : (rirs[at] as number),
  }));
  return roundCredits(pieces, conventions);
}
