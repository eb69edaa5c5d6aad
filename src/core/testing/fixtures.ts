import { type Athlete, type BestSet, WEEKLY_CHECK_IN } from '../athlete/athlete';
import type { Place } from '../athlete/place';
import { type Block, emptyBlock, type Session, type Slot } from '../block/block';
import { newSlot } from '../block/new-slot';
import { addDays } from '../calendar';
import { NO_CONVENTIONS } from '../conventions/own-conventions';
import { USUAL_EFFORT } from '../effort/curves';
import { EQUIPMENT, type Loading } from '../exercises/exercise';
import { exerciseById, LIBRARY } from '../exercises/library';
import type { ExerciseLookup } from '../exercises/lookup';
import type { EquipmentSet, Stack } from '../loading/equipment';
import type { Log, LoggedSet, Workout } from '../log/log';
import type { IssuedWeek } from '../plan/week-state';
import { freezeWeek } from '../unfold/issue';
import { hundredths } from '../units';

const STACK: Stack = { unit: 'kg', first: 5, step: 5, last: 250, addOns: [2.5], loosePlates: [] };

/** Invented people and blocks for tests and benchmarks. */
export const HALL: EquipmentSet = {
  barbell: {
    unit: 'kg',
    bar: 20,
    plates: [
      { weight: 25, pairs: 4 },
      { weight: 20, pairs: 2 },
      { weight: 15, pairs: 1 },
      { weight: 10, pairs: 2 },
      { weight: 5, pairs: 2 },
      { weight: 2.5, pairs: 2 },
      { weight: 1.25, pairs: 1 },
    ],
  },
  dumbbell: { unit: 'kg', weights: Array.from({ length: 25 }, (_, at) => 2 + 2 * at) },
  stack: STACK,
  cable: STACK,
  heavyStack: STACK,
  plateLoaded: {
    unit: 'kg',
    bar: 10,
    plates: [
      { weight: 20, pairs: 4 },
      { weight: 10, pairs: 2 },
      { weight: 5, pairs: 2 },
      { weight: 2.5, pairs: 1 },
    ],
  },
  bodyweight: { unit: 'kg', assistance: [10, 20, 30, 40], belt: [1.25, 2.5, 5, 10, 20] },
  bands: {
    unit: 'kg',
    levels: [
      { name: 'light', weight: 8 },
      { name: 'medium', weight: 16 },
      { name: 'strong', weight: 28 },
    ],
  },
};

/** All equipment. */
export const HALL_PLACE: Place = { id: 'hall', name: 'hall', equipment: EQUIPMENT, loads: HALL };

export function athlete(changes: Partial<Athlete> = {}): Athlete {
  return {
    id: 'a1',
    name: 'Test Person',
    level: 'intermediate',
    phases: [{ from: '2026-01-01', phase: 'holding' }],
    unit: 'kg',
    timeZone: 'Europe/Oslo',
    bodyweight: { value: 80, unit: 'kg' },
    minutes: 75,
    trainingSince: null,
    days: [0, 1, 2, 3, 4, 5, 6],
    sport: [],
    style: 'standard',
    answering: 'ask for all',
    places: [HALL_PLACE],
    goals: {},
    joints: [],
    setUps: {},
    depths: {},
    learned: {},
    effort: USUAL_EFFORT,
    conventions: NO_CONVENTIONS,
    ranges: {},
    dates: [],
    checkIn: WEEKLY_CHECK_IN,
    lessons: [],
    bestSets: Object.fromEntries(LIBRARY.map((exercise) => [exercise.id, bestSet(exercise.loading)])),
    landmarks: {},
    ...changes,
  };
}

function bestSet(loading: Loading): BestSet {
  const loads: Partial<Record<Loading, number>> = {
    barbell: 80,
    dumbbell: 24,
    stack: 60,
    cable: 60,
    'heavy stack': 60,
    'plate-loaded': 60,
    band: 16,
    bodyweight: 0,
    none: 0,
  };
  return { load: { value: loads[loading] ?? 20, unit: 'kg' }, reps: 10, rir: 2, date: null };
}

