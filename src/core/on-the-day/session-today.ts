import type { Athlete } from '../athlete/athlete';
import { missingEquipment, type Place } from '../athlete/place';
import type { Conventions } from '../conventions/conventions';
import { chosenCurve } from '../effort/curves';
import { type Exercise, primeMovers } from '../exercises/exercise';
import { isUnfilled } from '../exercises/unfilled-exercise';
import { carriedWeight } from '../loading/carried';
import { type LoadGrid, loadGrid, nearestLoad } from '../loading/grid';
import { warmUpRamp } from '../loading/warm-up-ramp';
import { type Unit, valueIn } from '../loading/weight';
import { plainSet } from '../plan/plain-set';
import type { SessionPlan } from '../plan/session';
import type { SetPlan } from '../plan/set';
import type { SlotPlan } from '../plan/slot';
import { failureReach } from '../techniques/registry';
import { asHundredths, decimal, hundredths } from '../units';
import { heldBackFromFailure, makeEasier } from './easier-day';
import type { NoteSummary, SkipReason } from './session-note';
import type { Instead, StartStrength } from './substitutes';

/** What the phone knows about the day. */
export interface Day {
  /** Where the session is trained. */
  readonly place: Place;
  /** Whether that differs from the plan. */
  readonly isElsewhere: boolean;
  readonly exercises: Readonly<Record<string, Exercise>>;
  /** By exercise id. */
  readonly starts: Readonly<Record<string, StartStrength | null>>;
  readonly athlete: Pick<Athlete, 'bodyweight' | 'unit' | 'effort'>;
  readonly conventions: Conventions;
}

/**
 * A session as trained today: at another place, with swapped, put off and extra exercises, made easier after a poor
 * night. Skipped exercises, by choice or because of pain, are not in it.
 */
export function sessionToday(session: SessionPlan, told: NoteSummary, day: Day): SessionPlan {
  const slots = session.slots.map((slot): SlotPlan => {
    const swap = told.swaps.get(slot.slotId);
    const exercise = swap === undefined ? undefined : day.exercises[swap.exerciseId];
    if (exercise !== undefined && exercise.id !== slot.exerciseId) return swapped(slot, exercise, day);
    return day.isElsewhere ? atPlace(slot, day) : slot;
  });
  const rescue = told.readiness?.rescue ?? null;
  const calm =
    rescue === null ? { ...session, slots } : makeEasier({ ...session, slots }, rescue, day.place.loads);
  const extra = told.extras.flatMap((note): SlotPlan[] => {
    const exercise = day.exercises[note.exerciseId];
    return exercise === undefined ? [] : [extraSlot(note.slotId, exercise, day)];
  });
  const all = [...calm.slots, ...extra].map((slot) => withExtraSets(slot, told.more.get(slot.slotId) ?? 0));
  const isIn = (slot: SlotPlan) => skipReason(slot, told, day) === null;
  const late = told.later.flatMap((slotId) => all.filter((slot) => slot.slotId === slotId && isIn(slot)));
  // A skipped or put-off slot leaves its group.
  const inTime = withoutGroup(all, (slot) => isIn(slot) && !late.includes(slot));
  const ordered = [...inTime, ...late.map((slot) => ({ ...slot, joined: false }))];
  return { ...session, slots: ordered, sets: ordered.reduce((sum, { sets }) => sum + sets.length, 0) };
}

/** Why a slot is not trained: skipped, painful, or it loads a clearly painful part; null: it is trained. */
export function skipReason(
  { slotId, exerciseId }: Pick<SlotPlan, 'slotId' | 'exerciseId'>,
  told: NoteSummary,
  { exercises }: Pick<Day, 'exercises'>,
): SkipReason | 'pain' | 'loads what hurts' | null {
  if (told.pains.has(slotId)) return 'pain';
  const skipped = told.skips.get(slotId);
  if (skipped !== undefined) return skipped;
  const clear = [...told.pains].filter(([, { grade }]) => grade !== 'slight');
  const exercise = exercises[exerciseId];
  const isLoading =
    clear.length > 0 &&
    exercise !== undefined &&
    loadsPainfulPart(exercise, { pains: new Map(clear) }, exercises);
  return isLoading ? 'loads what hurts' : null;
}

