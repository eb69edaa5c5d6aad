import { standing } from './range-position';

const landmarks = { hold: 3, floor: 8, ceiling: 18 };
const of = (measured: number, goal: 'grow' | 'priority' | 'hold') => standing({ measured, landmarks, goal });

test('a growing muscle is low below its minimum and over above its maximum; at either it is in range', () => {
  expect([7.9, 8, 18, 18.1].map((sets) => of(sets, 'grow'))).toEqual(['low', 'in', 'in', 'over']);
  expect(of(8 - 1e-12, 'priority')).toBe('in');
});

test('a maintained muscle is judged by its maintenance', () => {
  expect([2.9, 3, 18.1].map((sets) => of(sets, 'hold'))).toEqual(['low', 'held', 'over']);
});
