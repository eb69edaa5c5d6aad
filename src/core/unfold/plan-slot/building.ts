import type { RepRange } from '../../block/rep-range';
import {
  averageFirstRir,
  driftPerSet,
  firstHoldRange,
  firstSetRange,
  type Held,
  smallReps,
} from '../../effort/drift';
import { holdAfterFatigue, rirAfterHold } from '../../effort/hold';
import type { Reason } from '../../plan/reason';
import type { SetPlan } from '../../plan/set';
import type { SlotPlan } from '../../plan/slot';
import { capacity } from '../../progression/load-rules/load-choice';
import { RULES } from '../../progression/load-rules/registry';
import { isAtLeast, roundToHalf } from '../../rounding';
import {
  banksReps,
  measuresStrength,
  setCount,
  type TechniqueParameters,
  techniqueParts,
  tempoOf,
  withSetCount,
} from '../../techniques/registry';
import { leadRirOfRises, lighterBy } from '../../techniques/stamina';
import { easierHalf, type Part } from '../../techniques/technique';
import { secondsPerRep } from '../../timing/tempo';
import type { Hundredths } from '../../units';
import { isHeld, type SlotFacts } from '../slot-facts';
import type { SlotHistory } from '../slot-history';
import { rebankedSets } from './bank';
import { type FirstSet, firstSet, type PartAsked } from './first-set';
import { layOut, ownRir, rirOfSet } from './lay-out';
import type { PartPlan } from './part-plan';
import type { SlotTarget } from './target';

/** A slot's sets in a building week: each part loaded by its rule, then laid out set by set. */
export function planBuilding(facts: SlotFacts, history: SlotHistory, target: SlotTarget): SlotPlan {
  const { slot } = facts;
  const technique = withSetCount(target.technique, target.sets);
  const parts = farFromFailure(techniqueParts(technique), target);
  const rest = parts[0]?.rest?.(slot.rest) ?? slot.rest;
  // In a group the other exercises' sets are rest too, and for one side the other side's.
  const seconds = rest + facts.between + otherSide(facts, technique, target);
  const driftOf = ({ minis, asRound }: Part, reps: number) =>
    driftPerSet(
      seconds,
      target.conventions,
      minis === undefined && asRound !== true ? smallReps(facts.exercise, reps) : 0,
    );
  const count = setCount(technique);
  const sets: SetPlan[] = [];
  let why: Reason = { code: 'load/search', targetRir: target.rir, range: slot.range };
  let top: Hundredths | null = null;
  let before = 0;
  let fatigue = 0;
  let ofSlot: number | undefined;
  let low = slot.range.low;
  let isTopGiven = false;
  parts.forEach((part, index) => {
    const isFirst = index === 0;
    const written = part.range ?? shifted(facts, part.repOffset);
    const mode = heldOf(facts, part, written);
    // Before set 1 is known, the drop-off is that of the top of the range.
    const most = driftOf(part, written.high);
    const { rir, leadRir } = effortOf(part, target, mode, most, facts);
    const own =
      slot.setTargets.length === 0
        ? null
        : ownRir(
            slot,
            { at: before, count, role: part.role },
            { weekRir: target.weekRir, leastRir: part.leastRir ?? 0 },
          );
    const efforts: number[] = [];
    const at = { part, count, weekRir: target.weekRir };
    for (let k = 0; k < part.sets; k++) efforts.push(rirOfSet(slot, at, before + k, rir));
    const range = boundRange(facts, target, efforts, written, mode, most);
    const asked = {
      part,
      range,
      written,
      rir,
      leadRir: own === null || part.minis !== undefined ? leadRir : own + leadRir - rir,
      fatigue,
      top,
      isFirst,
    };
    const first = firstSet(facts, history, target, technique, asked);
    if (isFirst) {
      ({ load: top, why } = first);
      ({ low } = range);
    }
    const perSet = mode === 'hold reps' ? most : driftOf(part, Math.min(first.reps, written.high));
    ofSlot ??= perSet;
    const optional = index === parts.length - 1 ? slot.optionalSets : 0;
    const setting = { asked, technique, before, count, optional, perSet, rest, mode, leadRir };
    const laid = layOut(facts, partPlan(facts, target, first, setting));
    const asks = isAskedByPrediction(first.isGiven || isTopGiven, part)
      ? asPredicted(laid, target.leastRir)
      : laid;
    if (isFirst) isTopGiven = first.isGiven;
    const isBanked =
      isFirst &&
      banksReps(technique) &&
      first.load !== null &&
      first.load === history.last.get(part.role)?.load;
    sets.push(...(isBanked ? rebankedSets(asks, history.reps, target.conventions) : asks));
    before += part.sets;
    fatigue += perSet * part.sets;
  });
  const perSet = ofSlot ?? 0;
  return record(facts, constantOf(facts, target), technique, { sets, why, rest, seconds, perSet, low });
}

