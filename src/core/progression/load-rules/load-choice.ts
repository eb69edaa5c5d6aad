import type { RepRange } from '../../block/rep-range';
import type { Conventions } from '../../conventions/conventions';
import { type RepMaxCurve, repsToFailure } from '../../effort/rep-max';
import type { LoadGrid } from '../../loading/grid';
import { clamp, isAtLeast, isAtMost, roundHalfDown } from '../../rounding';
import { decimal, type Hundredths } from '../../units';
import { isHard } from '../../volume/credit';

/** A makeable load, its reps, and the RIR predicted at the end of the set. Load as a decimal. */
export interface Candidate {
  readonly load: number;
  readonly reps: number;
  readonly predictedRir: number;
}

/** What decided between the candidates. */
export type Decider =
  | 'only one fits'
  | 'reps nearest last time'
  | 'reps nearest the middle'
  | 'nearest the wished drop'
  | 'nearest RIR'
  | 'smaller load'
  | 'none fits, nearest RIR'
  | 'below the range'
  | 'fewest steps'
  | 'step overshoots'
  | 'reps first'
  | 'top of the range'
  | 'per cent'
  | 'per cent below a step'
  | 'not met yet'
  | 'met once'
  | 'met twice running'
  | 'not earned yet'
  | 'earned'
  | 'end of the equipment'
  | 'next variation due'
  | 'share of the max'
  | 'next load out of reach'
  | 'next load nearer the range';

/** A chosen load with the next best ones. */
export interface LoadChoice {
  readonly chosen: Candidate;
  readonly others: readonly Candidate[];
  readonly decider: Decider;
}

/** The inputs of a load rule for set 1 of a part. Loads in hundredths of the grid's unit. */
export interface ChoiceInput {
  /** Current one-rep max, including bodyweight, as a decimal. */
  readonly oneRepMax: number;
  /** Bodyweight moved along, as a decimal; 0 for other loadings. */
  readonly carried: number;
  readonly grid: LoadGrid;
  readonly range: RepRange;
  /** Whether reps are written as a single number, which stays with any equipment. */
  readonly fixed?: boolean;
  readonly targetRir: number;
  /** Reps that must be left after the set for the rest of its round; 0 for a plain set. */
  readonly reserve?: number;
  /** Whether reps rise before load, as while cutting. */
  readonly repsFirst?: boolean;
  /** Reps already lost to earlier sets of the slot. */
  readonly fatigue: number;
  /** Set 1 of the same part last time; null in the first week. */
  readonly last: {
    readonly load: Hundredths;
    readonly reps: number;
    readonly met?: boolean;
    /** An ask that was missed in reps: no heavier load is asked until it is met. */
    readonly missed?: { readonly load: Hundredths; readonly reps: number } | null;
  } | null;
  readonly curve: RepMaxCurve;
  readonly conventions: Conventions;
}

/** Reps possible at a load before failure, after fatigue from earlier sets. */
export function capacity(
  input: Pick<ChoiceInput, 'oneRepMax' | 'carried' | 'fatigue' | 'curve'>,
  load: Hundredths,
): number {
  const moved = input.carried + decimal(load);
  return moved <= 0
    ? Number.POSITIVE_INFINITY
    : repsToFailure(input.oneRepMax, moved, input.curve) - input.fatigue;
}

/** Beyond any range: a load that moves nothing has no end of reps. */
const MOST_REPS = 1000;

/** Reps of the range that leave the target RIR at a load, never fewer than were met there last time. */
export function repsAtRir(input: ChoiceInput, load: Hundredths): number {
  const { last, range, targetRir } = input;
  const met = last?.load === load && last.met === true ? last.reps : range.low;
  const wanted = roundHalfDown(Math.min(capacity(input, load), MOST_REPS) - targetRir);
  return clamp(Math.max(wanted, met), range.low, range.high);
}

/** The candidate for reps at a load in hundredths. */
export function candidate(input: ChoiceInput, load: Hundredths, reps: number): Candidate {
  return { load: decimal(load), reps, predictedRir: capacity(input, load) - reps };
}

