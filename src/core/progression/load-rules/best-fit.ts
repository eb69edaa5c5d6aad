import { indexAtOrAbove, nearestLoad } from '../../loading/grid';
import { clamp, isAtLeast, isAtMost, roundHalfDown, roundHalfUp } from '../../rounding';
import { asHundredths, type Hundredths, lighter } from '../../units';
import {
  type Candidate,
  type ChoiceInput,
  candidate,
  candidatesAt,
  capacity,
  type LoadChoice,
  pickBest,
} from './load-choice';
import { loadsFrom } from './loads-from';
import { isNextLoadCloser } from './past-the-top';
import type { LoadRuleKind } from './rule';
import { nextLoad } from './step-up';

/**
 * Best fit: among makeable loads at or above last time's and the reps of the range, choose what is predicted within
 * half a rep of the target RIR with reps nearest last time's, then nearest RIR, then the smaller load.
 * - If the lightest load does not reach the bottom, the reps it allows, in the first week too.
 * - First week: the same among all loads, with reps nearest the middle of what set 1 may ask.
 * - Reps may exceed the range while the next load is not predicted to reach its bottom at the target.
 * - After reps above the top, those nearest the middle of the range instead.
 * - After a set 1 that missed its reps, no load above the missed one until it is done.
 * - If last time's load no longer reaches the bottom, the load falls to where the middle is predicted.
 * - While cutting reps rise before load does: last time's load while the range has reps for it.
 * - No step above the largest step, except the smallest makeable step.
 * @returns undefined only if the grid has no load that can be moved at all
 */
export function bestFit(input: ChoiceInput): LoadChoice | undefined {
  const { last, targetRir, conventions } = input;
  if (last === null) return firstFit(input);
  const { range } = input;
  const reach = capacity(input, last.load) - targetRir;
  if (reach < range.low - conventions.fitTolerance) return stepDown(input, last.load);

  const top = mostRepsAt(input, last.load);
  const candidates: Candidate[] = [];
  for (const load of loadsFrom(input, last.load)) {
    if (load > last.load && isAboveMissed(load, last)) break;
    candidates.push(...candidatesAt(input, load, load === last.load ? top : range.high));
  }
  const isAbove = last.reps > range.high && reach > range.high;
  const wish = isAbove ? middle(input) : last.reps;
  const fit = pickBest(candidates, input, {
    of: (c) => Math.abs(c.reps - wish),
    decider: isAbove ? 'reps nearest the middle' : 'reps nearest last time',
  });
  const kept = input.repsFirst === true ? sameLoad(input, last.load) : undefined;
  if (kept !== undefined && fit !== undefined && fit.chosen.load !== kept.load)
    return { chosen: kept, others: [fit.chosen, ...fit.others], decider: 'reps first' };
  return withinReason(input, fit);
}

/** Whether a load is heavier than one whose reps were missed and have not been done since. */
export function isAboveMissed(load: Hundredths, { missed }: NonNullable<ChoiceInput['last']>): boolean {
  return missed != null && load > missed.load;
}

/** Last time's load with the reps of the range that meet the target, if there are any. */
function sameLoad(input: ChoiceInput, load: Hundredths): Candidate | undefined {
  const { range, targetRir, conventions } = input;
  const reps = clamp(roundHalfDown(capacity(input, load) - targetRir), range.low, range.high);
  const kept = candidate(input, load, reps);
  return isAtMost(Math.abs(kept.predictedRir - targetRir), conventions.fitTolerance) ? kept : undefined;
}

/** A choice that exceeds the range says so, and stays within sensible limits. */
function withinReason(input: ChoiceInput, fit: LoadChoice | undefined): LoadChoice | undefined {
  if (fit === undefined || fit.chosen.reps <= input.range.high) return fit;
  return isNextLoadCloser(input, { ...fit, decider: 'next load out of reach' });
}

function middle(input: ChoiceInput): number {
  return roundHalfUp((input.range.low + input.range.high) / 2);
}

