import { conventionsWith } from '../conventions/conventions';
import { EMPTY_LOG } from '../log/log';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from './unfold';
import { weekTotals } from './week-totals';

const best = (value: number) => ({ load: { value, unit: 'kg' as const }, reps: 1, rir: 0, date: null });

test('two slots of two sets by hand: sets, work; an optional session is left out', () => {
  const own = (reps: number, load: number) => [
    { week: 1, sets: 2, reps, load: { value: load, unit: 'kg' as const }, rir: null },
  ];
  const made = block([
    session('a', 0, [
      slot('1', 'leg-extension', { weeks: own(5, 60), drift: 'hold reps', rest: 300 }),
      slot('2', 'seated-leg-curl', { weeks: own(10, 40), drift: 'hold reps', rest: 300 }),
    ]),
    { ...session('b', 2, [slot('3', 'leg-press')]), optional: true },
  ]);
  const { weeks } = unfold({
    block: made,
    // Strong enough for five at 60 and ten at 40 with 3 RIR: 76 and 57.3.
    athlete: athlete({ bestSets: { 'leg-extension': best(76), 'seated-leg-curl': best(57.3) } }),
    exercises: lookup,
    issued: [],
    log: EMPTY_LOG,
    answers: [],
  });
  const [first] = weeks;
  if (first === undefined) throw new Error('no week');
  const totals = weekTotals(first.plan, conventionsWith());
  expect(totals).toMatchObject({ sets: 4, slots: 2, sessions: 1, work: 2 * 5 * 60 + 2 * 10 * 40 });
  expect(totals.seconds).toBe(first.plan.sessions[0]?.seconds.high);
});