export function slot(id: string, exerciseId: string, changes: Partial<Slot> = {}): Slot {
  const exercise = exerciseById(exerciseId);
  if (exercise === undefined) throw new Error(`no exercise ${exerciseId}`);
  return {
    ...newSlot(id, exercise),
    technique: { kind: 'straight', sets: 3 },
    range: { low: 8, high: 12 },
    ...changes,
  };
}

export function session(id: string, day: number, slots: readonly Slot[]): Session {
  return { id, name: `Session ${id}`, day, place: null, optional: false, weeks: [], slots };
}

export function block(sessions: readonly Session[], changes: Partial<Block> = {}): Block {
  return { ...emptyBlock('Test block', '2026-11-02'), sessions, ...changes };
}

export const lookup: ExerciseLookup = (ref) => exerciseById(ref.id);

/** A block with this many weeks, sessions and slots, every session different. */
export function largeBlock(weeks: number, sessions: number, slots: number): Block {
  return block(
    Array.from({ length: sessions }, (_, s) =>
      session(
        `s${s}`,
        s,
        Array.from({ length: slots }, (_, k) => {
          const exercise = LIBRARY[(s * slots + k) % LIBRARY.length];
          return slot(`s${s}-${k}`, exercise?.id ?? 'leg-press', k === 0 ? { technique: TOP } : {});
        }),
      ),
    ),
    { weeks },
  );
}

/** A top set and two back-offs, twelve per cent lighter, with four reps more. */
export const TOP = {
  kind: 'top + back-offs',
  backOffs: 2,
  drop: 0.12,
  topRir: 1,
  backOffReps: 4,
  topToFailure: false,
  topPartials: 0,
  backOffPartials: 0,
  half: 'easier half',
  backOffRule: 'the top set',
} as const;

/** How simulated sets of a week are done: reps and RIR relative to the plan. */
export type Doing = (asked: { readonly id: string; readonly reps: number; readonly rir: number }) => {
  readonly reps: number;
  readonly rir: number;
};

/** Sends a week and logs all of its sets. */
export function performWeek(
  state: {
    readonly block: Block;
    readonly athlete: Athlete;
    readonly issued: readonly IssuedWeek[];
    readonly log: Log;
  },
  week: number,
  doing: Doing = ({ reps, rir }) => ({ reps, rir }),
): { readonly issued: readonly IssuedWeek[]; readonly log: Log } {
  const frozen = freezeWeek({ ...state, exercises: lookup, answers: [] }, week, {
    id: `i${week}`,
    at: '2026-11-02T00:00:00Z',
  });
  if (!frozen.ok) throw new Error(JSON.stringify(frozen.refusal));
  const workouts: Workout[] = [];
  const sets: LoggedSet[] = [];
  for (const planned of frozen.value.plan.sessions) {
    const workout: Workout = {
      id: `w${week}-${planned.sessionId}`,
      week,
      sessionId: planned.sessionId,
      date: addDays(frozen.value.plan.startDate, planned.day),
      finished: true,
      notes: [],
    };
    workouts.push(workout);
    for (const one of planned.slots) {
      for (const set of one.sets) {
        sets.push({
          id: `${workout.id}/${one.slotId}/${set.id}`,
          workoutId: workout.id,
          slotId: one.slotId,
          setId: set.id,
          exerciseId: one.exerciseId,
          load: { value: hundredths(set.load ?? 40) / 100, unit: one.unit },
          ...doing(set),
          at: '2026-11-02T10:00:00Z',
          supersedes: null,
        });
      }
    }
  }
  return {
    issued: [...state.issued, frozen.value],
    log: {
      workouts: [...state.log.workouts, ...workouts],
      sets: [...state.log.sets, ...sets],
      soreness: state.log.soreness,
    },
  };
}