/** The added load at which this many reps at the target are predicted. */
function idealLoad(input: ChoiceInput, reps: number): Hundredths {
  const moved = input.oneRepMax * input.curve.fraction(Math.max(1, reps + input.targetRir + input.fatigue));
  return asHundredths((moved - input.carried) * 100);
}

/** The lightest load that moves anything, if at the target it does not reach the bottom of the range. */
function tooHeavy(input: ChoiceInput): LoadChoice | undefined {
  const { grid, carried, range, targetRir, conventions } = input;
  const lightest = grid.steps.find((step) => carried * 100 + step > 0);
  if (lightest === undefined || input.fixed === true) return undefined;
  if (capacity(input, lightest) - targetRir >= range.low - conventions.fitTolerance) return undefined;
  const chosen = candidate(input, lightest, repsForTarget(input, lightest));
  return { chosen, others: [], decider: 'below the range' };
}

function firstFit(input: ChoiceInput): LoadChoice | undefined {
  const heavy = tooHeavy(input);
  if (heavy !== undefined) return heavy;
  const wish = middle(input);
  const seen = new Set<number>();
  const candidates: Candidate[] = [];
  for (let reps = input.range.low; reps <= input.range.high; reps++) {
    const at = indexAtOrAbove(input.grid, idealLoad(input, reps));
    for (const load of [input.grid.steps[at - 1], input.grid.steps[at]]) {
      if (load === undefined || input.carried * 100 + load <= 0 || seen.has(load)) continue;
      seen.add(load);
      candidates.push(...candidatesAt(input, load, mostRepsAt(input, load)));
    }
  }
  const fit = pickBest(candidates, input, {
    of: (c) => Math.abs(c.reps - wish),
    decider: 'reps nearest the middle',
  });
  return withinReason(input, fit);
}

/** Most reps at a load: the top of the range, or more while the next load is not predicted to reach the bottom. */
function mostRepsAt(input: ChoiceInput, load: Hundredths): number {
  const { range, targetRir } = input;
  if (input.fixed) return range.high;
  const next = nextLoad(input.grid, load);
  // If the range leaves set 1 only its top, that is kept as long as a load is within a rep of it.
  const fitsTop = (one: Hundredths) => !isAtLeast(Math.abs(capacity(input, one) - targetRir - range.high), 1);
  if (range.low === range.high && (fitsTop(load) || (next !== undefined && fitsTop(next)))) return range.high;
  if (next !== undefined && isAtLeast(capacity(input, next) - targetRir, range.low)) return range.high;
  return Math.max(range.high, roundHalfDown(capacity(input, load) - targetRir));
}

/** Reps that leave the target RIR at a load, at least one. */
function repsForTarget(input: ChoiceInput, load: Hundredths): number {
  if (input.fixed === true) return input.range.low;
  return Math.max(1, roundHalfUp(capacity(input, load) - input.targetRir));
}

function stepDown(input: ChoiceInput, from: Hundredths): LoadChoice {
  const reps = middle(input);
  const ideal = nearestLoad(input.grid, idealLoad(input, reps));
  const load = input.carried * 100 + ideal > 0 ? lighter(ideal, from) : from;
  const reach = repsForTarget(input, load);
  const stays = {
    chosen: candidate(input, from, repsForTarget(input, from)),
    others: [],
    decider: 'below the range',
  } as const;
  if (load === from) return stays;
  // Between coarse loads the lighter one may allow more reps than the top.
  const most = mostRepsAt(input, load);
  const chosen = candidate(input, load, clamp(reach, input.range.low, most));
  const down: LoadChoice = { chosen, others: [stays.chosen], decider: 'below the range' };
  return chosen.reps > input.range.high ? isNextLoadCloser(input, down) : down;
}

export const bestFitRule = {
  name: 'best fit',
  takesStep: false,
  choose: bestFit,
} as const satisfies LoadRuleKind;
