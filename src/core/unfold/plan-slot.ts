import type { RepRange, Slot, SlotRir } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import { driftedSet, driftPerSet } from '../effort/drift';
import { rirOfHold, secondsAt } from '../effort/hold';
import type { RepMaxCurve } from '../effort/rep-max';
import { isMakeable, nearestLoad } from '../loading/grid';
import { hundredths } from '../loading/weight';
import { backOffFit } from '../progression/load-rules/back-off';
import { bestFit } from '../progression/load-rules/best-fit';
import { type Candidate, candidate, capacity, type Fit, type FitInput } from '../progression/load-rules/fit';
import type { Reason, Strength } from '../reason';
import { easyReps, fewerSets } from '../recovery/easy-week';
import { clamp, roundHalfDown } from '../rounding';
import { partsOf, setCount, type TechniqueParameters, withSetCount } from '../techniques/registry';
import type { Part } from '../techniques/technique';
import { isHard } from '../volume/credit';
import type { LadderSlot, PlannedSet } from './ladder';
import { isHeld, type Track } from './track';

/** What the week asks of a slot before its loads are found. */
export interface SlotTarget {
  readonly rir: number;
  /** RIR of the week before the slot's offset. */
  readonly weekRir: number;
  readonly whyRir: Reason;
  readonly sets: number;
  readonly whySets: Reason;
  readonly strength: Strength | null;
  /** A coach's answer that settles set 1. */
  readonly pinned: {
    readonly outcome: 'accepted' | 'changed' | 'held';
    readonly load: number;
    readonly reps: number;
  } | null;
  readonly curve: RepMaxCurve;
  readonly conventions: Conventions;
}

function shifted(range: RepRange, offset: number): RepRange {
  return { low: range.low + offset, high: range.high + offset };
}

/** A set's own effort where the slot gives it one; the last set's word goes before its number's. */
function ownRir({ setTargets }: Slot, at: number, count: number): SlotRir | null {
  const last = at === count - 1 ? setTargets.find(({ set }) => set === 'last') : undefined;
  return (last ?? setTargets.find(({ set }) => set === at + 1))?.rir ?? null;
}

function setRir(own: SlotRir | null, asked: number, weekRir: number): number {
  if (own === null) return asked;
  return own.kind === 'fixed' ? own.rir : Math.max(0, weekRir + own.offset);
}

/** A slot's sets in a building week: each part loaded by the rule, later sets by drift, single sets by their own effort. */
export function planBuilding(track: Track, target: SlotTarget): LadderSlot {
  const { slot, grid } = track;
  const { conventions, curve, strength } = target;
  const held = isHeld(track.exercise);
  const perSet = driftPerSet(slot.rest, conventions);
  const technique: TechniqueParameters = withSetCount(slot.technique, target.sets);
  const count = setCount(technique);
  const sets: PlannedSet[] = [];
  let why: Reason = { code: 'load/search', targetRir: target.rir, range: slot.range };
  let top: number | null = null;
  for (const part of partsOf(technique)) {
    const rir = Math.max(0, target.rir + part.rirOffset);
    const range = shifted(slot.range, part.repOffset);
    const before = sets.length;
    const input: FitInput | null =
      strength === null || held
        ? null
        : {
            oneRepMax: strength.oneRepMax,
            carried: track.carried,
            grid,
            range,
            targetRir: rir,
            fatigue: perSet * before,
            last: track.last.get(part.role) ?? null,
            curve,
            conventions,
          };
    const fit: Fit | undefined = input === null ? undefined : fitPart(input, part, top);
    let first: Candidate | null = fit?.chosen ?? null;
    if (fit !== undefined && strength !== null && before === 0) {
      why = loadReason(track, target, fit, rir, range);
      if (target.pinned !== null && input !== null) {
        const { outcome, load, reps } = target.pinned;
        first = candidate(input, hundredths(load), reps);
        why = { code: 'load/answered', outcome, unit: grid.unit, load, reps, proposed: why };
      }
    }
    if (held) {
      first = holdFit(track, target, rir, perSet * before);
      if (before === 0 && strength !== null && first !== null)
        why = {
          code: 'load/hold',
          unit: grid.unit,
          load: first.load,
          seconds: first.reps,
          strength,
          targetRir: rir,
          range,
        };
    }
    const load: number | null = first === null ? null : hundredths(first.load);
    if (before === 0) top = load;
    const asked = { reps: first?.reps ?? roundHalfDown((range.low + range.high) / 2), rir };
    // A rep of a hold is a share of its seconds.
    const unit = held ? Math.max(1, (asked.reps * conventions.holdShare) / 100) : 1;
    for (let k = 1; k <= part.sets; k++) {
      const drifted = driftedSet(slot.drift, asked, perSet * unit, k);
      const own = setRir(ownRir(slot, sets.length, count), drifted.rir, target.weekRir);
      const reps = Math.max(1, drifted.reps + roundHalfDown((drifted.rir - own) * unit));
      sets.push({
        id: `${part.role}-${k}`,
        role: part.role,
        load: load === null ? null : load / 100,
        reps,
        rir: own,
        predictedRir:
          load === null || strength === null
            ? null
            : input !== null
              ? capacity(input, load) - perSet * (k - 1) - reps
              : rirOfHold(strength.oneRepMax, reps, conventions) - perSet * (before + k - 1),
        hard: isHard(own, conventions),
      });
    }
  }
  return {
    slotId: slot.id,
    exerciseId: slot.exercise.id,
    exerciseRevision: slot.exercise.revision,
    variant: slot.variant,
    loading: track.exercise.loading,
    measure: track.exercise.measure,
    unit: grid.unit,
    carried: track.carried,
    rest: slot.rest,
    tempo: slot.tempo,
    note: slot.note,
    sets,
    warmUp: [],
    oneRepMax: held ? null : (strength?.oneRepMax ?? null),
    why: {
      rir: target.whyRir,
      load: why,
      sets: target.whySets,
      reps: { code: 'reps/drift', mode: slot.drift, seconds: slot.rest, perSet },
    },
  };
}

