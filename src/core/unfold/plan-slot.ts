import type { RepRange, WeekOverride } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import { driftPerSet } from '../effort/drift';
import { rirOfHold, secondsAt } from '../effort/hold';
import type { RepMaxCurve } from '../effort/rep-max';
import { nearestLoad } from '../loading/grid';
import { hundredths, valueIn } from '../loading/weight';
import { backOffFit } from '../progression/load-rules/back-off';
import { doubleProgression } from '../progression/load-rules/double-progression';
import { earnedLoad } from '../progression/load-rules/earned';
import { type Candidate, candidate, capacity, type Fit } from '../progression/load-rules/fit';
import { RULES } from '../progression/load-rules/registry';
import type { RuleInput } from '../progression/load-rules/rule';
import type { Reason, Strength } from '../reason';
import { clamp, roundHalfDown } from '../rounding';
import type { Gate } from '../techniques/gates';
import {
  keepsReps,
  measuresStrength,
  partsOf,
  progressOf,
  setCount,
  type TechniqueParameters,
  tempoOf,
  withSetCount,
} from '../techniques/registry';
import type { Part } from '../techniques/technique';
import { expandPart, type PartPlan } from './expand-sets';
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
  /** As it is done this week: with its own progress, behind its gate. */
  readonly technique: TechniqueParameters;
  readonly gate: Gate | null;
  readonly override: WeekOverride | null;
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
  return offset === 0 ? range : { low: range.low + offset, high: range.high + offset };
}

const byReps = doubleProgression('first set');

/** The first set of a part by the slot's load rule, or by what the technique says makes its load rise. */
function fitPart(
  track: Track,
  technique: TechniqueParameters,
  input: RuleInput,
  part: Part,
  top: number | null,
) {
  if (part.ofMax !== undefined) return shareOfMax(input, part.ofMax);
  if (part.drop !== undefined && top !== null) return backOffFit(input, top, part.drop);
  switch (progressOf(technique)) {
    case 'reps':
      return byReps(input);
    case 'earned':
      return earnedLoad(input, track.earned, keepsReps(technique));
    case 'load rule':
    case 'none':
      return RULES[track.slot.loadRule](input);
  }
}

/** A load as a share of the one-rep max, at the middle of the range. */
function shareOfMax(input: RuleInput, share: number): Fit {
  const load = nearestLoad(input.grid, (input.oneRepMax * share - input.carried) * 100);
  const reps = roundHalfDown((input.range.low + input.range.high) / 2);
  return { chosen: candidate(input, load, reps), others: [], decider: 'share of the max' };
}

/** A slot's sets in a building week: each part loaded by its rule, then laid out set by set. */
export function planBuilding(track: Track, target: SlotTarget): LadderSlot {
  const { slot, grid } = track;
  const { conventions, curve, strength, override } = target;
  const held = isHeld(track.exercise);
  const technique = withSetCount(target.technique, target.sets);
  const count = setCount(technique);
  const parts = partsOf(technique);
  const rest = parts[0]?.rest?.(slot.rest) ?? slot.rest;
  // In a group the others' sets are rest too.
  const seconds = rest + track.between;
  const perSet = driftPerSet(seconds, conventions);
  const sets: PlannedSet[] = [];
  let why: Reason = { code: 'load/search', targetRir: target.rir, range: slot.range };
  let top: number | null = null;
  let before = 0;
  parts.forEach((part, index) => {
    const week = part.rir ?? Math.max(0, target.rir + part.rirOffset);
    const rir = Math.max(part.leastRir ?? 0, override?.rir ?? week);
    const leadRir = part.leadRir?.(rir, conventions.roundBack) ?? rir;
    const range = part.range ?? shifted(slot.range, part.repOffset);
    const input: RuleInput | null =
      strength === null || held
        ? null
        : {
            oneRepMax: strength.oneRepMax,
            carried: track.carried,
            grid,
            range,
            targetRir: leadRir,
            fatigue: perSet * before,
            last: track.last.get(part.role) ?? null,
            step: slot.loadStep,
            curve,
            conventions,
          };
    const fit = input === null ? undefined : fitPart(track, technique, input, part, top);
    let first: Candidate | null = fit?.chosen ?? null;
    if (fit !== undefined && input !== null && strength !== null && index === 0) {
      why = {
        code: 'load/best-fit',
        rule: ruleName(track, technique, part),
        unit: grid.unit,
        last: input.last === null ? null : { load: input.last.load / 100, reps: input.last.reps },
        strength,
        targetRir: leadRir,
        range,
        fit,
      };
      if (target.pinned !== null) {
        const { outcome, load, reps } = target.pinned;
        first = candidate(input, hundredths(load), reps);
        why = { code: 'load/answered', outcome, unit: grid.unit, load, reps, proposed: why };
      }
    }
    if (held) {
      first = holdFit(track, target, rir, perSet * before);
      if (index === 0 && strength !== null && first !== null)
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
    let load: number | null = first === null ? null : hundredths(first.load);
    let reps = first?.reps ?? roundHalfDown((range.low + range.high) / 2);
    if (override !== null && index === 0 && (override.load !== null || override.reps !== null)) {
      if (override.load !== null) load = nearestLoad(grid, hundredths(valueIn(grid.unit, override.load)));
      if (override.reps !== null) reps = override.reps;
      why = {
        code: 'load/override',
        unit: grid.unit,
        load: load === null ? null : load / 100,
        reps,
        proposed: why,
      };
    }
    if (index === 0) top = load;
    const plan: PartPlan = {
      part,
      load,
      reps,
      rir,
      leadRir,
      weekRir: target.weekRir,
      before,
      count,
      optional: index === parts.length - 1 ? slot.optionalSets : 0,
      perSet,
      unit: held ? Math.max(1, (reps * conventions.holdShare) / 100) : 1,
      rest,
      capacity: input === null ? null : (at) => capacity(input, at),
      predictHold:
        held && strength !== null
          ? (asked, k) => rirOfHold(strength.oneRepMax, asked, conventions) - perSet * (before + k - 1)
          : null,
      aside: slot.motion !== 'full' || (part.manner ?? 'full') !== 'full' || !measuresStrength(technique),
      curve,
      conventions,
    };
    expandPart(track, plan, sets);
    before += part.sets;
  });
  return {
    slotId: slot.id,
    exerciseId: slot.exercise.id,
    exerciseRevision: slot.exercise.revision,
    variant: slot.variant,
    loading: track.exercise.loading,
    measure: track.exercise.measure,
    unit: grid.unit,
    carried: track.carried,
    rest,
    tempo: tempoOf(technique, slot.tempo),
    technique,
    gate: target.gate,
    joined: slot.joined,
    motion: slot.motion,
    stretch: slot.stretch,
    substitutes: slot.substitutes,
    override,
    note: slot.note,
    sets,
    warmUp: [],
    oneRepMax: held ? null : (strength?.oneRepMax ?? null),
    why: {
      rir:
        override?.rir == null
          ? target.whyRir
          : { code: 'rir/override', value: override.rir, proposed: target.rir },
      load: why,
      sets: target.whySets,
      reps: { code: 'reps/drift', mode: slot.drift, seconds, perSet },
    },
  };
}

function ruleName(track: Track, technique: TechniqueParameters, part: Part): RuleName {
  if (part.ofMax !== undefined) return 'share of the max';
  const progress = progressOf(technique);
  if (progress === 'earned' || progress === 'reps') return progress;
  return track.slot.loadRule;
}

/** The rule a load goes by: the slot's, or the technique's own. */
export type RuleName = Track['slot']['loadRule'] | 'earned' | 'reps' | 'share of the max';

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