/** The remaining slots; if a group's first is gone, the next leads it. */
function withoutGroup(slots: readonly SlotPlan[], stays: (slot: SlotPlan) => boolean): readonly SlotPlan[] {
  return slots.flatMap((slot, at) => {
    if (!stays(slot)) return [];
    const leads =
      slot.joined &&
      !slots
        .slice(0, at)
        .reverse()
        .some((one, back, before) => {
          const open = before.slice(0, back).every(({ joined }) => joined);
          return open && stays(one);
        });
    return [leads ? { ...slot, joined: false } : slot];
  });
}

/**
 * Whether an exercise loads the painful part: the joint or, for a muscle, the prime movers of the exercise it was
 * felt in.
 */
export function loadsPainfulPart(
  exercise: Exercise,
  told: Pick<NoteSummary, 'pains'>,
  exercises: Day['exercises'],
): boolean {
  return [...told.pains.values()].some(({ where, exerciseId }) => {
    if (where === 'a muscle') {
      const felt = exercises[exerciseId];
      return (
        felt !== undefined && primeMovers(felt).some((muscle) => (exercise.contributions[muscle] ?? 0) > 0)
      );
    }
    return where === 'neck' || where === 'elsewhere' ? false : exercise.joints.includes(where);
  });
}

/** Substitutes possible today, best first: with equipment, without loading the painful part. */
export function insteadToday(
  list: readonly Instead[],
  told: NoteSummary,
  day: Pick<Day, 'place' | 'exercises'>,
  most = Number.POSITIVE_INFINITY,
): readonly Instead[] {
  const fit = list.filter(({ exerciseId, places }) => {
    const exercise = day.exercises[exerciseId];
    return (
      places.includes(day.place.id) &&
      exercise !== undefined &&
      !loadsPainfulPart(exercise, told, day.exercises)
    );
  });
  return fit.slice(0, most);
}

/** Whether a slot needs an exercise first: it is open, or the place lacks its equipment. */
export function mustChoose(
  slot: Pick<SlotPlan, 'exerciseId'>,
  day: Pick<Day, 'place' | 'exercises' | 'isElsewhere'>,
) {
  if (isUnfilled({ id: slot.exerciseId })) return true;
  const exercise = day.exercises[slot.exerciseId];
  return day.isElsewhere && exercise !== undefined && missingEquipment(exercise, day.place).length > 0;
}

const makeable = (grid: LoadGrid, load: number) =>
  decimal(nearestLoad(grid, asHundredths(Math.round(load * 100))));

/** The same work with another place's equipment. */
function atPlace(slot: SlotPlan, { place }: Day): SlotPlan {
  if (slot.loading === 'none') return slot;
  const grid = loadGrid(slot.loading, place.loads);
  const inUnit = (load: number) => valueIn(grid.unit, { value: load, unit: slot.unit });
  const sets = slot.sets.map((set) =>
    set.load === null ? set : { ...set, load: makeable(grid, inUnit(set.load)) },
  );
  const warmUp = slot.warmUp.map((set) => ({
    ...set,
    load: nearestLoad(grid, hundredths(inUnit(set.load / 100))),
  }));
  return { ...slot, unit: grid.unit, carried: inUnit(slot.carried), sets, warmUp };
}

/** Seconds of a hold per rep when it replaces an exercise counted in reps. */
const SECONDS_A_REP = 3;

/** Another exercise for the slot's work: its reps and RIR, at its own load. */
function swapped(slot: SlotPlan, exercise: Exercise, day: Day): SlotPlan {
  const calm =
    exercise.failableAlone || failureReach(slot.technique) === 'short of failure'
      ? slot
      : heldBackFromFailure(slot);
  const isHeld = exercise.measure === 'seconds';
  const sets = calm.sets.map((set) => ({
    ...set,
    variant: null,
    predictedRir: null,
    reps: isHeld && slot.measure !== 'seconds' ? set.reps * SECONDS_A_REP : set.reps,
  }));
  const { cue: _, ...first } = { cue: undefined, ...(sets[0] as SetPlan) };
  return loaded(
    {
      ...calm,
      exerciseId: exercise.id,
      exerciseRevision: exercise.revision,
      variant: null,
      note: '',
      tempo: null,
      motion: 'full',
      stretch: null,
      loading: exercise.loading,
      measure: exercise.measure,
      sets,
    },
    first,
    exercise,
    day,
  );
}

