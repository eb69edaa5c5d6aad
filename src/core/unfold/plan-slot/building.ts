import type { RepRange } from '../../block/rep-range';
import { driftPerSet } from '../../effort/drift';
import { rirOfHold } from '../../effort/hold';
import type { Reason } from '../../plan/reason';
import type { SetPlan } from '../../plan/set';
import type { SlotPlan } from '../../plan/slot';
import { capacity } from '../../progression/load-rules/load-choice';
import {
  measuresStrength,
  partsOf,
  setCount,
  type TechniqueParameters,
  tempoOf,
  withSetCount,
} from '../../techniques/registry';
import type { Part } from '../../techniques/technique';
import type { Hundredths } from '../../units';
import { isHeld, type SlotFacts } from '../slot-facts';
import type { SlotHistory } from '../slot-history';
import { type FirstSet, firstSet, type PartAsked } from './first-set';
import { layOut, type PartPlan } from './lay-out';
import type { SlotTarget } from './target';

/** A slot's sets in a building week: each part loaded by its rule, then laid out set by set. */
export function planBuilding(facts: SlotFacts, history: SlotHistory, target: SlotTarget): SlotPlan {
  const { slot } = facts;
  const technique = withSetCount(target.technique, target.sets);
  const parts = partsOf(technique);
  const rest = parts[0]?.rest?.(slot.rest) ?? slot.rest;
  // In a group the others' sets are rest too.
  const seconds = rest + facts.between;
  const perSet = driftPerSet(seconds, target.conventions);
  const count = setCount(technique);
  const sets: SetPlan[] = [];
  let why: Reason = { code: 'load/search', targetRir: target.rir, range: slot.range };
  let top: Hundredths | null = null;
  let before = 0;
  parts.forEach((part, index) => {
    const isFirst = index === 0;
    const { rir, leadRir } = effortOf(part, target);
    const range = part.range ?? shifted(slot.range, part.repOffset);
    const asked = { part, range, rir, leadRir, fatigue: perSet * before, top, isFirst };
    const first = firstSet(facts, history, target, technique, asked);
    if (isFirst) ({ load: top, why } = first);
    const optional = index === parts.length - 1 ? slot.optionalSets : 0;
    const setting = { asked, technique, before, count, optional, perSet, rest };
    sets.push(...layOut(facts, partPlan(facts, target, first, setting)));
    before += part.sets;
  });
  return record(facts, target, technique, { sets, why, rest, seconds, perSet });
}

function shifted(range: RepRange, offset: number): RepRange {
  return offset === 0 ? range : { low: range.low + offset, high: range.high + offset };
}

/** RIR that a part ends at, and RIR left after its first reps. */
function effortOf(part: Part, { rir: asked, override, conventions }: SlotTarget) {
  const week = part.rir ?? Math.max(0, asked + part.rirOffset);
  const rir = Math.max(part.leastRir ?? 0, override?.rir ?? week);
  return { rir, leadRir: part.leadRir?.(rir, conventions.roundBack) ?? rir };
}

interface PartSetting extends Pick<PartPlan, 'before' | 'count' | 'optional' | 'perSet' | 'rest'> {
  readonly asked: PartAsked;
  readonly technique: TechniqueParameters;
}

// Written out in full: this is made for every part of every slot and week, a thousand times for every key pressed.
function partPlan(
  { slot, exercise }: SlotFacts,
  { weekRir, strength, curve, conventions }: SlotTarget,
  { load, reps, input }: FirstSet,
  { asked, technique, before, count, optional, perSet, rest }: PartSetting,
): PartPlan {
  const held = isHeld(exercise);
  const { part, rir, leadRir } = asked;
  return {
    part,
    load,
    reps,
    rir,
    leadRir,
    weekRir,
    before,
    count,
    optional,
    perSet,
    unit: held ? Math.max(1, (reps * conventions.holdShare) / 100) : 1,
    rest,
    capacity: input === null ? null : (at) => capacity(input, at),
    predictHold:
      held && strength !== null
        ? (seconds, k) => rirOfHold(strength.oneRepMax, seconds, conventions) - perSet * (before + k - 1)
        : null,
    measuresStrength:
      slot.motion === 'full' && (part.manner ?? 'full') === 'full' && measuresStrength(technique),
    curve,
    conventions,
  };
}

/** The slot as it is shown and handed out, with its reasons. */
function record(
  { slot, exercise, grid, carried }: SlotFacts,
  { strength, gate, override, rir, whyRir, whySets }: SlotTarget,
  technique: TechniqueParameters,
  made: {
    readonly sets: readonly SetPlan[];
    readonly why: Reason;
    readonly rest: number;
    readonly seconds: number;
    readonly perSet: number;
  },
): SlotPlan {
  const { seconds, perSet } = made;
  return {
    slotId: slot.id,
    exerciseId: slot.exercise.id,
    exerciseRevision: slot.exercise.revision,
    variant: slot.variant,
    loading: exercise.loading,
    measure: exercise.measure,
    unit: grid.unit,
    carried,
    rest: made.rest,
    tempo: tempoOf(technique, slot.tempo),
    technique,
    gate,
    joined: slot.joined,
    motion: slot.motion,
    stretch: slot.stretch,
    substitutes: slot.substitutes,
    override,
    note: slot.note,
    sets: made.sets,
    warmUp: [],
    oneRepMax: isHeld(exercise) ? null : (strength?.oneRepMax ?? null),
    why: {
      rir: override?.rir == null ? whyRir : { code: 'rir/override', value: override.rir, proposed: rir },
      load: made.why,
      sets: whySets,
      reps: { code: 'reps/drift', mode: slot.drift, seconds, perSet },
    },
  };
}
