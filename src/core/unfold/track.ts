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
import { idealLoad } from '../progression/load-rules/percent';
import type { LastTime } from '../progression/load-rules/rule';
import type { Strength, StrengthSource } from '../reason';
import {
  hasNext,
  isEarned,
  measuresStrength,
  nextParameters,
  progressOf,
  type TechniqueParameters,
  withSetCount,
} from '../techniques/registry';
import { type Role, sectionsCost } from '../techniques/technique';
import type { LadderSlot, Performed, PlannedSet } from './ladder';

interface Exposure {
  readonly week: number;
  readonly source: StrengthSource;
  /** One-rep max, share of bodyweight included; for what is held, the longest hold in seconds. */
  readonly oneRepMax: number;
}

/** What is known of a slot as its weeks pass. Held by unfold alone while it climbs; never leaves it. */
export interface Track {
  readonly slot: Slot;
  readonly exercise: Exercise;
  readonly inVariant: (variant: string) => Exercise;
  readonly grid: LoadGrid;
  /** Bodyweight lifted along, a decimal in the grid's unit. */
  readonly carried: number;
  readonly start: Exposure | null;
  /** Logged first sets of building weeks, oldest first. */
  readonly exposures: Exposure[];
  /** First set of each part in the last building week, logged or planned. */
  readonly last: Map<Role, LastTime>;
  /** Whether `last` was logged, and when. */
  lastLogged: number | null;
  /** The technique with its progress so far. */
  technique: TechniqueParameters;
  /** Whether the technique's next load step is earned. */
  earned: boolean;
  /** Seconds that the other members of its group take between its sets; 0 outside a group. */
  readonly between: number;
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
  { between, inVariant }: Pick<Track, 'between' | 'inVariant'>,
): Track {
  const grid = loadGrid(exercise.loading, loads);
  const carried = carriedWeight(exercise, athlete, grid.unit);
  const set = slot.start ?? athlete.bestSets[exercise.id];
  const kind = slot.start === null ? 'best set' : 'start set';
  const start = set === undefined ? null : startExposure(kind, set, { exercise, grid, carried }, estimating);
  return {
    slot,
    exercise,
    inVariant,
    grid,
    carried,
    start,
    exposures: [],
    last: new Map(),
    lastLogged: null,
    technique: slot.technique,
    earned: false,
    between,
  };
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

/** One set of a slot as it counts for next time. Load in hundredths. */
interface DoneSet {
  readonly set: PlannedSet;
  readonly load: number;
  readonly reps: number;
  readonly met: boolean;
  /** Reps of all its sections. */
  readonly total: number;
}

/** RIR by which a set may end nearer failure than asked and still count as met. */
const MET_RIR = 1;

function loggedSets(track: Track, planned: LadderSlot, performed: Performed): readonly DoneSet[] {
  const done: DoneSet[] = [];
  for (const set of planned.sets) {
    const logged = performed.sets.get(`${planned.slotId}/${set.id}`)?.set;
    if (logged === undefined || logged.exerciseId !== track.exercise.id) continue;
    const load = hundredths(valueIn(track.grid.unit, logged.load));
    const { reps, rir, more } = logged;
    done.push({
      set,
      load,
      reps,
      met:
        reps >= set.reps && (set.load === null || load >= hundredths(set.load)) && rir >= set.rir - MET_RIR,
      total: reps + (more?.partials ?? 0) + (more?.assisted ?? 0),
    });
  }
  return done;
}

function plannedSets({ sets }: LadderSlot): readonly DoneSet[] {
  const done: DoneSet[] = [];
  for (const set of sets) {
    if (set.load === null || set.optional) continue;
    const total = set.sections.reduce((sum, { reps }) => sum + reps, set.reps);
    done.push({ set, load: hundredths(set.load), reps: set.reps, met: true, total });
  }
  return done;
}

/**
 * Takes over a building week as the new last time: what was logged, and what was planned where nothing was. Strength
 * follows from the first logged set; the technique goes on to its next step.
 */
export function remember(
  track: Track,
  planned: LadderSlot,
  performed: Performed | null,
  week: number,
  estimating: Estimating,
): void {
  const logged = performed === null ? [] : loggedSets(track, planned, performed);
  const isLogged = logged.length > 0;
  if (isLogged) noteStrength(track, planned, performed as Performed, week, estimating);
  else track.lastLogged = null;
  const done = isLogged ? logged : plannedSets(planned);
  const [first] = done;
  if (first === undefined) return;
  const met = !isLogged || (done.length >= askedOf(planned) && done.every((one) => one.met));
  let role: Role | null = null;
  let running = 0;
  done.forEach((one, at) => {
    // Parts follow each other, so that a new role starts a new part.
    if (one.set.role === role) return;
    role = one.set.role;
    const before = track.last.get(role);
    const load = isLogged ? nearestLoad(track.grid, one.load) : one.load;
    running = met ? (before?.load === load ? before.running : 0) + 1 : 0;
    let least = one.reps;
    for (let next = at + 1; done[next]?.set.role === role; next++) {
      const { set, reps } = done[next] as DoneSet;
      if (set.piece === 1 && reps < least) least = reps;
    }
    const ideal = idealOf(track, before, one, load, estimating);
    track.last.set(role, { load, reps: one.reps, least, met, running, ideal });
  });
  progress(track, planned, done, { met, running });
}

function askedOf({ sets }: LadderSlot): number {
  return sets.reduce((sum, { optional }) => sum + (optional ? 0 : 1), 0);
}

/** The percent rule's load before rounding; starts anew where another load was done than was asked. */
function idealOf(
  track: Track,
  before: LastTime | undefined,
  { set, load: done }: DoneSet,
  load: number,
  { conventions }: Estimating,
): number {
  const { loadRule, loadStep } = track.slot;
  if (loadRule !== 'percent' || before === undefined || set.load === null) return load;
  if (hundredths(set.load) !== done) return load;
  return idealLoad(loadStep ?? conventions.percentStep, track, before.ideal);
}

/** Takes the technique to its next step, unless the coach has written another one since the week was planned. */
function progress(
  track: Track,
  planned: LadderSlot,
  done: readonly DoneSet[],
  { met, running }: Pick<LastTime, 'met' | 'running'>,
): void {
  const { technique, slot } = track;
  if (progressOf(technique) !== 'earned' && !hasNext(technique)) return;
  const first = done[0]?.reps ?? 0;
  const summary = {
    first,
    total: done.reduce((sum, one) => sum + one.total, 0),
    sets: done.length,
    least: Math.min(...done.map(({ reps }) => reps)),
    met,
    running,
  };
  track.earned = isEarned(technique, summary, slot);
  if (hasNext(technique) && sameTechnique(technique, planned.technique))
    track.technique = nextParameters(technique, summary, slot);
}

function sameTechnique(a: TechniqueParameters, b: TechniqueParameters): boolean {
  return JSON.stringify(withSetCount(a, 1)) === JSON.stringify(withSetCount(b, 1));
}

/** Strength from the first set logged, where the technique's first set says anything of it. */
function noteStrength(
  track: Track,
  planned: LadderSlot,
  performed: Performed,
  week: number,
  estimating: Estimating,
): void {
  const [first] = planned.sets;
  const logged = first && performed.sets.get(`${planned.slotId}/${first.id}`)?.set;
  if (logged === undefined || logged.exerciseId !== track.exercise.id) return;
  const done = { load: valueIn(track.grid.unit, logged.load), reps: logged.reps, rir: logged.rir };
  // What followed without a pause came out of the same reserve.
  const reached = { ...done, reps: done.reps + sectionsCost(first?.sections ?? []) };
  const oneRepMax = strengthOf(track, reached, estimating);
  if (oneRepMax === undefined) return;
  track.lastLogged = week;
  if (!measuresStrength(planned.technique)) return;
  track.exposures.push({ week, source: { kind: 'logged', week, ...done }, oneRepMax });
}
