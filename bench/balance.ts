import loadHighs from 'highs';
import { catalogueWith, checkInput, EMPTY_LOG, rebalance, type Solve, unfold } from '../src/core';
import { athlete, largeBlock } from '../src/core/testing/fixtures';

/** Compares filling and balancing a week of 6 sessions with 8 slots each against one unfold of the same block. */
const RUNS = 7;
const catalogue = catalogueWith([]);
const exercises = catalogue.find;
const who = athlete({ minutes: 90 });
const block = largeBlock(6, 6, 8);
const blockPlan = unfold({ block, athlete: who, exercises, issued: [], log: EMPTY_LOG, answers: [] });
const input = checkInput({ block, athlete: who, blockPlan, exercises });
if (input === undefined) throw new Error('nothing to balance');

const highs = await loadHighs();
const solve: Solve = async (program) => {
  const result = highs.solve(program, { time_limit: 8, mip_rel_gap: 0.001 });
  return Object.fromEntries(
    Object.entries(result.Columns).map(([name, column]) => [
      name,
      'Primal' in column ? Number(column.Primal) : 0,
    ]),
  );
};
const middle = (times: number[]) => times.sort((a, b) => a - b)[times.length >> 1] as number;
const times: number[] = [];
const unfolds: number[] = [];
let changes = 0;
for (let run = 0; run < RUNS; run++) {
  const before = performance.now();
  changes = (await rebalance({ ...input, list: catalogue.list }, solve))?.changes.length ?? 0;
  times.push(performance.now() - before);
  const start = performance.now();
  unfold({ block, athlete: who, exercises, issued: [], log: EMPTY_LOG, answers: [] });
  unfolds.push(performance.now() - start);
}
console.log(`\nfill and rebalance, 6 sessions x 8 slots, ${changes} changes, median of ${RUNS}`);
console.log(
  `  ${middle(times).toFixed(0)} ms (meant: under 2000 ms), ${(middle(times) / middle(unfolds)).toFixed(1)} x an unfold of the block`,
);
