import { applyEdit } from '../block/apply-edit';
import type { Block } from '../block/block';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { deloadNow, removeEarlyDeload } from './deload-now';

const own = { week: 3, sets: 5, reps: null, load: null, rir: null };
const SIX = block([session('a', 0, [slot('press', 'leg-press', { weeks: [own] })])], { weeks: 4 });

const with_ = (start: Block, edit: ReturnType<typeof deloadNow>) => {
  const applied = applyEdit(start, edit);
  if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
  return applied.value;
};
const weeksOf = (of: Block) =>
  unfold({
    block: of,
    athlete: athlete(),
    exercises: lookup,
    issued: [],
    log: { workouts: [], sets: [], soreness: [] },
    answers: [],
  }).weeks.map(({ plan }) => plan);

test('a deload in week 3 of 4 adds a week, and week 4 has what week 3 had', () => {
  const before = weeksOf(SIX);
  const after = weeksOf(with_(SIX, deloadNow(SIX, 3)).block);
  expect(before.map(({ kind }) => kind)).toEqual(['building', 'building', 'building', 'building', 'deload']);
  expect(after.map(({ kind }) => kind)).toEqual([
    'building',
    'building',
    'deload',
    'building',
    'building',
    'deload',
  ]);
  expect(before.map(({ rir }) => rir)).toEqual([3, 2, 2, 1, 4]);
  expect(after.map(({ rir }) => rir)).toEqual([3, 2, 4, 2, 1, 4]);
  // The five sets written for week 3 moved with it.
  expect(after.map(({ sessions }) => sessions[0]?.slots[0]?.sets.length)).toEqual([3, 3, 1, 5, 3, 1]);
});

test('undoing it, or removing it, restores the block', () => {
  const { block: eased, inverse } = with_(SIX, deloadNow(SIX, 3));
  expect(with_(eased, inverse).block).toEqual(SIX);
  expect(with_(eased, removeEarlyDeload(eased, 3)).block).toEqual(SIX);
});

test('a second one before the first moves the first', () => {
  const once = with_(SIX, deloadNow(SIX, 3)).block;
  const twice = with_(once, deloadNow(once, 2)).block;
  expect(twice.earlyDeloads).toEqual([2, 4]);
  expect(with_(twice, removeEarlyDeload(twice, 2)).block).toEqual(once);
});
