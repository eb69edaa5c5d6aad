import { emptyBlock } from '../block/block';
import { isEasyWeek, standing } from './range-position';

const landmarks = { hold: 3, floor: 8, ceiling: 18 };
const of = (measured: number, goal: 'grow' | 'priority' | 'hold', isEasy = false) =>
  standing({ measured, landmarks, goal }, isEasy);

test('a growing muscle is low below its minimum and over above its maximum; at either it is in range', () => {
  expect([7.9, 8, 18, 18.1].map((sets) => of(sets, 'grow'))).toEqual(['low', 'in', 'in', 'over']);
  expect(of(8 - 1e-12, 'priority')).toBe('in');
});

test('a maintained muscle is judged by its maintenance', () => {
  expect([2.9, 3, 18.1].map((sets) => of(sets, 'hold'))).toEqual(['low', 'held', 'over']);
});

test('in a deload and in a return block nothing is low; too much is still too much', () => {
  expect([of(1, 'grow', true), of(1, 'hold', true), of(18.1, 'grow', true)]).toEqual(['in', 'held', 'over']);
  const block = emptyBlock('New', '2026-11-30');
  expect(isEasyWeek(block, { kind: 'building' })).toBe(false);
  expect(isEasyWeek(block, { kind: 'deload' })).toBe(true);
  const back = { ...block, afterReturn: { weeks: 6, rir: block.rir, deload: null } };
  expect(isEasyWeek(back, { kind: 'building' })).toBe(true);
});
