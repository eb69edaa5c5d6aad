import type { Phase } from '../athlete/athlete';
import { placeFor } from '../athlete/place';
import type { Session, Slot } from '../block/block';
import type { RepRange } from '../block/rep-range';
import { daysBetween, type LocalDate } from '../calendar';
import type { Conventions } from '../conventions/conventions';
import { longestHold } from '../effort/hold';
import { e1rm, type RepMaxCurve } from '../effort/rep-max';
import type { Exercise } from '../exercises/exercise';
import { inVariant } from '../exercises/variant';
import { carriedWeight, isBar, meanRelief } from '../loading/carried';
import { type LoadGrid, slotGrid } from '../loading/grid';
import { valueIn, type Weight } from '../loading/weight';
import type { Memo } from '../memo';
import type { StrengthSource } from '../plan/reason';
import { rangeInPhase } from '../progression/phase-range';
import { roundHalfUp } from '../rounding';
import { techniqueParts } from '../techniques/registry';
import { easierHalf, type Half } from '../techniques/technique';
import { restBetween, secondsBetweenPieces } from '../timing/rest-between';
import { exerciseAt, type Planner, slotExercise } from './planner';

/** A strength estimate and the set behind it. */
export interface StrengthEstimate {
  readonly week: number;
  readonly source: StrengthSource;
  /** One-rep max, including bodyweight; for holds the longest hold in seconds. */
  readonly oneRepMax: number;
  /** Whether the set had fewer reps than asked, or ended a rep or more closer to failure. */
  readonly isMissed?: true;
}

/** Facts of a slot that do not change from week to week. */
export interface SlotFacts {
  readonly slot: Slot;
  /** Its range as written, if a phase changes it. */
  readonly movedFrom?: { readonly range: RepRange; readonly phase: Phase };
  readonly exercise: Exercise;
  /** For this exercise. */
  readonly conventions: Conventions;
  readonly inVariant: (variant: string) => Exercise;
  readonly grid: LoadGrid;
  /** Bodyweight moved along, less what bands take off on average; a decimal in the grid's unit. */
  readonly carried: number;
  /** What bands take off its bar at the bottom; 0 without bands. */
  readonly relief: number;
  /** The source of its first load; null: none. */
  readonly start: StrengthEstimate | null;
  /** Seconds that the other exercises of its group take between its sets; 0 outside a group. */
  readonly between: number;
  /** Seconds they take between its parts, if the group alternates piece by piece; otherwise null. */
  readonly away: number | null;
  /** The same two in a cut, which moves the ranges of the whole group. */
  readonly cutting: { readonly between: number; readonly away: number | null };
  readonly estimating: Estimating;
}

/** The inputs of strength estimates. */
export interface Estimating {
  readonly curve: RepMaxCurve;
  readonly conventions: Conventions;
  /** Calendar weeks per pass of the cycle. */
  readonly pass: number;
}

/** The inputs of a slot's strength estimate: the planner's, with the slot's own rules. */
function estimatingOf({ conventions }: Pick<SlotFacts, 'conventions'>, planner: Estimating): Estimating {
  return conventions === planner.conventions
    ? planner
    : { curve: planner.curve, pass: planner.pass, conventions };
}

export function isHeld(exercise: Pick<Exercise, 'measure'>): boolean {
  return exercise.measure === 'seconds';
}

/** The strength a set shows; undefined if nothing is moved. */
export function strengthOf(
  { exercise, carried }: Pick<SlotFacts, 'exercise' | 'carried'>,
  set: { readonly load: number; readonly reps: number; readonly rir: number },
  { curve, conventions }: Estimating,
): number | undefined {
  if (isHeld(exercise)) return longestHold(set.reps, set.rir, conventions);
  const moved = carried + set.load;
  return moved <= 0 ? undefined : e1rm(moved, set.reps + set.rir, curve);
}

/** Facts of every slot of a session, by slot id. */
export function sessionFacts(
  planner: Planner,
  session: Pick<Session, 'place' | 'slots'>,
  memo: Memo,
): ReadonlyMap<string, SlotFacts> {
  const exerciseOf = (one: Slot) => slotExercise(planner, one);
  const inCut = session.slots.some(({ joined }) => joined)
    ? session.slots.map((slot) => slotInCut(slot, exerciseOf(slot), planner))
    : session.slots;
  return new Map(
    session.slots.map((slot, at) => {
      const conventions = planner.near.ofExercise(exerciseOf(slot));
      const inGroup = (slots: readonly Slot[]) => {
        const given = [slots[at] as Slot, { slots }, exerciseOf, conventions] as const;
        return [restBetween(...given), secondsBetweenPieces(...given)] as const;
      };
      const usual = inGroup(session.slots);
      const cut = inCut === session.slots ? usual : inGroup(inCut);
      return [
        slot.id,
        memo.part(slot.id).call('facts', slotFacts, planner, session.place, slot, ...usual, ...cut),
      ];
    }),
  );
}

