import {
  type Athlete,
  addDays,
  type Block,
  catalogueWith,
  conventionsOf,
  curveOf,
  exposuresIn,
  LANDMARKS,
  lessonsOf,
  type Muscle,
  type PlayedBlock,
  type Reviewed,
  withLesson,
} from '../src/core';
import { driftPerSet } from '../src/core/effort/drift';
import { personalCurve } from '../src/core/effort/rep-max';
import { Memo } from '../src/core/memo';
import { usualModel } from '../src/core/rehearsal/model';
import { randomFrom } from '../src/core/rehearsal/random';
import { Simulated } from '../src/core/rehearsal/simulated';
import { block, session, slot, athlete as someone } from '../src/core/testing/fixtures';
import { playBlock } from '../src/core/unfold/unfold';

/**
 * `tsx bench/learning.ts [ATHLETES]`: simulated athletes of whom drift, curve and ceilings are known to nobody but them live
 * three blocks each; what their reviews teach is taken over after each. Printed: how far off the athlete is assumed to be,
 * before the first block and after each.
 */
const ATHLETES = Number(process.argv[2] ?? 100);
const BLOCKS = 3;
const catalogue = catalogueWith([]);
const MUSCLES: readonly Muscle[] = ['chest', 'quads', 'lats'];

const sets = (many: number) => ({ technique: { kind: 'straight', sets: many } as const, rest: 120 });

/** Three muscles from well below to well above what most bear, in two ranges, so that a curve has something to go by. */
function plan(startDate: string): Block {
  const day = (id: string, at: number, high: boolean) =>
    session(
      id,
      at,
      ['chest-press-machine', 'hack-squat', 'neutral-pulldown'].map((exercise) =>
        slot(`${id}-${exercise}`, exercise, {
          ...sets(2),
          // A set more in every session each week: from well below what most bear to well above it.
          weeks: [2, 3, 4, 5, 6, 7].map((week) => ({
            week,
            sets: week + 1,
            load: null,
            reps: null,
            rir: null,
          })),
          range: high ? { low: 12, high: 18 } : { low: 6, high: 10 },
        }),
      ),
    );
  return { ...block([day('a', 0, false), day('b', 3, true)], { weeks: 7 }), startDate };
}

interface Truth {
  readonly drift: number;
  readonly slope: number;
  readonly ceilings: ReadonlyMap<Muscle, number>;
}

interface Off {
  readonly drift: number;
  readonly curve: number;
  readonly ceiling: number;
}

/** How far what is assumed of an athlete lies from the truth, each as a share of it. */
function off(who: Athlete, truth: Truth): Off {
  const own = conventionsOf({ own: who.conventions, block: {} });
  const usual = conventionsOf({ own: someone().conventions, block: {} });
  const factor = driftPerSet(120, own) / driftPerSet(120, usual);
  const reps = [6, 8, 10, 14, 18];
  const [assumed, real] = [curveOf(who.effort), personalCurve(truth.slope)];
  const apart = reps.map((n) => {
    // Curves are compared by how they go from eight reps on: their strength is found from the sets themselves.
    const share = (curve: typeof real) => curve.fraction(n) / curve.fraction(8);
    return Math.abs(share(assumed) / share(real) - 1);
  });
  const ceilings = MUSCLES.map((muscle) => {
    const true_ = truth.ceilings.get(muscle) ?? 1;
    return Math.abs((who.learned[muscle]?.ceiling ?? LANDMARKS[muscle].ceiling) / true_ - 1);
  });
  const mean = (list: readonly number[]) => list.reduce((sum, one) => sum + one, 0) / list.length;
  return { drift: Math.abs(factor / truth.drift - 1), curve: mean(apart), ceiling: mean(ceilings) };
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
    exposures: exposuresIn(weeks, who, catalogue.newest),
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
    ceilings: new Map(MUSCLES.map((muscle) => [muscle, LANDMARKS[muscle].ceiling * (0.4 + 0.3 * random())])),
  };
  let who = someone();
  offs[0]?.push(off(who, truth));
  for (let at = 1; at <= BLOCKS; at++) {
    const of = plan(addDays('2026-11-02', 56 * (at - 1)));
    const model = {
      ...usualModel('intermediate'),
      drift: truth.drift,
      ceilingSpread: 0,
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
      (muscle) => truth.ceilings.get(muscle) ?? 30,
    );
    const played = playBlock(
      { block: of, athlete: who, exercises: catalogue.find },
      new Memo(),
      ({ kind }) => kind === 'load',
      (week) => simulated.train(week),
    );
    for (const lesson of lessonsOf(reviewed(played, of, who))) who = withLesson(who, `b${at}`, lesson, '');
    offs[at]?.push(off(who, truth));
  }
}
const mean = (list: readonly Off[], key: keyof Off) =>
  list.reduce((sum, one) => sum + one[key], 0) / list.length;
console.log(
  `${ATHLETES} simulated athletes, ${BLOCKS} blocks each: how far off what is assumed of them is, mean share`,
);
for (const key of ['drift', 'curve', 'ceiling'] as const) {
  const line = offs.map((list) => `${(100 * mean(list, key)).toFixed(1)} %`);
  const left = mean(offs[BLOCKS] ?? [], key) / mean(offs[0] ?? [], key);
  console.log(`  ${key}: ${line.join(' → ')}  (${left.toFixed(2)} of the first)`);
}