/** Whether sets ask for the RIR they predict: their load was not found from the week's. Easy sets stay as they are. */
function isAskedByPrediction(isGiven: boolean, { role, asRound, stated }: Part): boolean {
  return isGiven && role !== 'easy' && asRound !== true && stated === undefined;
}

/** Sets that ask for the RIR they predict, to the nearest half; the week's own is kept beside it. */
function asPredicted(sets: readonly SetPlan[], least: number): readonly SetPlan[] {
  return sets.map((set) =>
    set.predictedRir === null
      ? set
      : { ...set, rir: Math.max(least, roundToHalf(set.predictedRir)), weekRir: set.rir },
  );
}

/** Least RIR where failure is not safe. */
const SHORT_OF_FAILURE = 1;

function farFromFailure(parts: readonly Part[], { mayFail, leastRir }: SlotTarget): readonly Part[] {
  const least = Math.max(leastRir, mayFail ? 0 : SHORT_OF_FAILURE);
  if (least === 0) return parts;
  return parts.map((part) => ({ ...part, leastRir: Math.max(least, part.leastRir ?? 0) }));
}

/** The target with what held it back from failure, if the week or one of its sets asked for that. */
function constantOf({ slot }: SlotFacts, target: SlotTarget): SlotTarget {
  const { mayFail, rir, override, weekRir, gate } = target;
  if (mayFail) return target;
  const asked = override?.rir ?? rir;
  const own = slot.setTargets.flatMap(({ rir: one }) =>
    one === null ? [] : [one.kind === 'fixed' ? one.rir : Math.max(0, weekRir + one.offset)],
  );
  if (isAtLeast(Math.min(asked, ...own), SHORT_OF_FAILURE)) return target;
  const value = Math.max(SHORT_OF_FAILURE, asked);
  const whyRir: Reason =
    value === asked ? target.whyRir : { code: 'rir/held back', value, proposed: target.whyRir };
  return { ...target, gate: gate ?? 'unsafe alone', whyRir };
}

/** The slot's range with more reps; in a range that a cut raised, no more than its cap. */
function shifted({ slot: { range }, movedFrom, conventions }: SlotFacts, offset: number): RepRange {
  if (offset === 0) return range;
  const high = range.high + offset;
  const most = movedFrom === undefined ? high : Math.max(range.high, Math.min(high, conventions.cutRepsTop));
  return { low: Math.min(most, range.low + offset), high: most };
}

/** Seconds for which one side rests while the other works: as many reps as the top of the range. */
function otherSide(
  { slot, exercise }: SlotFacts,
  technique: TechniqueParameters,
  { conventions }: SlotTarget,
): number {
  if (exercise.sides === 1) return 0;
  const tempo = tempoOf(technique, slot.tempo);
  return slot.range.high * secondsPerRep({ measure: exercise.measure, tempo }, conventions);
}

/**
 * What stays constant over a part's sets: reps that are given, or that rise together, are the same in all of them.
 */
function heldOf({ slot }: SlotFacts, { range, minis }: Part, written: RepRange): Held {
  if (written.low === written.high && range?.low === range?.high) return 'hold reps';
  return minis === undefined && RULES[slot.loadRule].holdsReps === true ? 'hold reps' : heldBy(slot.drift);
}

const heldBy = (drift: SlotFacts['slot']['drift']): Held => (drift === 'hold RIR' ? 'hold RIR' : 'hold reps');

/** Reps set 1 of a part may have, so that its last set still reaches the bottom. */
function boundRange(
  { slot, exercise }: SlotFacts,
  { conventions, rangeBinds }: SlotTarget,
  efforts: readonly number[],
  written: RepRange,
  mode: Held,
  perSet: number,
): RepRange {
  if (mode === 'hold reps' || rangeBinds === 'first set' || slot.loadRule === 'percent') return written;
  return isHeld(exercise)
    ? firstHoldRange(written, (perSet * conventions.holdShare) / 100, efforts.length)
    : firstSetRange(written, perSet, efforts);
}

