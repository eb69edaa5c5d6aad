import { performance } from 'node:perf_hooks';
import { BlockSimulation, Memo, unfold, usualModel } from '../src/core';
import { athlete, block, lookup, session, slot } from '../src/core/testing/fixtures';

/** Compares simulated runs of a six-week block of four sessions with one full unfold of it in the same process. */
const RUNS = 100;
const MEANT = { runs: 500, seconds: 2 };

const sets = { technique: { kind: 'straight', sets: 3 } as const, rest: 120 };
const day = (id: string, at: number, exercises: readonly string[]) =>
  session(
    id,
    at,
    exercises.map((exercise, k) => slot(`${id}${k}`, exercise, sets)),
  );
const of = block(
  [
    day('a', 0, ['chest-press-machine', 'seal-row', 'cable-lateral-raise', 'cable-pushdown', 'cable-curl']),
    day('b', 1, ['hack-squat', 'seated-leg-curl', 'leg-extension', 'standing-calf-raise']),
    day('c', 3, [
      'incline-dumbbell-press',
      'neutral-pulldown',
      'reverse-fly-machine',
      'cable-curl',
      'cable-pushdown',
    ]),
    day('d', 4, ['leg-press', 'lying-leg-curl', 'hip-thrust-machine', 'seated-calf-raise']),
  ],
  { weeks: 5 },
);
const input = { block: of, athlete: athlete(), exercises: lookup };
const simulations = new BlockSimulation({ ...input, model: usualModel('intermediate') });
simulations.run(20, 1);
const before = performance.now();
simulations.run(RUNS, 2);
const life = (performance.now() - before) / RUNS;
const log = { workouts: [], sets: [], soreness: [] };
const once = performance.now();
for (let run = 0; run < RUNS; run++) unfold({ ...input, issued: [], answers: [], log }, new Memo());
const whole = (performance.now() - once) / RUNS;
console.log(
  `\none life of a six-week block: ${(life / whole).toFixed(2)} x a whole unfolding of it; ${MEANT.runs} lives in ${((life * MEANT.runs) / 1000).toFixed(1)} s (meant: ${MEANT.seconds})`,
);
