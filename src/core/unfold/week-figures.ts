import { type Muscle, type PerMuscle, perMuscle } from '../anatomy/muscle';
import { type Athlete, hardSessions, type Phase } from '../athlete/athlete';
import type { Block } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import type { MuscleWeek, WeekPlan } from '../plan/week';
import { wholeBodyBudget } from '../volume/budget';
import { muscleGoal } from '../volume/goal';
import type { LandmarkTrace } from '../volume/landmarks';
import type { Credited, SessionCredit } from './session-credit';

/** What a week counts toward a muscle. */
interface MuscleSums {
  /** By the block's counting. */
  readonly sets: number;
  readonly fractional: number;
  readonly direct: number;
  readonly frequency: number;
  readonly directFrequency: number;
  readonly parts: readonly Credited[];
}

/** Sums over the sessions of a pass, per seven days. */
export interface WeekSums {
  readonly hardSets: number;
  readonly of: (muscle: Muscle) => MuscleSums;
}

/** A muscle's sums over the sessions of a pass. */
interface Sums {
  total: number;
  fractional: number;
  direct: number;
  exposures: number;
  directExposures: number;
  readonly parts: Map<string, Credited>;
}

/**
 * What the sessions of a pass count toward muscles per week.
 * @param sessions that count: without optional ones that were not done
 */
export function weekSums(
  sessions: readonly SessionCredit[],
  cycleDays: number,
  conventions: Conventions,
): WeekSums {
  const perWeek = 7 / cycleDays;
  const sums = new Map<Muscle, Sums>();
  let performed = 0;
  for (const given of sessions) {
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
  return {
    hardSets: performed * perWeek,
    of: (muscle) => {
      const sum = sums.get(muscle) ?? NOTHING;
      return {
        sets: sum.total * perWeek,
        fractional: sum.fractional * perWeek,
        direct: sum.direct * perWeek,
        frequency: sum.exposures * perWeek,
        directFrequency: sum.directExposures * perWeek,
        parts: [...sum.parts.values()],
      };
    },
  };
}

/** The standards a week is measured by. */
export interface Measuring extends Pick<Block, 'cycleDays' | 'activities' | 'goals' | 'crediting'> {
  readonly athlete: Athlete;
  readonly phase: Phase;
  readonly landmarks: PerMuscle<LandmarkTrace>;
  readonly conventions: Conventions;
}

/**
 * Counted sets, exposures and volume ranges of every muscle, and the week's hard sets against the budget.
 * @param sessions that count
 */
export function weekFigures(
  block: Measuring,
  ...sessions: readonly SessionCredit[]
): Pick<WeekPlan, 'muscles' | 'hardSets' | 'budget' | 'whyHardSets'> {
  const { athlete, phase, landmarks, conventions } = block;
  const { hardSets, of } = weekSums(sessions, block.cycleDays, conventions);
  const laid = (block.activities.filter(({ hard }) => hard).length * 7) / block.cycleDays;
  const budget = wholeBodyBudget(athlete, phase, conventions, laid);
  return {
    muscles: perMuscle((muscle): MuscleWeek => {
      const trace = landmarks[muscle];
      const { sets, fractional, direct, frequency, directFrequency, parts } = of(muscle);
      const measured = trace.school === 'fixed dose' ? direct : fractional;
      const goal = muscleGoal(block, athlete, muscle);
      return {
        muscle,
        goal,
        sets,
        measured,
        ...(trace.school === 'fixed dose' ? { fractional } : {}),
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
          direct,
          frequency,
          directFrequency,
          parts,
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
      hardSport: Math.max(laid, hardSessions(athlete)),
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
