import { type Muscle, type PerMuscle, perMuscle } from '../anatomy/muscle';
import { type Athlete, hardSessions, type Phase } from '../athlete/athlete';
import type { Block, Session } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import { type Exercise, primeMovers } from '../exercises/exercise';
import type { LoadGrid } from '../loading/grid';
import { type WarmUpSet, warmUpRamp } from '../loading/warm-up-ramp';
import { hundredths } from '../loading/weight';
import type { Reason } from '../reason';
import { partsOf } from '../techniques/registry';
import { fullReps } from '../timing/full-reps';
import { sessionTime, type TimedSlot } from '../timing/session-time';
import { secondsPerRep } from '../timing/tempo';
import { wholeBodyBudget } from '../volume/budget';
import { goalOf } from '../volume/goal';
import type { LandmarkTrace } from '../volume/landmarks';
import type { LadderSession, LadderSlot, MuscleWeek } from './ladder';
import { type Credited, sessionCredit } from './session-credit';

/** What is known of a slot's exercise and of the loads at hand. */
export type Facts = (slot: LadderSlot) => {
  readonly exercise: Exercise;
  /** The exercise in another set-up, for slots whose set-up rotates. */
  readonly inVariant: (variant: string) => Exercise;
  readonly grid: LoadGrid;
  readonly carried: number;
};

/** Ramp sets assumed while the work load is still looked for. */
const RAMP_UNKNOWN = [10, 5];

/** A session's slots with warm-up ramps, its length and its working sets. */
export function sessionFigures(
  session: Session,
  slots: readonly LadderSlot[],
  facts: Facts,
  block: Pick<Block, 'time'>,
  conventions: Conventions,
): LadderSession {
  const warm = new Set<Muscle>();
  const ranges = new Map(session.slots.map((slot) => [slot.id, slot]));
  const timed: TimedSlot[] = [];
  const withRamps = slots.map((slot, at): LadderSlot => {
    const { exercise, grid, carried } = facts(slot);
    const held = exercise.measure === 'seconds';
    const movers = primeMovers(exercise);
    const cold = movers.some((muscle) => !warm.has(muscle));
    for (const muscle of movers) warm.add(muscle);
    const [first] = slot.sets;
    let warmUp: readonly WarmUpSet[] = [];
    if (cold && !held && first !== undefined && first.load !== null) {
      warmUp = warmUpRamp(
        { load: hundredths(first.load), reps: first.reps, general: at === 0, carried: carried * 100 },
        grid,
        conventions,
      );
    }
    const pieces = slot.sets.reduce((sum, { piece }) => sum + (piece > 1 ? 1 : 0), 0);
    timed.push({
      secondsPerRep: secondsPerRep(slot, conventions),
      sides: exercise.sides,
      rest: slot.rest,
      sets: repSpans(slot, ranges.get(slot.slotId)),
      rounds: slot.sets.length - pieces,
      inner: pieces === 0 ? 0 : innerRest(slot),
      joined: slot.joined,
      stretch: slot.stretch?.seconds ?? 0,
      warmUps: cold && !held && first?.load === null ? RAMP_UNKNOWN : warmUp.map(({ reps }) => reps),
    });
    return { ...slot, warmUp };
  });
  const time = sessionTime(timed, block.time, conventions);
  return {
    sessionId: session.id,
    name: session.name,
    day: session.day,
    place: session.place,
    optional: session.optional,
    slots: withRamps,
    seconds: { low: time.low, high: time.high },
    whySeconds: { code: 'minutes', mode: block.time, ...time },
    sets: slots.reduce((sum, slot) => sum + workingSets(slot), 0),
  };
}

/** Working sets of a slot: rounds where mini-sets make them, without optional ones. */
export function workingSets({ sets }: Pick<LadderSlot, 'sets'>): number {
  return sets.reduce(
    (sum, { piece, optional, role }) => sum + (piece === 1 && !optional && role !== 'easy' ? 1 : 0),
    0,
  );
}

/** Seconds of rest inside the rounds of a slot. */
function innerRest({ sets }: LadderSlot): number {
  return sets.reduce((sum, { piece }, at) => sum + (piece > 1 ? (sets[at - 1]?.rest ?? 0) : 0), 0);
}