/**
 * Seconds of a hold: what leaves the target in reserve, within the range; the load, if there is any, stays as it was.
 * Null while nothing is known.
 */
function holdFit(
  track: Track,
  { strength, conventions }: SlotTarget,
  rir: number,
  fatigue: number,
): Candidate | null {
  if (strength === null) return null;
  const { range } = track.slot;
  const seconds = clamp(
    roundHalfDown(secondsAt(strength.oneRepMax, rir + fatigue, conventions)),
    range.low,
    range.high,
  );
  const load = nearestLoad(track.grid, hundredths(strength.source.load)) / 100;
  return { load, reps: seconds, predictedRir: rirOfHold(strength.oneRepMax, seconds, conventions) - fatigue };
}

function fitPart(input: FitInput, part: Part, top: number | null): Fit | undefined {
  return part.drop === undefined || top === null ? bestFit(input) : backOffFit(input, top, part.drop);
}

function loadReason(track: Track, target: SlotTarget, fit: Fit, rir: number, range: RepRange): Reason {
  if (target.strength === null) return { code: 'load/search', targetRir: rir, range };
  const first = partsOf(track.slot.technique)[0];
  const last = first === undefined ? undefined : track.last.get(first.role);
  return {
    code: 'load/best-fit',
    unit: track.grid.unit,
    last: last === undefined ? null : { load: last.load / 100, reps: last.reps },
    strength: target.strength,
    targetRir: rir,
    range,
    fit,
  };
}

/** How an easy week lightens a slot. */
export interface Easing {
  readonly week: 'deload' | 'recover';
  readonly setFactor: number;
  readonly loadFactor: number;
}

/** A slot lightened for a deload or recover week: fewer sets, and reps cut until the easy RIR is left. */
export function easeSlot(track: Track, planned: LadderSlot, easing: Easing, target: SlotTarget): LadderSlot {
  const { conventions, curve, strength } = target;
  const count = fewerSets(planned.sets.length, easing.setFactor);
  const sets = planned.sets.slice(0, count).map((set, at): PlannedSet => {
    const rir = Math.max(conventions.easyRir, set.rir);
    if (set.load === null || strength === null) {
      return {
        ...set,
        rir,
        reps: Math.max(1, set.reps - Math.ceil(rir - set.rir)),
        predictedRir: null,
        hard: isHard(rir, conventions),
      };
    }
    const load = easedLoad(track, hundredths(set.load), easing.loadFactor);
    if (isHeld(track.exercise)) {
      const seconds = Math.max(1, Math.floor(secondsAt(strength.oneRepMax, rir, conventions)));
      const reps = Math.min(set.reps, seconds);
      const predictedRir = rirOfHold(strength.oneRepMax, reps, conventions);
      return { ...set, load: load / 100, reps, rir, predictedRir, hard: isHard(rir, conventions) };
    }
    const reach = capacity(
      {
        oneRepMax: strength.oneRepMax,
        carried: track.carried,
        curve,
        fatigue: driftPerSet(planned.rest, conventions) * at,
      },
      load,
    );
    const reps = easyReps(reach, set.reps, conventions);
    return {
      ...set,
      load: load / 100,
      reps,
      rir,
      predictedRir: reach - reps,
      hard: isHard(rir, conventions),
    };
  });
  const [first] = planned.sets;
  const [eased] = sets;
  const whyLoad: Reason =
    first === undefined ||
    eased === undefined ||
    first.load === null ||
    eased.load === null ||
    eased.predictedRir === null
      ? planned.why.load
      : {
          code: 'load/easy',
          week: easing.week,
          unit: planned.unit,
          from: { load: first.load, reps: first.reps },
          load: eased.load,
          reps: eased.reps,
          predictedRir: eased.predictedRir,
        };
  return {
    ...planned,
    sets,
    why: {
      rir: { code: 'rir/easy', week: easing.week, value: conventions.easyRir },
      load: whyLoad,
      sets: {
        code: 'sets/easy',
        week: easing.week,
        from: planned.sets.length,
        factor: easing.setFactor,
        sets: count,
      },
      reps: planned.why.reps,
    },
  };
}

/** The load as moved times the factor, made of what the equipment allows and never heavier than before. */
function easedLoad(track: Track, load: number, factor: number): number {
  if (factor === 1) return isMakeable(track.grid, load) ? load : nearestLoad(track.grid, load);
  const moved = track.carried * 100 + load;
  return Math.min(load, nearestLoad(track.grid, moved * factor - track.carried * 100));
}
