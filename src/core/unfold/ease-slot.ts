import { driftPerSet } from '../effort/drift';
import { rirOfHold, secondsAt } from '../effort/hold';
import { isMakeable, nearestLoad } from '../loading/grid';
import { hundredths } from '../loading/weight';
import { capacity } from '../progression/load-rules/fit';
import type { Reason } from '../reason';
import type { Lightening } from '../recovery/deload/lightening';
import { easyReps, fewerSets } from '../recovery/easy-week';
import { roundHalfUp } from '../rounding';
import { lighterBy, Stamina } from '../techniques/stamina';
import { isHard } from '../volume/credit';
import type { LadderSlot, PlannedSet } from './ladder';
import type { SlotTarget } from './plan-slot';
import { isHeld, type Track } from './track';

/** How an easy week lightens a slot. */
export interface Easing extends Pick<Lightening, 'sets' | 'load' | 'ofMax' | 'reps' | 'rir'> {
  readonly week: 'deload' | 'recover';
  /** Whether the slot is done at all. */
  readonly kept: boolean;
}

/** A slot lightened for a deload or recover week: rounds left out, loads and reps lowered, and reps cut to a reserve. */
export function easeSlot(track: Track, planned: LadderSlot, easing: Easing, target: SlotTarget): LadderSlot {
  const before = planned.sets.filter(({ optional }) => !optional);
  const rounds = new Set(before.map(({ round }) => round)).size;
  const count = easing.kept ? fewerSets(rounds, easing.sets) : 0;
  const sets = before.filter(({ round }) => round <= count);
  const eased = easeRounds(track, planned, sets, easing, target);
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
  { unit, why }: LadderSlot,
  first: PlannedSet | undefined,
  eased: PlannedSet | undefined,
  { week }: Easing,
): Reason {
  if (first === undefined || eased === undefined) return why.load;
  if (first.load === null || eased.load === null || eased.predictedRir === null) return why.load;
  const { load, reps, predictedRir } = eased;
  const from = { load: first.load, reps: first.reps };
  return { code: 'load/easy', week, unit, from, load, reps, predictedRir };
}

function easeRounds(
  track: Track,
  planned: LadderSlot,
  sets: readonly PlannedSet[],
  easing: Easing,
  { conventions, curve, strength }: SlotTarget,
): readonly PlannedSet[] {
  const held = isHeld(track.exercise);
  const perSet = driftPerSet(planned.rest + track.between, conventions);
  const lighter = lighterBy(curve);
  let round = new Stamina(0, lighter, conventions.roundBack);
  let before = 0;
  return sets.map((set, at): PlannedSet => {
    // What was past failure, or a section after the full reps, has no place in an easy week.
    const plain = { ...set, sections: [] };
    const wished = Math.max(1, roundHalfUp(set.reps * easing.reps));
    if (set.load === null || strength === null) {
      const rir = Math.max(easing.rir, set.rir);
      const reps = Math.max(1, wished - Math.max(0, Math.ceil(rir - set.rir)));
      return counted(plain, { reps, rir, predictedRir: null }, conventions);
    }
    const load = easedLoad(track, hundredths(set.load), easing, strength.oneRepMax);
    if (held) {
      const seconds = Math.max(1, Math.floor(secondsAt(strength.oneRepMax, easing.rir, conventions)));
      const reps = Math.min(wished, seconds);
      const predictedRir = rirOfHold(strength.oneRepMax, reps, conventions);
      const rir = Math.max(easing.rir, set.rir);
      return counted({ ...plain, load: load / 100 }, { reps, rir, predictedRir }, conventions);
    }
    const reach = capacity(
      {
        oneRepMax: strength.oneRepMax,
        carried: track.carried,
        curve,
        fatigue: perSet * (set.round - 1),
      },
      load,
    );
    const moved = track.carried * 100 + load;
    if (set.piece === 1) round = new Stamina(reach, lighter, conventions.roundBack);
    else {
      round.rest(sets[at - 1]?.rest ?? 0);
      round.drop(moved / before);
    }
    before = moved;
    const left = round.left();
    const reps = easing.rir > 0 ? easyReps(left, wished, easing.rir) : wished;
    round.do(reps);
    const predictedRir = left - reps;
    const rir = Math.max(easing.rir, set.rir, easing.rir > 0 ? 0 : Math.floor(predictedRir));
    return counted({ ...plain, load: load / 100 }, { reps, rir, predictedRir }, conventions);
  });
}

function counted(
  set: PlannedSet,
  figures: Pick<PlannedSet, 'reps' | 'rir' | 'predictedRir'>,
  conventions: SlotTarget['conventions'],
): PlannedSet {
  const hard = isHard(figures.rir, conventions) && set.credit > 0;
  return { ...set, ...figures, hard, credit: hard ? set.credit : 0 };
}

/** The load as moved times the factor, made of what the equipment allows and never heavier than before. */
function easedLoad(track: Track, load: number, easing: Easing, oneRepMax: number): number {
  const moved = track.carried * 100 + load;
  const wished = Math.min(moved * easing.load, easing.ofMax < 1 ? oneRepMax * 100 * easing.ofMax : moved);
  if (wished >= moved) return isMakeable(track.grid, load) ? load : nearestLoad(track.grid, load);
  return Math.min(load, nearestLoad(track.grid, wished - track.carried * 100));
}
