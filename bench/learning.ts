import {
  type Athlete,
  addDays,
  type Block,
  blockExposures,
  blockLessons,
  catalogueWith,
  chosenCurve,
  conventionsOf,
  LANDMARKS,
  type Muscle,
  type PlayedBlock,
  type Reviewed,
  withAppliedLesson,
} from '../src/core';
import { driftPerSet } from '../src/core/effort/drift';
import { personalCurve } from '../src/core/effort/rep-max';
import { Memo } from '../src/core/memo';
import { usualModel } from '../src/core/simulation/model';
import { randomFrom } from '../src/core/simulation/random';
import { type Rails, Simulated } from '../src/core/simulation/simulated-athlete';
import { block, session, slot, athlete as someone } from '../src/core/testing/fixtures';
import { simulateBlock } from '../src/core/unfold/unfold';

/**
 * `tsx bench/learning.ts [ATHLETES]`: simulates athletes whose true drop-off, rep-max curve and volume ranges the
 * engine does not know. Each trains three blocks and applies what each review teaches. Prints how far the engine's
 * assumptions are from the truth before the first block and after each one.
 */
const ATHLETES = Number(process.argv[2] ?? 100);
const BLOCKS = 3;
const catalogue = catalogueWith([]);
const MUSCLES: readonly Muscle[] = ['chest', 'quads', 'lats'];

const sets = (many: number) => ({ technique: { kind: 'straight', sets: many } as const, rest: 120 });

/**
 * Three muscles trained from well below to well above what most athletes tolerate, in two rep ranges, so that a curve
 * can be fitted.
 */
function plan(startDate: string): Block {
  const day = (id: string, at: number, high: boolean) =>
    session(
      id,
      at,
      ['chest-press-machine', 'hack-squat', 'neutral-pulldown'].map((exercise) =>
        slot(`${id}-${exercise}`, exercise, {
          ...sets(2),
          // Three weeks below the usual minimum, then one set more per session each week until well above the usual
          // maximum.
          weeks: [2, 2, 3, 4, 5, 6, 7].map((sets, at) => ({
            week: at + 2,
            sets,
            load: null,
            reps: null,
            rir: null,
          })),
          range: high ? { low: 12, high: 18 } : { low: 6, high: 10 },
        }),
      ),
    );
  return { ...block([day('a', 0, false), day('b', 3, true)], { weeks: 8 }), startDate };
}

interface Truth {
  readonly drift: number;
  readonly slope: number;
  readonly rails: ReadonlyMap<Muscle, Rails>;
}

interface Off {
  readonly drift: number;
  readonly curve: number;
  readonly ceiling: number;
  readonly floor: number;
}

const mean = (list: readonly number[]) => list.reduce((sum, one) => sum + one, 0) / list.length;

/** How far the engine's assumptions about an athlete are from the truth, each as a fraction of the true value. */
function off(who: Athlete, truth: Truth): Off {
  const own = conventionsOf({ own: who.conventions, block: {} });
  const usual = conventionsOf({ own: someone().conventions, block: {} });
  const factor = driftPerSet(120, own) / driftPerSet(120, usual);
  const reps = [6, 8, 10, 14, 18];
  const [assumed, real] = [chosenCurve(who.effort), personalCurve(truth.slope)];
  const apart = reps.map((n) => {
    // Compares curves from eight reps on only, because strength itself is estimated from the sets.
    const share = (curve: typeof real) => curve.fraction(n) / curve.fraction(8);
    return Math.abs(share(assumed) / share(real) - 1);
  });
  const rail = (which: keyof Rails) =>
    mean(
      MUSCLES.map((muscle) => {
        const real = truth.rails.get(muscle)?.[which] ?? 1;
        return Math.abs((who.learned[muscle]?.[which] ?? LANDMARKS[muscle][which]) / real - 1);
      }),
    );
  return {
    drift: Math.abs(factor / truth.drift - 1),
    curve: mean(apart),
    ceiling: rail('ceiling'),
    floor: rail('floor'),
  };
}

function reviewed(played: PlayedBlock, of: Block, who: Athlete): Reviewed {
  const { weeks, observations } = played;
  const done = weeks.flatMap(({ performed }) => [...performed.values()]);
  return {
    block: of,
    athlete: who,
    blockPlan: { weeks, observations, proposals: [], currentWeek: weeks.length },
    log: {
      workouts: done.map(({ workout }) => workout),
      sets: done.flatMap(({ sets: list }) => [...list.values()].map(({ set }) => set)),
      soreness: [],
    },
    checkIns: [],
    exposures: blockExposures(weeks, who, catalogue.newest),
    exercises: catalogue.find,
    conventions: conventionsOf({ own: who.conventions, block: of.conventions }),
    today: addDays(of.startDate, 7 * weeks.length),
  };
}

const offs: Off[][] = Array.from({ length: BLOCKS + 1 }, () => []);
for (let seed = 1; seed <= ATHLETES; seed++) {
  const random = randomFrom(seed);
  const truth: Truth = {
    drift: 0.5 + 1.5 * random(),
    slope: 0.02 + 0.025 * random(),
    rails: new Map(
      MUSCLES.map((muscle) => {
        const { floor, ceiling } = LANDMARKS[muscle];
        return [muscle, { floor: floor * (0.4 + 0.4 * random()), ceiling: ceiling * (0.4 + 0.3 * random()) }];
      }),
    ),
  };
  let who = someone();
  offs[0]?.push(off(who, truth));
  for (let at = 1; at <= BLOCKS; at++) {
    const of = plan(addDays('2026-11-02', 63 * (at - 1)));
    const model = {
      ...usualModel('intermediate'),
      drift: truth.drift,
      landmarkSpread: 0,
      wear: 5,
      missed: 0,
    };
    const usual = conventionsOf({ own: someone().conventions, block: {} });
    const simulated = new Simulated(
      model,
      random,
      personalCurve(truth.slope),
      usual,
      ({ exerciseId }) => catalogue.newest(exerciseId),
      (muscle) => truth.rails.get(muscle) ?? LANDMARKS[muscle],
    );
    const played = simulateBlock(
      { block: of, athlete: who, exercises: catalogue.find },
      new Memo(),
      ({ kind }) => kind === 'load',
      (week) => simulated.train(week),
    );
    for (const lesson of blockLessons(reviewed(played, of, who)))
      who = withAppliedLesson(who, `b${at}`, lesson, '');
    offs[at]?.push(off(who, truth));
  }
}
const meanOf = (list: readonly Off[], key: keyof Off) => mean(list.map((one) => one[key]));
console.log(
  `${ATHLETES} simulated athletes, ${BLOCKS} blocks each: how far off what is assumed of them is, mean share`,
);
for (const key of ['drift', 'curve', 'ceiling', 'floor'] as const) {
  const line = offs.map((list) => `${(100 * meanOf(list, key)).toFixed(1)} %`);
  const left = meanOf(offs[BLOCKS] ?? [], key) / meanOf(offs[0] ?? [], key);
  console.log(`  ${key}: ${line.join(' → ')}  (${left.toFixed(2)} of the first)`);
}
