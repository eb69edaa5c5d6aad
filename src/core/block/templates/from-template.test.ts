import { block, session, slot } from '../../testing/fixtures';
import { copyBlock } from './from-template';

test('a copy drops overrides of single weeks, and reps and sets written for them', () => {
  const usual = { week: 2, sets: 4, reps: null, load: null, rir: null };
  const away = { ...usual, week: 3, exercise: { id: 'hack-squat', revision: 1 } };
  const source = block([
    {
      ...session('a', 0, [slot('1', 'leg-press', { weeks: [usual, away] })]),
      weeks: [{ week: 1, day: 3, place: null, optional: null, left: true, takes: ['1'] }],
    },
  ]);
  let id = 0;
  const copy = copyBlock(source, { name: 'Again', startDate: '2027-01-04' }, () => `n${id++}`);
  expect(copy.sessions[0]?.weeks).toEqual([]);
  expect(copy.sessions[0]?.slots[0]?.weeks).toEqual([usual]);
  expect(copy.earlyDeloads).toEqual([]);
});
