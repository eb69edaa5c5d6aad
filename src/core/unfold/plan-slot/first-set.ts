import type { Slot } from '../../block/block';
import type { RepRange } from '../../block/rep-range';
import { holdAfterFatigue, rirAfterHold, secondsForRir } from '../../effort/hold';
import { isBodyAlone, type LoadGrid, nearestLoad } from '../../loading/grid';
import { valueIn } from '../../loading/weight';
import type { Reason } from '../../plan/reason';
import { backOffFit } from '../../progression/load-rules/back-off';
import { doubleProgression } from '../../progression/load-rules/double-progression';
import { earnedLoad } from '../../progression/load-rules/earned';
import {
  type Candidate,
  candidate,
  type LoadChoice,
  repsAtRir,
} from '../../progression/load-rules/load-choice';
import { RULES, type RuleName } from '../../progression/load-rules/registry';
import type { RuleInput } from '../../progression/load-rules/rule';
import { nextLoad } from '../../progression/load-rules/step-up';
import { clamp, isAtLeast, isAtMost, roundHalfDown, roundHalfUp } from '../../rounding';
import { keepsReps, type TechniqueParameters, techniqueProgress } from '../../techniques/registry';
import type { Part } from '../../techniques/technique';
import { asHundredths, decimal, type Hundredths, heavier, hundredths } from '../../units';
import { isHeld, type SlotFacts } from '../slot-facts';
import type { SlotHistory } from '../slot-history';
import type { SlotTarget } from './target';

/** A part of a technique whose first set is to be found. */
export interface PartAsked {
  readonly part: Part;
  /** Reps set 1 may have, and the range as written. */
  readonly range: RepRange;
  readonly written: RepRange;
  /** RIR at its end, and RIR left after its first reps. */
  readonly rir: number;
  readonly leadRir: number;
  /** Reps lost to the slot's earlier sets. */
  readonly fatigue: number;
  /** Load of the slot's first part; null if unknown, or for the first part itself. */
  readonly top: Hundredths | null;
  readonly isFirst: boolean;
}

/** The first set of a part. */
export interface FirstSet {
  /** Null if unknown. */
  readonly load: Hundredths | null;
  readonly reps: number;
  readonly why: Reason;
  /** What the load was found with; null if no strength is known or the exercise is a hold. */
  readonly input: RuleInput | null;
  /** Whether the load was not found from the RIR: a share of the max, typed, or moved with the block. */
  readonly isGiven: boolean;
}

/** The first set of a part: by its rule, fixed by the coach's answer, or typed into the week. */
export function firstSet(
  facts: SlotFacts,
  history: SlotHistory,
  target: SlotTarget,
  technique: TechniqueParameters,
  asked: PartAsked,
): FirstSet {
  const { grid } = facts;
  const { override } = target;
  const found = isHeld(facts.exercise)
    ? heldSet(facts, target, asked)
    : foundSet(facts, history, target, technique, asked);
  const { range } = asked;
  const isGiven = found.isGiven || target.shift.now !== 1 || isLeftToBody(found, grid, asked);
  // With the body alone the load is known before anything was logged.
  const only = isBodyAlone(grid) ? (grid.steps[0] ?? null) : null;
  const load = found.chosen === null ? only : hundredths(found.chosen.load);
  const reps = found.chosen?.reps ?? roundHalfUp((range.low + range.high) / 2);
  if (override === null || !asked.isFirst || (override.load === null && override.reps === null))
    return { load, reps, why: found.why, input: found.input, isGiven };
  const typed =
    override.load === null ? null : nearestLoad(grid, hundredths(valueIn(grid.unit, override.load)));
  const { input } = found;
  const own = {
    load: typed ?? load,
    reps: override.reps ?? (typed === null || input === null ? reps : repsAtRir(input, typed)),
  };
  const shown = own.load === null ? null : decimal(own.load);
  const why = {
    code: 'load/override',
    unit: grid.unit,
    load: shown,
    reps: own.reps,
    proposed: found.why,
  } as const;
  return { ...own, why, input, isGiven: isGiven || (typed !== null && override.rir === null) };
}

/** Whether the body alone leaves another RIR than asked: written reps, or more than the range allows. */
function isLeftToBody({ chosen, input }: Found, grid: LoadGrid, { leadRir }: PartAsked): boolean {
  if (chosen === null || input === null || !isBodyAlone(grid)) return false;
  return !isAtMost(Math.abs(chosen.predictedRir - leadRir), input.conventions.fitTolerance);
}

interface Found {
  readonly chosen: Candidate | null;
  readonly why: Reason;
  readonly input: RuleInput | null;
  readonly isGiven: boolean;
}

