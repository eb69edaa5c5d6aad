import type { SetPlan } from '../plan/set';
import { startOf } from '../techniques/registry';
import { type LastDone, toBeat } from './to-beat';

const done = (value: number, reps: number, more?: LastDone['more']): LastDone => ({
  load: { value, unit: 'kg' },
  reps,
  rir: 2,
  more,
  date: '2026-11-20',
  earlier: false,
});
const asked = (id: string, load: number | null, partials = 0) =>
  ({
    id,
    load,
    sections: partials === 0 ? [] : [{ manner: 'long half', reps: partials, past: true }],
  }) as Pick<SetPlan, 'id' | 'load' | 'sections'> as SetPlan;
const straight = { technique: startOf('straight'), sets: [], unit: 'kg' } as const;

test('at an equal load beat last time’s reps; at a heavier one the load counts; at a lighter one nothing', () => {
  const last = new Map([['work-1', done(60, 10)]]);
  expect(toBeat(straight, asked('work-1', 60), last)).toEqual({ kind: 'reps', reps: 10 });
  expect(toBeat(straight, asked('work-1', 62.5), last)).toEqual({ kind: 'load' });
  expect(toBeat(straight, asked('work-1', 57.5), last)).toBeNull();
  expect(toBeat(straight, asked('work-2', 60), last)).toBeNull();
  expect(toBeat(straight, asked('work-1', null), last)).toBeNull();
});

test('with partial reps, both counts', () => {
  const last = new Map([['work-1', done(60, 10, { partials: 2 })]]);
  expect(toBeat(straight, asked('work-1', 60, 3), last)).toEqual({ kind: 'pair', reps: 10, partials: 2 });
  // If no partials are planned the full reps count.
  expect(toBeat(straight, asked('work-1', 60), last)).toEqual({ kind: 'reps', reps: 10 });
});

test('for a rep bank the sum of all sets, once all are known', () => {
  const sets = ['work-1', 'work-2'].map((id) => asked(id, 20));
  const bank = { technique: startOf('rep bank'), sets, unit: 'kg' } as const;
  const last = new Map([
    ['work-1', done(20, 14)],
    ['work-2', done(20, 9)],
  ]);
  expect(toBeat(bank, asked('work-1', 20), last)).toEqual({ kind: 'sum', sum: 23 });
  last.delete('work-2');
  expect(toBeat(bank, asked('work-1', 20), last)).toBeNull();
});

test('loads are compared in the slot’s unit', () => {
  const last = new Map([['work-1', { ...done(0, 8), load: { value: 100, unit: 'lb' as const } }]]);
  expect(toBeat(straight, asked('work-1', 50), last)).toEqual({ kind: 'load' });
});
