import { driftPerSet, smallReps } from '../../effort/drift';
import { rirAfterHold, secondsForRir } from '../../effort/hold';
import { isMakeable, nearestLoad } from '../../loading/grid';
import type { Reason } from '../../plan/reason';
import type { SetPlan } from '../../plan/set';
import type { SlotPlan } from '../../plan/slot';
import { capacity } from '../../progression/load-rules/load-choice';
import type { Lightening } from '../../recovery/deload/lightening';
import { easyReps, fewerSets } from '../../recovery/easy-week';
import { isAtLeast, roundHalfUp } from '../../rounding';
import { setLimits } from '../../techniques/registry';
import { lighterBy, Stamina } from '../../techniques/stamina';
import { asHundredths, decimal, type Hundredths, hundredths, lighter } from '../../units';
import { isHard } from '../../volume/credit';
import { isHeld, type SlotFacts } from '../slot-facts';
import type { SlotTarget } from './target';

/** How an easy week reduces a slot. */
export interface Easing extends Pick<Lightening, 'sets' | 'load' | 'ofMax' | 'reps' | 'rir' | 'leastReps'> {
  readonly week: 'deload' | 'recover';
  /** Whether the slot is done at all. */
  readonly kept: boolean;
  /** Earlier slots of its muscle whose sets are rounded together with its own; absent: rounded separately. */
  readonly before?: number;
}

/**
 * A slot made easier for a deload or recovery week: rounds dropped, loads and reps reduced, and reps cut to a RIR.
 */
export function easeSlot(facts: SlotFacts, planned: SlotPlan, easing: Easing, target: SlotTarget): SlotPlan {
  const before = planned.sets.filter(({ optional }) => !optional);
  // A technique that is a single round drops parts of it.
  const isOne = setLimits(planned.technique).most === 1;
  const rounds = isOne ? before.length : new Set(before.map(({ round }) => round)).size;
  const count = easing.kept ? fewerSets(rounds, easing.sets, isOne ? undefined : easing.before) : 0;
  const sets = before.filter(({ round }, at) => (isOne ? at < count : round <= count));
  const eased = easeRounds(facts, planned, sets, easing, target);
  return {
    ...planned,
    sets: eased,
    why: {
      rir: easing.rir > 0 ? { code: 'rir/easy', week: easing.week, value: easing.rir } : planned.why.rir,
      load: whyLoad(planned, before[0], eased[0], easing),
      sets: {
        code: 'sets/easy',
        week: easing.week,
        from: rounds,
        factor: easing.kept ? easing.sets : 0,
        sets: count,
      },
      reps: planned.why.reps,
    },
  };
}

function whyLoad(
  { unit, why }: SlotPlan,
  first: SetPlan | undefined,
  eased: SetPlan | undefined,
  { week }: Easing,
): Reason {
  if (first === undefined || eased === undefined) return why.load;
  if (first.load === null || eased.load === null || eased.predictedRir === null) return why.load;
  const { load, reps, predictedRir } = eased;
  const from = { load: first.load, reps: first.reps };
  return { code: 'load/easy', week, unit, from, load, reps, predictedRir };
}