function foundSet(
  facts: SlotFacts,
  history: SlotHistory,
  target: SlotTarget,
  technique: TechniqueParameters,
  asked: PartAsked,
): Found {
  const { grid, slot } = facts;
  const { strength, pinned } = target;
  const { part, range, leadRir } = asked;
  const search: Reason = { code: 'load/search', targetRir: target.rir, range: slot.range };
  if (strength === null) return { chosen: null, why: search, input: null, isGiven: false };
  const input = {
    oneRepMax: strength.oneRepMax,
    carried: facts.carried,
    grid,
    range,
    fixed: asked.written.low === asked.written.high,
    targetRir: leadRir,
    reserve: part.minis === undefined ? 0 : Math.max(0, leadRir - asked.rir),
    fatigue: asked.fatigue,
    repsFirst: target.repsFirst,
    last: history.last.get(part.role) ?? null,
    step: slot.loadStep,
    pass: target.pass,
    curve: target.curve,
    conventions: target.conventions,
  };
  const share = asked.isFirst ? target.ofMax : null;
  const heldMax = target.heldMax ?? strength.oneRepMax;
  const moved = shifted(input, target.shift);
  const found =
    share === null
      ? fitPart(facts, history, technique, moved, asked, heldMax * target.shift.now)
      : writtenShare(input, share, heldMax);
  const fit = found && asWritten(share === null ? unshifted(found, input, target.shift) : found, input, part);
  if (fit === undefined) return { chosen: null, why: search, input, isGiven: false };
  const isGiven =
    share !== null ||
    fit.decider === 'nearest the wished drop' ||
    (part.ofMax !== undefined && part.role !== 'easy' && part.asRound !== true);
  const why: Reason = {
    code: 'load/best-fit',
    rule: share === null ? ruleName(facts, technique, asked) : 'share of the max',
    unit: grid.unit,
    last: input.last === null ? null : { load: decimal(input.last.load), reps: input.last.reps },
    strength,
    targetRir: leadRir,
    range,
    fit,
  };
  if (!asked.isFirst || pinned === null) return { chosen: fit.chosen, why, input, isGiven };
  const { outcome, load, reps } = pinned;
  return {
    chosen: candidate(input, hundredths(load), reps),
    why: { code: 'load/answered', outcome, unit: grid.unit, load, reps, proposed: why },
    input,
    isGiven,
  };
}

const byReps = doubleProgression('double progression, first set', 'first set').choose;

/** The first set of a part by the slot's load rule, or by what the technique uses instead. */
function fitPart(
  facts: SlotFacts,
  { earned }: SlotHistory,
  technique: TechniqueParameters,
  input: RuleInput,
  { part, top }: PartAsked,
  heldMax: number,
): LoadChoice | undefined {
  const rule = RULES[loadRuleOf(facts)];
  if (part.ofMax !== undefined)
    return part.ofMaxRises === true
      ? risingShare(input, part.ofMax, heldMax)
      : shareOfMax(input, part.ofMax, heldMax);
  if (part.drop !== undefined && top !== null) {
    const own = part.ownRule && input.last !== null ? rule.choose(input) : undefined;
    // A back-off stays lighter than the set before it.
    if (own !== undefined && hundredths(own.chosen.load) < top) return own;
    return backOffFit(input, top, part.drop);
  }
  switch (techniqueProgress(technique)) {
    case 'reps':
      return hasRoom(input.range) ? byReps(input) : rule.choose(input);
    case 'earned':
      return earnedLoad(input, earned, keepsReps(technique));
    case 'load rule':
    case 'none':
      return rule.choose(input);
  }
}

/** Reps the coach wrote stay, whatever the rule would choose; its load is used. */
function asWritten(fit: LoadChoice, input: RuleInput, { range }: Part): LoadChoice {
  if (range === undefined || range.low !== range.high || fit.chosen.reps === range.low) return fit;
  return { ...fit, chosen: candidate(input, hundredths(fit.chosen.load), range.low) };
}

/** The inputs of a rule if all loads are shifted: strength and last time's load scaled alike. */
function shifted(input: RuleInput, { now, before }: SlotTarget['shift']): RuleInput {
  if (now === 1 && before === 1) return input;
  const { last, carried, grid } = input;
  const ratio = now / before;
  const moved = (load: Hundredths) =>
    ratio === 1
      ? load
      : nearestLoad(grid, asHundredths(Math.round((carried * 100 + load) * ratio) - carried * 100));
  return {
    ...input,
    oneRepMax: input.oneRepMax * now,
    last:
      last === null
        ? null
        : {
            ...last,
            load: moved(last.load),
            ideal: moved(last.ideal),
            missed: last.missed && { ...last.missed, load: moved(last.missed.load) },
          },
  };
}

