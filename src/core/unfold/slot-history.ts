import { isEqual } from 'es-toolkit';
import type { Slot } from '../block/block';
import { nearestLoad } from '../loading/grid';
import { valueIn } from '../loading/weight';
import type { Strength } from '../plan/reason';
import type { SetPlan } from '../plan/set';
import type { SlotPlan } from '../plan/slot';
import type { Performed } from '../plan/week-state';
import { RULES } from '../progression/load-rules/registry';
import type { LastTime } from '../progression/load-rules/rule';
import { isAtLeast, isAtMost, roundHalfUp } from '../rounding';
import {
  banksReps,
  hasOwnProgress,
  isEarned,
  measuresStrength,
  nextParameters,
  type TechniqueParameters,
  techniqueProgress,
  withSetCount,
} from '../techniques/registry';
import { afterReps, type Done, type Role } from '../techniques/technique';
import { decimal, type Hundredths, hundredths } from '../units';
import { HARDER_RIR, loggedStrength } from './logged-strength';
import type { Estimating, SlotFacts, StrengthEstimate } from './slot-facts';

/** A slot's results so far. Each week returns a new one; none is mutated. */
export interface SlotHistory {
  /** Logged first sets of building weeks, oldest first. */
  readonly exposures: readonly StrengthEstimate[];
  /** First set of each part in the last building week, logged or planned. */
  readonly last: ReadonlyMap<Role, LastTime>;
  /** Reps of each set of the first part in that week, in order. */
  readonly reps: readonly number[];
  /** The week in which `last` was logged; null if it was only planned. */
  readonly lastLogged: number | null;
  /** The technique with its progress so far. */
  readonly technique: TechniqueParameters;
  /** Whether the technique's next load step is earned. */
  readonly earned: boolean;
  /** The one-rep max that shares are taken of, once a week was planned with it; null before. */
  readonly heldMax: number | null;
  /** The first set that was asked for and met, and since which week; null if the last one was missed. */
  readonly met: MetAsk | null;
}

/** A first set that was met week after week. Load in hundredths. */
interface MetAsk {
  readonly since: number;
  readonly load: Hundredths;
  readonly reps: number;
  readonly rir: number;
}

/** A slot before its first week. */
export function beginHistory({ technique }: Pick<Slot, 'technique'>): SlotHistory {
  return {
    exposures: [],
    last: new Map(),
    reps: [],
    lastLogged: null,
    technique,
    earned: false,
    heldMax: null,
    met: null,
  };
}

/** Set 1 of a slot last time, its load a decimal; null if there was none. */
export function lastFirstSet({ last }: SlotHistory): { readonly load: number; readonly reps: number } | null {
  const [first] = last.values();
  return first === undefined ? null : { load: decimal(first.load), reps: first.reps };
}

/** Exposures considered for current strength. */
const EXPOSURES = 2;

/**
 * A slot's strength in a week: the best first set of its last two exposures, or the later one if it met its target and
 * was closer to failure, which says more. Otherwise its starting strength. Projected by the gain of every pass after
 * the one following the last exposure, or following the first of several in which the same set was asked for and met.
 * @param gains projected gain of each pass, per cent of the pass
 * @param pass calendar weeks per pass
 */
export function strengthAt(
  { start }: Pick<SlotFacts, 'start'>,
  { exposures, met }: Pick<SlotHistory, 'exposures' | 'met'>,
  week: number,
  gains: readonly number[],
  pass: number,
): Strength | null {
  const recent = exposures.slice(-EXPOSURES);
  const [first, second] = recent;
  const isLater =
    first !== undefined &&
    second !== undefined &&
    (second.oneRepMax >= first.oneRepMax ||
      (second.isMissed !== true && second.source.rir < first.source.rir));
  const best = (isLater ? second : first) ?? start;
  if (best === null) return null;
  const from = met?.since ?? recent.at(-1)?.week ?? 0;
  // A loop over few numbers: this runs for every slot and week, a thousand times per keystroke.
  let growth = 1;
  let ahead = 0;
  for (let at = from + 1; at < week; at++) {
    growth *= 1 + (gains[at] ?? gains.at(-1) ?? 0) / 100;
    ahead++;
  }
  const weeksAhead = ahead * pass;
  return {
    source: best.source,
    ...otherExposure(best, isLater ? first : second),
    measured: best.oneRepMax,
    oneRepMax: best.oneRepMax * growth,
    weeksAhead,
    // The mean per week: passes may be in phases with different gains.
    gainPercent: ahead === 0 ? (gains[week - 1] ?? 0) / pass : (growth ** (1 / weeksAhead) - 1) * 100,
  };
}

