import { block, session, slot } from '../../testing/fixtures';
import { copyDesign } from '../block-again';
import { copyBlock } from './from-template';

test('a copy drops what was typed into single weeks: a load of another athlete above all', () => {
  const usual = { week: 2, sets: 4, reps: null, load: { value: 140, unit: 'kg' as const }, rir: null };
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
  expect(copy.sessions[0]?.slots[0]?.weeks).toEqual([]);
  expect(copy.earlyDeloads).toEqual([]);
});

test('shifts of the loads and an ease after time off belong to their block; the copy has the design', () => {
  const returned = block([session('a', 0, [slot('1', 'leg-press')])], {
    weeks: 3,
    rir: { first: 4, last: 4 },
    deload: null,
    loadShifts: [{ week: 1, percent: -15 }],
    afterReturn: { weeks: 6, rir: { first: 3, last: 1 }, deload: [] },
  });
  const named = { name: 'Again', startDate: '2027-01-04' };
  for (const copy of [copyBlock(returned, named, () => 'n'), copyDesign(returned, named)])
    expect(copy).toMatchObject({
      weeks: 6,
      rir: { first: 3, last: 1 },
      deload: [],
      loadShifts: [],
      afterReturn: null,
    });
});