/** Reps at both ends of the range for each planned set; what the range does not bind as asked. */
function repSpans(
  slot: LadderSlot,
  written: Session['slots'][number] | undefined,
): { low: number; high: number }[] {
  const easy = written === undefined || slot.why.sets.code === 'sets/easy';
  const parts = easy ? [] : partsOf(slot.technique);
  return slot.sets.map((set) => {
    const part = parts.find(({ role }) => role === set.role);
    if (written === undefined || part === undefined || set.piece > 1 || set.sections.length > 0) {
      const reps = fullReps(set);
      return { low: reps, high: reps };
    }
    if (part.range !== undefined) return part.range;
    return { low: written.range.low + part.repOffset, high: written.range.high + part.repOffset };
  });
}

/** A muscle's sums over the sessions of a week. */
interface Sums {
  /** As the block's school credits. */
  total: number;
  fractional: number;
  direct: number;
  exposures: number;
  directExposures: number;
  readonly parts: Map<string, Credited>;
}

/** Credited sets, exposures and landmarks of every muscle, and the week's hard sets against the budget. */
export function weekFigures(
  sessions: readonly LadderSession[],
  facts: Facts,
  week: {
    readonly block: Block;
    readonly athlete: Athlete;
    readonly phase: Phase;
    readonly kind: 'building' | 'deload';
    readonly landmarks: (phase: Phase) => PerMuscle<LandmarkTrace>;
  },
  conventions: Conventions,
): { muscles: Readonly<Record<Muscle, MuscleWeek>>; hardSets: number; budget: number; whyHardSets: Reason } {
  const { block, athlete, phase, kind } = week;
  const perWeek = 7 / block.cycleDays;
  const sums = new Map<Muscle, Sums>();
  let performed = 0;
  for (const session of sessions) {
    if (session.optional) continue;
    const given = sessionCredit(session, facts, { block, kind, conventions });
    performed += given.performed;
    for (const [muscle, { total, fractional, direct, parts }] of given.muscles) {
      const sum = sumsOf(sums, muscle);
      sum.total += total;
      sum.fractional += fractional;
      sum.direct += direct;
      if (fractional >= conventions.exposureCredit) sum.exposures++;
      if (direct >= conventions.exposureCredit) sum.directExposures++;
      for (const part of parts) {
        const before = sum.parts.get(part.exerciseId);
        sum.parts.set(
          part.exerciseId,
          before === undefined
            ? part
            : { ...before, sets: before.sets + part.sets, credit: before.credit + part.credit },
        );
      }
    }
  }
  const landmarks = week.landmarks(phase);
  const budget = wholeBodyBudget(athlete, phase, conventions);
  const hardSets = performed * perWeek;
  return {
    muscles: perMuscle((muscle): MuscleWeek => {
      const trace = landmarks[muscle];
      const sum = sums.get(muscle) ?? NOTHING;
      const sets = sum.total * perWeek;
      const measured = (trace.school === 'fixed dose' ? sum.direct : sum.fractional) * perWeek;
      const frequency = sum.exposures * perWeek;
      const directFrequency = sum.directExposures * perWeek;
      const goal = goalOf(block, athlete, muscle);
      return {
        muscle,
        goal,
        sets,
        measured,
        frequency,
        directFrequency,
        landmarks: trace.result,
        why: {
          code: 'volume',
          muscle,
          goal,
          landmarks: trace,
          cycleDays: block.cycleDays,
          crediting: block.crediting,
          sets,
          measured,
          direct: sum.direct * perWeek,
          frequency,
          directFrequency,
          parts: [...sum.parts.values()],
        },
      };
    }),
    hardSets,
    budget,
    whyHardSets: {
      code: 'budget',
      hardSets,
      budget,
      level: athlete.level,
      phase,
      hardSport: hardSessions(athlete),
    },
  };
}

const NOTHING: Sums = {
  total: 0,
  fractional: 0,
  direct: 0,
  exposures: 0,
  directExposures: 0,
  parts: new Map(),
};

function sumsOf(sums: Map<Muscle, Sums>, muscle: Muscle): Sums {
  let sum = sums.get(muscle);
  if (sum === undefined) {
    sum = { ...NOTHING, parts: new Map() };
    sums.set(muscle, sum);
  }
  return sum;
}
