import type { Conventions } from '../../conventions/conventions';
import { nearestLoad } from '../../loading/grid';
import type { SetPlan } from '../../plan/set';
import {
  climb,
  fixedMinis,
  type Lighter,
  lighterBy,
  roundCredits,
  roundRirs,
} from '../../techniques/stamina';
import type { Lead, Mini, Part, Rise } from '../../techniques/technique';
import { asHundredths, decimal, type Hundredths, lighter } from '../../units';
import type { SlotFacts } from '../slot-facts';
import { NO_SECTIONS, NO_WORDS, type PartPlan, type SetPlace } from './part-plan';

/** A round with its own load, a share of the first round's as the equipment makes it. */
export function risingRound(
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
export function pieces(
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