/** With loads from the exercise's starting strength; unknown without one. */
function loaded(
  slot: SlotPlan,
  first: Pick<SetPlan, 'reps' | 'rir' | 'load'>,
  exercise: Exercise,
  day: Day,
): SlotPlan {
  const grid = loadGrid(exercise.loading, day.place.loads);
  const carried = carriedWeight(exercise, day.athlete, grid.unit);
  const start = day.starts[exercise.id] ?? null;
  const base = { ...slot, unit: grid.unit, carried, oneRepMax: null, warmUp: [] };
  if (exercise.loading === 'none') return { ...base, sets: slot.sets.map((set) => ({ ...set, load: 0 })) };
  if (start === null || exercise.measure === 'seconds')
    return { ...base, sets: slot.sets.map((set) => ({ ...set, load: null })) };
  const oneRepMax = valueIn(grid.unit, { value: start.oneRepMax, unit: day.athlete.unit });
  const moved = loadForReps({ oneRepMax }, first.reps + first.rir, day);
  // Back-offs and drops keep their distance from the first set.
  const share = (load: number | null) =>
    first.load === null || load === null || slot.carried + first.load <= 0
      ? 1
      : (slot.carried + load) / (slot.carried + first.load);
  const sets = slot.sets.map((set) => ({ ...set, load: makeable(grid, moved * share(set.load) - carried) }));
  const work = sets[0]?.load ?? null;
  const warmUp =
    slot.warmUp.length === 0 || work === null
      ? []
      : warmUpRamp(
          { load: hundredths(work), reps: first.reps, general: false, carried: hundredths(carried) },
          grid,
          day.conventions,
        );
  return { ...base, oneRepMax, sets, warmUp };
}

/** The load, as moved, for this many reps to failure. */
function loadForReps(
  { oneRepMax }: Pick<StartStrength, 'oneRepMax'>,
  n: number,
  { athlete }: Pick<Day, 'athlete'>,
) {
  return oneRepMax * chosenCurve(athlete.effort).fraction(Math.max(1, n));
}

/** An exercise's starting load at a place, in its equipment's unit; null without a starting strength. */
export function startLoad(
  exercise: Exercise,
  start: StartStrength | null,
  n: number,
  day: Day,
): { readonly value: number; readonly unit: Unit } | null {
  if (start === null || exercise.loading === 'none' || exercise.measure === 'seconds') return null;
  const grid = loadGrid(exercise.loading, day.place.loads);
  const oneRepMax = valueIn(grid.unit, { value: start.oneRepMax, unit: day.athlete.unit });
  const carried = carriedWeight(exercise, day.athlete, grid.unit);
  return { value: makeable(grid, loadForReps({ oneRepMax }, n, day) - carried), unit: grid.unit };
}

/** Extra work: this many sets, in the middle of the usual range. */
const EXTRA = { sets: 3, reps: 10, rir: 2 };

function extraSlot(slotId: string, exercise: Exercise, day: Day): SlotPlan {
  const isHeld = exercise.measure === 'seconds';
  const reps = isHeld ? EXTRA.reps * SECONDS_A_REP : EXTRA.reps;
  const like = {
    reps,
    rir: EXTRA.rir,
    hard: true,
    credit: 1,
    rest: exercise.restSeconds,
    measuresStrength: true,
  };
  const sets = Array.from({ length: EXTRA.sets }, (_, at) => plainSet(`work-${at + 1}`, at + 1, like));
  const none = { code: 'not fetched' } as const;
  const slot: SlotPlan = {
    slotId,
    exerciseId: exercise.id,
    exerciseRevision: exercise.revision,
    variant: null,
    loading: exercise.loading,
    measure: exercise.measure,
    unit: day.athlete.unit,
    carried: 0,
    rest: exercise.restSeconds,
    tempo: null,
    technique: { kind: 'straight', sets: EXTRA.sets },
    gate: null,
    joined: false,
    motion: 'full',
    stretch: null,
    substitutes: [],
    override: null,
    note: '',
    sets,
    warmUp: [],
    oneRepMax: null,
    why: { rir: none, load: none, sets: none, reps: none },
  };
  return loaded(slot, { ...EXTRA, load: null }, exercise, day);
}

/** A slot with extra sets, each like its last whole one. */
function withExtraSets(slot: SlotPlan, more: number): SlotPlan {
  const last = slot.sets.findLast(({ piece }) => piece === 1);
  if (more === 0 || last === undefined) return slot;
  const rounds = Math.max(...slot.sets.map(({ round }) => round));
  const beyond = Array.from({ length: more }, (_, at) => ({
    ...last,
    id: `extra-${at + 1}`,
    round: rounds + at + 1,
    rest: slot.rest,
    measuresStrength: false,
    optional: false,
  }));
  return { ...slot, sets: [...slot.sets, ...beyond] };
}
