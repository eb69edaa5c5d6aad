import { type Muscle, type PerMuscle, perMuscle } from '../anatomy/muscle';
import { type Athlete, hardSessions, type Phase } from '../athlete/athlete';
import type { Block, Session } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import { credits, type Exercise, primeMovers } from '../exercises/exercise';
import type { LoadGrid } from '../loading/grid';
import { type WarmUpSet, warmUpRamp } from '../loading/warm-up-ramp';
import { hundredths } from '../loading/weight';
import type { Reason } from '../reason';
import { partsOf } from '../techniques/registry';
import { sessionTime, type TimedSlot } from '../timing/session-time';
import { secondsPerRep } from '../timing/tempo';
import { wholeBodyBudget } from '../volume/budget';
import { CREDITING } from '../volume/credit';
import { goalOf } from '../volume/goal';
import type { LandmarkTrace } from '../volume/landmarks';
import type { LadderSession, LadderSlot, MuscleWeek, PlannedSet } from './ladder';

type Facts = (slot: LadderSlot) => {
  readonly exercise: Exercise;
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
    timed.push({
      secondsPerRep: secondsPerRep(slot, conventions),
      sides: exercise.sides,
      rest: slot.rest,
      sets: repSpans(slot, ranges.get(slot.slotId)),
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
    sets: slots.reduce((sum, slot) => sum + slot.sets.length, 0),
  };
}

/** Reps at both ends of the range for each planned set; easy weeks and slots no longer in the block as asked. */
function repSpans(
  slot: LadderSlot,
  written: Session['slots'][number] | undefined,
): { low: number; high: number }[] {
  if (written === undefined || slot.why.sets.code === 'sets/easy')
    return slot.sets.map(({ reps }) => ({ low: reps, high: reps }));
  const offsets = new Map(partsOf(written.technique).map((part) => [part.role, part.repOffset]));
  return slot.sets.map(({ role }) => {
    const offset = offsets.get(role) ?? 0;
    return { low: written.range.low + offset, high: written.range.high + offset };
  });
}

interface Credited {
  readonly exerciseId: string;
  readonly contribution: number;
  sets: number;
  credit: number;
}

/** Credit that a set gives to a muscle in this week; deload weeks show what is performed. */
export function setCredit(
  set: Pick<PlannedSet, 'reps' | 'rir'>,
  share: number,
  block: Pick<Block, 'crediting'>,
  kind: 'building' | 'deload',
  conventions: Conventions,
): number {
  return kind === 'deload' ? share : CREDITING[block.crediting](set, share, conventions);
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
    const inSession = new Map<Muscle, { fractional: number; direct: number }>();
    for (const slot of session.slots) {
      const { exercise } = facts(slot);
      let counted = 0;
      for (const set of slot.sets) if (kind === 'deload' || set.hard) counted++;
      performed += counted;
      for (const [muscle, share] of credits(exercise)) {
        let credit = 0;
        for (const set of slot.sets) credit += setCredit(set, share, block, kind, conventions);
        if (counted === 0 && credit === 0) continue;
        const sum = sumsOf(sums, muscle);
        const here = inSession.get(muscle) ?? { fractional: 0, direct: 0 };
        inSession.set(muscle, here);
        sum.total += credit;
        sum.fractional += counted * share;
        here.fractional += counted * share;
        if (share === 1) {
          sum.direct += counted;
          here.direct += counted;
        }
        const part = sum.parts.get(exercise.id);
        if (part === undefined)
          sum.parts.set(exercise.id, { exerciseId: exercise.id, contribution: share, sets: counted, credit });
        else {
          part.sets += counted;
          part.credit += credit;
        }
      }
    }
    for (const [muscle, { fractional, direct }] of inSession) {
      const sum = sumsOf(sums, muscle);
      if (fractional >= conventions.exposureCredit) sum.exposures++;
      if (direct >= conventions.exposureCredit) sum.directExposures++;
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