/** RIR at the end of a part's first set, and RIR left after its first reps. */
function effortOf(
  part: Part,
  { rir: asked, override, conventions, curve }: SlotTarget,
  mode: Held,
  perSet: number,
  { slot, away }: SlotFacts,
) {
  const week = part.rir ?? Math.max(0, asked + part.rirOffset);
  const wished = Math.max(part.leastRir ?? 0, override?.rir ?? week);
  const isFixedRound =
    part.minis !== undefined && part.range !== undefined && part.range.low === part.range.high;
  const onAverage =
    (isFixedRound && part.rises === undefined) ||
    (mode === 'hold reps' && part.minis === undefined && slot.drift !== 'hold reps, first set');
  const rir = onAverage
    ? averageFirstRir(wished, perSet, part.sets, {
        hardSetRir: conventions.hardSetRir,
        leastRir: Math.min(SHORT_OF_FAILURE, part.leastRir ?? 0),
      })
    : wished;
  const back = conventions.roundBack;
  const leadRir =
    part.rises === undefined
      ? (part.leadRir?.(rir, back, away ?? 0) ?? rir)
      : leadRirOfRises(part.rises, lighterBy(curve), { rir, back, perSet });
  return { rir, leadRir };
}

interface PartSetting
  extends Pick<PartPlan, 'before' | 'count' | 'optional' | 'perSet' | 'rest' | 'mode' | 'leadRir'> {
  readonly asked: PartAsked;
  readonly technique: TechniqueParameters;
}

// Spelled out for speed: this is created for every part of every slot and week, a thousand times per keystroke.
function partPlan(
  { slot, exercise, relief }: SlotFacts,
  { weekRir, strength, curve, conventions }: SlotTarget,
  { load, reps, input }: FirstSet,
  { asked, technique, before, count, optional, perSet, rest, mode, leadRir }: PartSetting,
): PartPlan {
  const held = isHeld(exercise);
  const { part, rir, written } = asked;
  return {
    part,
    load,
    reps,
    range: written,
    mode,
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
        ? (seconds, k) =>
            rirAfterHold(
              holdAfterFatigue(strength.oneRepMax, perSet * (before + k - 1), conventions),
              seconds,
              conventions,
            )
        : null,
    easier: easierHalf(exercise),
    measuresStrength:
      slot.motion === 'full' &&
      relief === 0 &&
      (part.manner ?? 'full') === 'full' &&
      measuresStrength(technique),
    curve,
    conventions,
  };
}

/** The strength that a coach accepted in place of the held one-rep max of a share; null if nothing was accepted. */
function acceptedMax(why: Reason): number | null {
  if (why.code !== 'load/answered' || why.outcome === 'held') return null;
  const { proposed } = why;
  return proposed.code === 'load/best-fit' && proposed.rule === 'share of the max'
    ? proposed.strength.oneRepMax
    : null;
}

/** The slot as shown and sent, with its reasons. */
function record(
  { slot, exercise, grid, carried, relief, movedFrom, away }: SlotFacts,
  { strength, gate, override, rir, whyRir, whySets, heldMax }: SlotTarget,
  technique: TechniqueParameters,
  made: {
    readonly sets: readonly SetPlan[];
    readonly why: Reason;
    readonly rest: number;
    readonly seconds: number;
    readonly perSet: number;
    readonly low: number;
  },
): SlotPlan {
  const { seconds, perSet, low } = made;
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
    ...(away === null ? {} : { away }),
    range: slot.range,
    ...(relief === 0 ? {} : { relief }),
    breakBefore: slot.breakBefore,
    stopFall: slot.stopFall,
    motion: slot.motion,
    stretch: slot.stretch,
    substitutes: slot.substitutes,
    override,
    note: slot.note,
    sets: made.sets,
    warmUp: [],
    oneRepMax: isHeld(exercise) ? null : (strength?.oneRepMax ?? null),
    ...(heldMax === null || isHeld(exercise) ? {} : { heldMax: acceptedMax(made.why) ?? heldMax }),
    why: {
      rir: override?.rir == null ? whyRir : { code: 'rir/override', value: override.rir, proposed: rir },
      load: made.why,
      sets: whySets,
      reps: {
        code: 'reps/drift',
        mode: slot.drift,
        seconds,
        perSet,
        low,
        ...(movedFrom === undefined
          ? {}
          : { moved: { from: movedFrom.range, to: slot.range, phase: movedFrom.phase } }),
      },
    },
  };
}