/** The other exposure considered: weaker, or stronger but further from failure. */
function otherExposure(best: StrengthEstimate, other: StrengthEstimate | undefined): Pick<Strength, 'over'> {
  if (other === undefined || other.source.kind !== 'logged') return {};
  const { week, load, reps, rir } = other.source;
  return { over: { week, load, reps, rir, why: other.oneRepMax > best.oneRepMax ? 'easier' : 'weaker' } };
}

/** A set of a slot as it counts for next time. */
interface DoneSet {
  readonly set: SetPlan;
  readonly load: Hundredths;
  readonly reps: number;
  /** Whether its reps were done with its load. */
  readonly met: boolean;
  /** Whether it also kept the RIR it asked for, to less than a rep. */
  readonly keptRir: boolean;
  /** Reps of all its sections. */
  readonly total: number;
  /** Partial reps among them, and seconds held after them. */
  readonly partials: number;
  readonly held: number;
  /** Form was not clean: counted as done, but not as a reason for more. */
  readonly unclean: boolean;
}

function loggedSets(
  { exercise, grid }: SlotFacts,
  planned: SlotPlan,
  performed: Performed,
): readonly DoneSet[] {
  const done: DoneSet[] = [];
  for (const set of planned.sets) {
    const logged = performed.sets.get(`${planned.slotId}/${set.id}`)?.set;
    if (logged === undefined || logged.exerciseId !== exercise.id) continue;
    const load = hundredths(valueIn(grid.unit, logged.load));
    const { rir, more } = logged;
    const unclean = more?.unclean === true;
    // Unclean reps are no reason to plan more of them.
    const reps = unclean ? Math.min(logged.reps, set.reps) : logged.reps;
    done.push({
      set,
      load,
      reps,
      met: !unclean && reps >= set.reps && (set.load === null || load >= hundredths(set.load)),
      keptRir: !isAtMost(rir, set.rir - HARDER_RIR),
      total: reps + (more?.partials ?? 0) + (more?.assisted ?? 0),
      partials: more?.partials ?? 0,
      held: more?.held ?? 0,
      unclean,
    });
  }
  return done;
}

function plannedSets({ sets, technique }: SlotPlan): readonly DoneSet[] {
  const done: DoneSet[] = [];
  const banks = banksReps(technique);
  for (const set of sets) {
    if (set.load === null || set.optional) continue;
    const after = afterReps(set.sections);
    const foreseen = banks ? foreseenReps(set) : set.reps;
    done.push({
      set,
      load: hundredths(set.load),
      reps: set.reps,
      // A projection only continues from sets the athlete is predicted to complete.
      met: set.predictedRir === null || isAtLeast(set.predictedRir, set.rir - HARDER_RIR),
      keptRir: true,
      total: foreseen + after.partials,
      partials: after.partials,
      held: after.held,
      unclean: false,
    });
  }
  return done;
}

/** The reps of a set to failure that are predicted, if they are fewer than asked. */
function foreseenReps({ reps, predictedRir }: SetPlan): number {
  return predictedRir === null ? reps : Math.max(1, roundHalfUp(reps + Math.min(0, predictedRir)));
}

/**
 * The history after a building week: what was logged, and what was planned if nothing was. Strength comes from the
 * first logged set; the technique advances a step.
 */
export function historyAfterWeek(
  facts: SlotFacts,
  history: SlotHistory,
  planned: SlotPlan,
  performed: Performed | null,
  week: number,
): SlotHistory {
  const { estimating } = facts;
  const logged = performed === null ? [] : loggedSets(facts, planned, performed);
  const isLogged = logged.length > 0;
  // Skipped or swapped: nothing to continue from.
  if (performed?.workout.finished === true && !isLogged) return history;
  const strength =
    performed !== null && isLogged
      ? loggedStrength(facts, history.exposures.at(-1) ?? facts.start, planned, performed, week)
      : null;
  const exposures =
    strength === null || !measuresStrength(planned.technique)
      ? history.exposures
      : [...history.exposures, strength];
  // A week whose first set is no evidence of strength keeps the previous one's.
  const lastLogged = isLogged ? (strength === null ? history.lastLogged : week) : null;
  const done = isLogged ? logged : plannedSets(planned);
  const [first] = done;
  const heldMax = planned.heldMax ?? history.heldMax;
  if (first === undefined) return { ...history, exposures, lastLogged, heldMax };
  const met = (!isLogged || done.length >= askedOf(planned)) && done.every((one) => one.met);
  const { last, running } = lastTimes(facts, history, done, { met, isLogged }, estimating);
  const reps = done.flatMap(({ set, reps: each }) =>
    set.piece === 1 && set.role === first.set.role ? [each] : [],
  );
  return {
    exposures,
    last,
    reps,
    lastLogged,
    heldMax,
    met: isLogged ? metAfter(history, first, strength === null ? null : week) : history.met,
    ...techniqueAfter(facts, history, planned, done, { met, running }),
  };
}

