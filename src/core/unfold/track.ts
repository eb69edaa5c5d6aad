import type { Athlete } from '../athlete/athlete';
import type { Slot } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import { longestHold } from '../effort/hold';
import { e1rm, type RepMaxCurve } from '../effort/rep-max';
import type { Exercise } from '../exercises/exercise';
import { carriedWeight } from '../loading/carried';
import type { EquipmentSet } from '../loading/equipment';
import { type LoadGrid, loadGrid, nearestLoad } from '../loading/grid';
import { hundredths, valueIn, type Weight } from '../loading/weight';
import type { Strength, StrengthSource } from '../reason';
import type { Role } from '../techniques/technique';
import type { LadderSlot, Performed } from './ladder';

interface Exposure {
  readonly week: number;
  readonly source: StrengthSource;
  /** One-rep max, share of bodyweight included; for what is held, the longest hold in seconds. */
  readonly oneRepMax: number;
}

/** Load in hundredths of the slot's unit. */
export interface LastSet {
  readonly load: number;
  readonly reps: number;
}

/** What is known of a slot as its weeks pass. Held by unfold alone while it climbs; never leaves it. */
export interface Track {
  readonly slot: Slot;
  readonly exercise: Exercise;
  readonly grid: LoadGrid;
  /** Bodyweight lifted along, a decimal in the grid's unit. */
  readonly carried: number;
  readonly start: Exposure | null;
  /** Logged first sets of building weeks, oldest first. */
  readonly exposures: Exposure[];
  /** First set of each part in the last building week, logged or planned. */
  readonly last: Map<Role, LastSet>;
  /** Whether `last` was logged, and when. */
  lastLogged: number | null;
}

/** How many exposures a current strength estimate looks back on. */
const EXPOSURES = 2;

/** What strength is estimated by. */
export interface Estimating {
  readonly curve: RepMaxCurve;
  readonly conventions: Conventions;
}

export function isHeld(exercise: Pick<Exercise, 'measure'>): boolean {
  return exercise.measure === 'seconds';
}

export function trackOf(
  slot: Slot,
  exercise: Exercise,
  athlete: Athlete,
  loads: EquipmentSet,
  estimating: Estimating,
): Track {
  const grid = loadGrid(exercise.loading, loads);
  const carried = carriedWeight(exercise, athlete, grid.unit);
  const set = slot.start ?? athlete.bestSets[exercise.id];
  const kind = slot.start === null ? 'best set' : 'start set';
  const start = set === undefined ? null : startExposure(kind, set, { exercise, grid, carried }, estimating);
  return { slot, exercise, grid, carried, start, exposures: [], last: new Map(), lastLogged: null };
}

type Lifted = Pick<Track, 'exercise' | 'grid' | 'carried'>;

/** Strength that a set stands for; undefined when nothing is moved. */
function strengthOf(
  { exercise, carried }: Lifted,
  set: { readonly load: number; readonly reps: number; readonly rir: number },
  { curve, conventions }: Estimating,
): number | undefined {
  if (isHeld(exercise)) return longestHold(set.reps, set.rir, conventions);
  const moved = carried + set.load;
  return moved <= 0 ? undefined : e1rm(moved, set.reps + set.rir, curve);
}

function startExposure(
  kind: 'best set' | 'start set',
  set: { readonly load: Weight; readonly reps: number; readonly rir: number },
  lifted: Lifted,
  estimating: Estimating,
): Exposure | null {
  const done = { load: valueIn(lifted.grid.unit, set.load), reps: set.reps, rir: set.rir };
  const oneRepMax = strengthOf(lifted, done, estimating);
  return oneRepMax === undefined ? null : { week: 0, source: { kind, ...done }, oneRepMax };
}

/**
 * Strength of a slot in a week: the best first set of its last two exposures, else its start; projected by the gain
 * for every week beyond the one that follows the last exposure.
 * @param gainPercent projected gain, per cent a week
 */
export function strengthAt(track: Track, week: number, gainPercent: number): Strength | null {
  const recent = track.exposures.slice(-EXPOSURES);
  const best =
    recent.reduce<Exposure | null>((a, b) => (a === null || b.oneRepMax >= a.oneRepMax ? b : a), null) ??
    track.start;
  if (best === null) return null;
  const weeksAhead = Math.max(0, week - 1 - (recent.at(-1)?.week ?? 0));
  return {
    source: best.source,
    measured: best.oneRepMax,
    oneRepMax: best.oneRepMax * (1 + gainPercent / 100) ** weeksAhead,
    weeksAhead,
    gainPercent,
  };
}

/** Takes over what a week planned as the new last time. */
export function rememberPlan(track: Track, planned: LadderSlot): void {
  const seen = new Set<Role>();
  for (const set of planned.sets) {
    if (seen.has(set.role) || set.load === null) continue;
    seen.add(set.role);
    track.last.set(set.role, { load: nearestLoad(track.grid, hundredths(set.load)), reps: set.reps });
    track.lastLogged = null;
  }
}

/** Takes over what was logged in a building week: strength from the first set, last time from each part's first. */
export function rememberLog(
  track: Track,
  planned: LadderSlot,
  performed: Performed,
  week: number,
  estimating: Estimating,
): void {
  const seen = new Set<Role>();
  planned.sets.forEach((set, at) => {
    const logged = performed.sets.get(`${planned.slotId}/${set.id}`)?.set;
    if (seen.has(set.role)) return;
    seen.add(set.role);
    if (logged === undefined || logged.exerciseId !== track.exercise.id) return;
    const done = { load: valueIn(track.grid.unit, logged.load), reps: logged.reps, rir: logged.rir };
    const oneRepMax = strengthOf(track, done, estimating);
    if (oneRepMax === undefined) return;
    track.last.set(set.role, { load: nearestLoad(track.grid, hundredths(done.load)), reps: done.reps });
    if (at > 0) return;
    track.lastLogged = week;
    track.exposures.push({ week, source: { kind: 'logged', week, ...done }, oneRepMax });
  });
}