/** A choice with its prediction from current strength. */
function unshifted(fit: LoadChoice, input: RuleInput, { now, before }: SlotTarget['shift']): LoadChoice {
  if (now === 1) return fit;
  const { last, range } = input;
  // A load that is lighter on purpose asks for no more than the range, and no less than was met there last time.
  const most = now < 1 ? range.high : Number.POSITIVE_INFINITY;
  const met = (load: Hundredths) =>
    now === before && last?.load === load && last.met === true ? Math.min(last.reps, range.high) : 0;
  const real = ({ load, reps }: Candidate) =>
    candidate(input, hundredths(load), Math.max(met(hundredths(load)), Math.min(reps, most)));
  return { ...fit, chosen: real(fit.chosen), others: fit.others.map(real) };
}

/**
 * A load as a share of the one-rep max. A technique's own share is easy on purpose and uses the middle of the range.
 */
function shareOfMax(input: RuleInput, share: number, heldMax: number): LoadChoice {
  const { low, high } = input.range;
  return byShare(input, loadAtShare(input, share, heldMax), roundHalfUp((low + high) / 2));
}

/** Difference between logged strength and the held one-rep max, as a share, from which a new load is proposed. */
const MAX_MOVED = 0.05;

/**
 * A share the coach wrote, with the reps of the range that leave the target RIR. If strength has moved away from the
 * held one-rep max, its load comes first among the others: it is proposed.
 */
function writtenShare(input: RuleInput, share: number, heldMax: number): LoadChoice {
  const at = (max: number) => {
    const load = loadAtShare(input, share, max);
    return candidate(input, load, repsAtRir(input, load));
  };
  const isMoved = isAtLeast(Math.abs(input.oneRepMax / heldMax - 1), MAX_MOVED);
  const others = isMoved ? [at(input.oneRepMax)] : [];
  return { chosen: at(heldMax), others, decider: 'share of the max' };
}

/** A technique's share whose load rises once the top of its range was reached, and never falls. */
function risingShare(input: RuleInput, share: number, heldMax: number): LoadChoice {
  const base = loadAtShare(input, share, heldMax);
  const { last, grid, range } = input;
  const earned =
    last === null ? base : last.reps >= range.high ? (nextLoad(grid, last.load) ?? last.load) : last.load;
  const load = heavier(base, earned);
  return byShare(input, load, repsAtRir(input, load));
}

function loadAtShare({ grid, carried }: RuleInput, share: number, max: number): Hundredths {
  return nearestLoad(grid, asHundredths((max * share - carried) * 100));
}

function byShare(input: RuleInput, load: Hundredths, reps: number): LoadChoice {
  return { chosen: candidate(input, load, reps), others: [], decider: 'share of the max' };
}

/** The slot's load rule; without a harder variation to come, the load rises by best fit. */
function loadRuleOf({ slot, exercise }: SlotFacts): Slot['loadRule'] {
  return slot.loadRule === 'variation chain' && exercise.chain === null ? 'best fit' : slot.loadRule;
}

/** Whether a technique's reps have room to rise: a range of one number, or left with one, has none. */
const hasRoom = ({ low, high }: RepRange) => low < high;

function ruleName(facts: SlotFacts, technique: TechniqueParameters, { part, range }: PartAsked): RuleName {
  if (part.ofMax !== undefined) return 'share of the max';
  const progress = techniqueProgress(technique);
  return progress === 'earned' || (progress === 'reps' && hasRoom(range)) ? progress : loadRuleOf(facts);
}

/** Seconds of a hold: those that leave the target RIR, within the slot's range; a load, if any, stays. */
function heldSet(
  { slot, grid }: SlotFacts,
  { strength, conventions, rir: targetRir }: SlotTarget,
  { rir, range, fatigue }: PartAsked,
): Found {
  if (strength === null)
    return {
      chosen: null,
      why: { code: 'load/search', targetRir, range: slot.range },
      input: null,
      isGiven: false,
    };
  const longest = holdAfterFatigue(strength.oneRepMax, fatigue, conventions);
  const wished = roundHalfDown(secondsForRir(longest, rir, conventions));
  const seconds = clamp(wished, slot.range.low, slot.range.high);
  const load = decimal(nearestLoad(grid, hundredths(strength.source.load)));
  const predictedRir = rirAfterHold(longest, seconds, conventions);
  return {
    chosen: { load, reps: seconds, predictedRir },
    why: { code: 'load/hold', unit: grid.unit, load, seconds, strength, targetRir: rir, range },
    input: null,
    isGiven: false,
  };
}