/** The first set that is met week after week, once another week was logged; a week without strength keeps it. */
function metAfter(
  { met: before }: SlotHistory,
  { set, met, keptRir, reps, load }: DoneSet,
  week: number | null,
): MetAsk | null {
  if (week === null) return before;
  if (!met || !keptRir || reps !== set.reps) return null;
  const { rir } = set;
  const isSame = before?.load === load && before.reps === reps && before.rir === rir;
  return isSame ? before : { since: week, load, reps, rir };
}

/** The first set of each part as the new last time. */
function lastTimes(
  facts: SlotFacts,
  history: SlotHistory,
  done: readonly DoneSet[],
  { met, isLogged }: { readonly met: boolean; readonly isLogged: boolean },
  estimating: Estimating,
): { readonly last: SlotHistory['last']; readonly running: number } {
  const last = new Map(history.last);
  let role: Role | null = null;
  let running = 0;
  done.forEach((one, at) => {
    // Parts follow each other, so a new role starts a new part.
    if (one.set.role === role) return;
    role = one.set.role;
    const before = last.get(role);
    const load = isLogged ? nearestLoad(facts.grid, one.load) : one.load;
    running = met ? (before?.load === load ? before.running : 0) + 1 : 0;
    let least = one.reps;
    for (let next = at + 1; done[next]?.set.role === role; next++) {
      const { set, reps } = done[next] as DoneSet;
      if (set.piece === 1 && reps < least) least = reps;
    }
    const ideal = idealOf(facts, before, one, load, estimating);
    last.set(role, { load, reps: one.reps, least, met, running, ideal, missed: missedAfter(before, one) });
  });
  return { last, running };
}

/** The ask that was missed in reps and is still open after a set, logged or planned: done in full, it is gone. */
function missedAfter(before: LastTime | undefined, { set, load, reps }: DoneSet): LastTime['missed'] {
  const asked = set.load === null ? null : hundredths(set.load);
  if (asked !== null && load <= asked && reps < set.reps) return { load: asked, reps: set.reps };
  const open = before?.missed ?? null;
  return open !== null && load >= open.load && reps >= open.reps ? null : open;
}

function askedOf({ sets }: SlotPlan): number {
  return sets.reduce((sum, { optional }) => sum + (optional ? 0 : 1), 0);
}

/** The load the slot's rule aimed at before rounding; starts over if another load was done than planned. */
function idealOf(
  { slot, carried }: SlotFacts,
  before: LastTime | undefined,
  { set, load: done }: DoneSet,
  load: Hundredths,
  { conventions, pass }: Estimating,
): Hundredths {
  const { carries } = RULES[slot.loadRule];
  if (carries === undefined || before === undefined || set.load === null) return load;
  if (hundredths(set.load) !== done) return load;
  return carries({ carried, step: slot.loadStep, pass, conventions }, before.ideal);
}

/** The technique advanced by a step, unless the coach has changed it since the week was planned. */
function techniqueAfter(
  { slot }: SlotFacts,
  { technique, earned }: SlotHistory,
  planned: SlotPlan,
  done: readonly DoneSet[],
  { met, running }: Pick<LastTime, 'met' | 'running'>,
): Pick<SlotHistory, 'technique' | 'earned'> {
  if (techniqueProgress(technique) !== 'earned' && !hasOwnProgress(technique)) return { technique, earned };
  const summary = {
    first: done[0]?.reps ?? 0,
    total: done.reduce((sum, one) => sum + one.total, 0),
    sets: done.length,
    least: Math.min(...done.map(({ reps }) => reps)),
    met,
    running,
    ...closingOf(done),
  };
  const isClean = done.every(({ unclean }) => !unclean);
  const goesOn = isClean && hasOwnProgress(technique) && sameTechnique(technique, planned.technique);
  return {
    earned: isClean && isEarned(technique, summary, slot),
    technique: goesOn ? nextParameters(technique, summary, slot) : technique,
  };
}

/** The last set followed by sections, as done and planned. */
function closingOf(done: readonly DoneSet[]): Pick<Done, 'closing'> {
  const last = done.findLast(({ set }) => set.sections.length > 0);
  if (last === undefined) return {};
  const { reps, partials, held, set } = last;
  return { closing: { full: reps, partials, held, asked: set.reps } };
}

/** Whether two techniques are equal apart from their number of sets. */
function sameTechnique(a: TechniqueParameters, b: TechniqueParameters): boolean {
  return isEqual(withSetCount(a, 1), withSetCount(b, 1));
}