/**
 * The candidates at one load worth comparing: every rep of the range predicted within the tolerance, and the nearest
 * on either side. All others are worse than one of these.
 * @param most highest reps allowed at this load
 */
export function candidatesAt(input: ChoiceInput, load: Hundredths, most = input.range.high): Candidate[] {
  const ability = capacity(input, load);
  const { low } = input.range;
  const { fitTolerance } = input.conventions;
  const reach = ability - input.targetRir;
  const from = clamp(Math.min(Math.ceil(reach - fitTolerance - 1e-9), Math.floor(reach)), low, most);
  const to = clamp(Math.max(Math.floor(reach + fitTolerance + 1e-9), Math.ceil(reach)), low, most);
  const found: Candidate[] = [];
  for (let reps = from; reps <= to; reps++)
    found.push({ load: decimal(load), reps, predictedRir: ability - reps });
  return found;
}

const RUNNERS_UP = 3;

/**
 * Compares candidates: those predicted within the tolerance of the target come first, by `nearness`, then by RIR,
 * then the smaller load; the rest by RIR, those that cannot be completed last. A target that counts as hard is only
 * met by a set that does.
 */
export function pickBest(
  candidates: readonly Candidate[],
  { targetRir, conventions, reserve = 0 }: Pick<ChoiceInput, 'targetRir' | 'conventions' | 'reserve'>,
  nearness: { readonly of: (candidate: Candidate) => number; readonly decider: Decider },
): LoadChoice | undefined {
  const miss = (c: Candidate) => Math.abs(c.predictedRir - targetRir);
  const counts = isHard(targetRir, conventions);
  const fits = (c: Candidate) =>
    isAtMost(miss(c), conventions.fitTolerance) && (!counts || isHard(c.predictedRir, conventions));
  // If nothing fits, a set that is too easy gets done and logged; one that cannot be completed teaches nothing.
  const doable = (c: Candidate) => isAtLeast(c.predictedRir, reserve);
  // A set too easy to count gives way to one that counts and misses the target by a rep at most.
  const fallsShort = (c: Candidate) =>
    counts && !(isHard(c.predictedRir, conventions) && isAtMost(miss(c), 1));
  const compare = (a: Candidate, b: Candidate): number => {
    const fitA = fits(a);
    if (fitA !== fits(b)) return fitA ? -1 : 1;
    const doableA = doable(a);
    if (doableA !== doable(b)) return doableA ? -1 : 1;
    if (!fitA && fallsShort(a) !== fallsShort(b)) return fallsShort(a) ? 1 : -1;
    const near = fitA ? nearness.of(a) - nearness.of(b) : 0;
    if (Math.abs(near) > 1e-9) return near;
    const rir = miss(a) - miss(b);
    return Math.abs(rir) > 1e-9 ? rir : a.load - b.load;
  };
  // Keeps only the few best, in order, while iterating.
  const best: Candidate[] = [];
  for (const one of candidates) {
    let at = best.length;
    while (at > 0 && compare(one, best[at - 1] as Candidate) < 0) at--;
    if (at > RUNNERS_UP) continue;
    best.splice(at, 0, one);
    if (best.length > RUNNERS_UP + 1) best.pop();
  }
  const [chosen, ...others] = best;
  if (chosen === undefined) return undefined;
  return { chosen, others, decider: decidingReason(chosen, others[0], fits, miss, nearness) };
}

function decidingReason(
  chosen: Candidate,
  second: Candidate | undefined,
  fits: (c: Candidate) => boolean,
  miss: (c: Candidate) => number,
  nearness: { readonly of: (candidate: Candidate) => number; readonly decider: Decider },
): Decider {
  if (!fits(chosen)) return 'none fits, nearest RIR';
  if (second === undefined || !fits(second)) return 'only one fits';
  if (Math.abs(nearness.of(chosen) - nearness.of(second)) > 1e-9) return nearness.decider;
  return Math.abs(miss(chosen) - miss(second)) > 1e-9 ? 'nearest RIR' : 'smaller load';
}