function easeRounds(
  facts: SlotFacts,
  planned: SlotPlan,
  sets: readonly SetPlan[],
  easing: Easing,
  { conventions, curve, strength }: SlotTarget,
): readonly SetPlan[] {
  const held = isHeld(facts.exercise);
  const perSet = driftPerSet(
    planned.rest + facts.between,
    conventions,
    smallReps(facts.exercise, planned.sets[0]?.reps ?? 0),
  );
  const lighter = lighterBy(curve);
  // All sets get the load at which the last of them keeps its least reps.
  const fatigue = perSet * ((sets.at(-1)?.round ?? 1) - 1);
  let round = new Stamina(0, lighter, conventions.roundBack);
  let before = 0;
  return sets.map((set, at): SetPlan => {
    // Sections past failure or after the full reps are dropped in an easy week.
    const plain = { ...set, sections: [] };
    const wished = Math.max(1, roundHalfUp(set.reps * easing.reps));
    if (set.load === null || strength === null) {
      const rir = Math.max(easing.rir, set.rir);
      const reps = Math.max(1, wished - Math.max(0, Math.ceil(rir - set.rir)));
      return credited(plain, { reps, rir, predictedRir: null }, conventions);
    }
    const asked = easedLoad(facts, hundredths(set.load), easing, strength.oneRepMax);
    const load =
      easing.leastReps > 0 && !held
        ? loadForReps(facts, asked, roundHalfUp(set.reps * easing.leastReps) + easing.rir + fatigue, {
            oneRepMax: strength.oneRepMax,
            curve,
          })
        : asked;
    // Nothing can be predicted for it: the load is reduced, and parts of the round are dropped.
    if (set.predictedRir === null && !held) {
      const rir = Math.max(easing.rir, set.rir);
      return credited(
        { ...plain, load: decimal(load) },
        { reps: wished, rir, predictedRir: null },
        conventions,
      );
    }
    if (held) {
      const seconds = Math.max(1, Math.floor(secondsForRir(strength.oneRepMax, easing.rir, conventions)));
      const reps = Math.min(wished, seconds);
      const predictedRir = rirAfterHold(strength.oneRepMax, reps, conventions);
      const rir = Math.max(easing.rir, set.rir);
      return credited({ ...plain, load: decimal(load) }, { reps, rir, predictedRir }, conventions);
    }
    const reach = capacity(
      {
        oneRepMax: strength.oneRepMax,
        carried: facts.carried,
        curve,
        fatigue: perSet * (set.round - 1),
      },
      load,
    );
    const moved = facts.carried * 100 + load;
    if (set.piece === 1) round = new Stamina(reach, lighter, conventions.roundBack);
    else {
      round.rest((sets[at - 1]?.rest ?? 0) + (facts.away ?? 0));
      round.drop(moved / before);
    }
    before = moved;
    const left = round.left();
    const reps = easing.rir > 0 ? easyReps(left, wished, easing.rir) : wished;
    round.do(reps);
    const predictedRir = left - reps;
    const rir = Math.max(easing.rir, set.rir, easing.rir > 0 ? 0 : Math.floor(predictedRir));
    return credited({ ...plain, load: decimal(load) }, { reps, rir, predictedRir }, conventions);
  });
}

function credited(
  set: SetPlan,
  figures: Pick<SetPlan, 'reps' | 'rir' | 'predictedRir'>,
  conventions: SlotTarget['conventions'],
): SetPlan {
  const hard = isHard(figures.predictedRir ?? figures.rir, conventions) && set.credit > 0;
  return { ...set, ...figures, hard, credit: hard ? set.credit : 0 };
}

/** The heaviest load up to this one that can be done so many times; the lightest if none can. */
function loadForReps(
  { grid, carried }: SlotFacts,
  most: Hundredths,
  reps: number,
  { oneRepMax, curve }: { readonly oneRepMax: number; readonly curve: SlotTarget['curve'] },
): Hundredths {
  const possible = (load: Hundredths) =>
    isAtLeast(capacity({ oneRepMax, carried, curve, fatigue: 0 }, load), reps);
  if (possible(most)) return most;
  const moves = grid.steps.filter((step) => carried * 100 + step > 0 && step <= most);
  return moves.findLast(possible) ?? moves[0] ?? most;
}

/** The load as moved times the factor, made with the equipment and never heavier than before. */
function easedLoad(facts: SlotFacts, load: Hundredths, easing: Easing, oneRepMax: number): Hundredths {
  const moved = facts.carried * 100 + load;
  const wished = Math.min(moved * easing.load, easing.ofMax < 1 ? oneRepMax * 100 * easing.ofMax : moved);
  if (wished >= moved) return isMakeable(facts.grid, load) ? load : nearestLoad(facts.grid, load);
  return lighter(load, nearestLoad(facts.grid, asHundredths(wished - facts.carried * 100)));
}
