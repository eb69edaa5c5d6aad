import { type Muscle, type PerMuscle, perMuscle } from '../anatomy/muscle';
import { type Athlete, hardSessions, type Phase } from '../athlete/athlete';
import type { Block } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import type { MuscleWeek, WeekPlan } from '../plan/week';
import { wholeBodyBudget } from '../volume/budget';
import { goalOf } from '../volume/goal';
import type { LandmarkTrace } from '../volume/landmarks';
import type { Credited, SessionCredit } from './session-credit';

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
  sessions: readonly { readonly optional: boolean; readonly credit: SessionCredit }[],
  week: {
    readonly block: Block;
    readonly athlete: Athlete;
    readonly phase: Phase;
    readonly landmarks: PerMuscle<LandmarkTrace>;
  },
  conventions: Conventions,
): Pick<WeekPlan, 'muscles' | 'hardSets' | 'budget' | 'whyHardSets'> {
  const { block, athlete, phase, landmarks } = week;
  const perWeek = 7 / block.cycleDays;
  const sums = new Map<Muscle, Sums>();
  let performed = 0;
  for (const { optional, credit: given } of sessions) {
    if (optional) continue;
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
  const laid = block.activities.filter(({ hard }) => hard).length * perWeek;
  const budget = wholeBodyBudget(athlete, phase, conventions, laid);
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
