import { applyEdit, EMPTY_LOG, type IssuedWeek, type Log, Memo, runChecks, unfold } from '../src/core';
import { athlete, largeBlock, lookup, performWeek } from '../src/core/testing/fixtures';

/**
 * Times unfold on a block of 12 weeks with 6 sessions of 8 slots, empty and fully logged, against a reference
 * computation in the same run.
 */
const RUNS = 150;
const WARM = 40;

function median(work: () => void): number {
  const times: number[] = [];
  for (let run = 0; run < RUNS + WARM; run++) {
    const before = performance.now();
    work();
    if (run >= WARM) times.push(performance.now() - before);
  }
  return times.sort((a, b) => a - b)[RUNS >> 1] as number;
}

const block = largeBlock(12, 6, 8);
const who = athlete({ minutes: 300 });
let state: { issued: readonly IssuedWeek[]; log: Log } = { issued: [], log: EMPTY_LOG };
for (let week = 1; week <= 12; week++) state = performWeek({ block, athlete: who, ...state }, week);

const input = { block, athlete: who, exercises: lookup, answers: [] };
const blank = { issued: [], log: EMPTY_LOG };
const [log, issued] = [JSON.stringify(state.log), JSON.stringify(state.issued)];
const yardstick = median(() => JSON.parse(log));
const reading = median(() => [JSON.parse(log), JSON.parse(issued)]);
const empty = median(() => unfold({ ...input, ...blank }));
const full = median(() => unfold({ ...input, ...state }));
const blockPlan = unfold({ ...input, ...blank });
const checks = median(() => runChecks({ block, athlete: who, blockPlan, exercises: lookup }));

/** Edits one slot's rest again and again, as a coach on the Sheet does; the other sessions come from memory. */
const memory = new Memo();
let edited = block;
let rest = 60;
const afterEdit = median(() => {
  rest = rest === 60 ? 61 : 60;
  const slot = edited.sessions[0]?.slots[0]?.id ?? '';
  const done = applyEdit(edited, { kind: 'slot/set', slot, field: 'rest', value: rest });
  if (!done.ok) throw new Error('the edit was refused');
  edited = done.value.block;
  unfold({ ...input, ...blank, block: edited }, memory);
});
const ms = (value: number) => `${value.toFixed(2)} ms`;

console.log(
  `unfold, 12 weeks x 6 sessions x 8 slots, ${state.log.sets.length} logged sets, median of ${RUNS}`,
);
console.log(`  nothing logged ${ms(empty)}, full log ${ms(full)} (meant: under 8 ms)`);
console.log(
  `  beside reading the JSON of the log (${ms(yardstick)}): ${(empty / yardstick).toFixed(2)} x and ${(full / yardstick).toFixed(2)} x`,
);
console.log(
  `  beside reading the JSON of all it is unfolded from, log and weeks handed out (${ms(reading)}): ${(full / reading).toFixed(2)} x (meant: 1)`,
);
console.log(
  `  after an edit of one slot ${ms(afterEdit)} (meant: under 1 ms): ${(afterEdit / empty).toFixed(2)} x an unfold from nothing, ${(afterEdit / yardstick).toFixed(2)} x reading the log`,
);
console.log(
  `  every check with its fixes ${ms(checks)}: ${(checks / empty).toFixed(2)} x an unfold; both together are what a move in the Frame costs (meant: a frame, 16 ms)`,
);