/** A slot with the range that a cut gives it. */
function slotInCut(slot: Slot, exercise: Exercise, planner: Planner): Slot {
  if (isHeld(exercise)) return slot;
  return { ...slot, range: rangeInPhase(slot.range, 'cutting', planner.near.ofExercise(exercise)) };
}

function slotFacts(
  planner: Planner,
  place: Session['place'],
  slot: Slot,
  between: number,
  away: number | null,
  betweenInCut: number,
  awayInCut: number | null,
): SlotFacts {
  const { athlete } = planner;
  const base = exerciseAt(planner, slot.exercise);
  const exercise = slotExercise(planner, slot);
  const conventions = planner.near.ofExercise(exercise);
  const estimating = estimatingOf({ conventions }, planner);
  const grid = slotGrid(slot, exercise.loading, placeFor(athlete, place).loads);
  const body = carriedWeight(exercise, athlete, grid.unit);
  const relief = slot.relief === null || !isBar(exercise) ? 0 : valueIn(grid.unit, slot.relief);
  const carried = body - meanRelief(relief);
  // The athlete's best set was done without bands, the slot's own set with them.
  const lifted = { exercise, grid, carried: slot.start === null ? body : carried };
  const set = slot.start ?? athlete.bestSets[exercise.id];
  const kind = slot.start === null ? 'best set' : 'start set';
  return {
    slot,
    exercise,
    grid,
    carried,
    relief,
    conventions,
    inVariant: (variant) => inVariant(base, variant),
    start: inHalves(
      slot,
      exercise,
      set === undefined ? null : startEstimate(kind, set, lifted, estimating, planner.startDate),
      estimating,
    ),
    between,
    away,
    cutting: { between: betweenInCut, away: awayInCut },
    estimating,
  };
}

/** The half of the range a slot uses, if not the whole. */
function halfOf({ motion, technique }: Slot): Half | null {
  if (motion === 'long half' || motion === 'short half') return motion;
  const manner = techniqueParts(technique)[0]?.manner;
  return manner === 'long half' || manner === 'short half' ? manner : null;
}

/** RIR at which half reps are compared with full ones. */
const USUAL_RIR = 2;

/**
 * A best set of full reps converted for a slot of half reps: a load allows more half reps, the more so in the easier
 * half. Compared at the middle of the slot's range; its own log replaces this later.
 */
function inHalves(
  slot: Slot,
  exercise: Exercise,
  estimate: StrengthEstimate | null,
  { curve, conventions }: Estimating,
): StrengthEstimate | null {
  const half = halfOf(slot);
  if (estimate === null || half === null || isHeld(exercise)) return estimate;
  const { source } = estimate;
  // A start set is written for the slot itself.
  if (source.kind !== 'best set') return estimate;
  const halfCost = half === easierHalf(exercise) ? conventions.halfCostEasy : conventions.halfCostHard;
  const reps = roundHalfUp((slot.range.low + slot.range.high) / 2) + USUAL_RIR;
  const load = estimate.oneRepMax * curve.fraction(Math.max(1, reps * halfCost));
  return { ...estimate, source: { ...source, halfCost }, oneRepMax: e1rm(load, reps, curve) };
}

function startEstimate(
  kind: 'best set' | 'start set',
  set: {
    readonly load: Weight;
    readonly reps: number;
    readonly rir: number;
    readonly date?: LocalDate | null;
  },
  lifted: Pick<SlotFacts, 'exercise' | 'grid' | 'carried'>,
  estimating: Estimating,
  startDate: LocalDate,
): StrengthEstimate | null {
  const done = { load: valueIn(lifted.grid.unit, set.load), reps: set.reps, rir: set.rir };
  const oneRepMax = strengthOf(lifted, done, estimating);
  if (oneRepMax === undefined) return null;
  const { oldBestWeeks, oldBestShare } = estimating.conventions;
  const isOld = set.date != null && daysBetween(set.date, startDate) > oldBestWeeks * 7;
  if (!isOld) return { week: 0, source: { kind, ...done }, oneRepMax };
  return {
    week: 0,
    source: { kind, ...done, lessPercent: oldBestShare },
    oneRepMax: oneRepMax * (1 - oldBestShare / 100),
  };
}
