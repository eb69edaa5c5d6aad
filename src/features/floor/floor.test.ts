import type { Outgoing, SentSet } from '@/core';
import { loadGrid } from '@/core';
import { HALL } from '@/core/testing/fixtures';
import { afterSend, isNothing, nothing, type Outbox, without } from './outbox';
import { checkEntry, stepLoad } from './set-entry';

const stack = loadGrid('stack', HALL);
const body = loadGrid('bodyweight', HALL);

describe('the three figures of a set', () => {
  test('are read as they are typed, comma or point', () => {
    expect(checkEntry({ load: '62,5', reps: '8', rir: '1.5' }, stack)).toEqual({
      value: { load: 62.5, reps: 8, rir: 1.5 },
      problem: null,
      hint: null,
    });
    expect(checkEntry({ load: '−20', reps: '8', rir: '0' }, body).value).toEqual({
      load: -20,
      reps: 8,
      rir: 0,
    });
  });

  test.each([
    ['load', { load: 'heavy', reps: '8', rir: '2' }],
    ['reps', { load: '60', reps: '', rir: '2' }],
    ['reps', { load: '60', reps: '8.5', rir: '2' }],
    ['rir', { load: '60', reps: '8', rir: '11' }],
    ['load', { load: '99999', reps: '8', rir: '2' }],
  ] as const)('a wrong %s is named and nothing is logged', (field, entry) => {
    expect(checkEntry(entry, stack)).toMatchObject({ value: null, problem: { field } });
  });

  test('an unmakeable load is a hint, not a refusal: what was lifted was lifted', () => {
    const { value, hint } = checkEntry({ load: '61', reps: '8', rir: '2' }, stack);
    expect(value?.load).toBe(61);
    expect(hint).toContain('60 or 62.5 kg');
  });

  test('steps go through what the place can make and stop at its ends', () => {
    expect(stepLoad(60, 1, stack)).toBe(62.5);
    expect(stepLoad(61, -1, stack)).toBe(60);
    expect(stepLoad(61, 1, stack)).toBe(62.5);
    expect(stepLoad(5, -1, stack)).toBe(5);
    expect(stepLoad(252.5, 1, stack)).toBe(252.5);
    expect(stepLoad(0, -1, body)).toBe(-10);
  });
});

describe('the outbox', () => {
  const set = (id: string): SentSet => ({
    id,
    slotId: 's',
    setId: 'work-1',
    exerciseId: 'dip',
    load: { value: 0, unit: 'kg' },
    reps: 8,
    rir: 2,
    at: '2026-11-24T10:00:00.000Z',
    supersedes: null,
  });
  const outgoing = (...ids: string[]): Outgoing => ({ ...nothing('2026-11-24'), sets: ids.map(set) });
  const box = (waiting: Outgoing): Outbox => ({ waiting, status: 'sending', refusal: null });

  test('only what the server kept leaves; what was tapped meanwhile stays', () => {
    const after = afterSend(box(outgoing('1', '2')), outgoing('1'), { status: 'kept' });
    expect(after.waiting.sets.map(({ id }) => id)).toEqual(['2']);
    expect(after.status).toBe('sending');
    expect(afterSend(after, after.waiting, { status: 'kept' }).status).toBe('clear');
  });

  test('finishing and soreness leave the same way', () => {
    const sore = { id: 'x', muscle: 'quads', soreness: 'early' } as const;
    const all: Outgoing = { ...outgoing('1'), finish: true, soreness: [sore] };
    expect(isNothing(without(all, all))).toBe(true);
    expect(without(all, outgoing('1'))).toMatchObject({ sets: [], finish: true, soreness: [sore] });
  });

  test('no answer, no database, a recalled week: everything stays', () => {
    const waiting = outgoing('1', '2');
    expect(afterSend(box(waiting), waiting, undefined)).toMatchObject({ waiting, status: 'offline' });
    expect(afterSend(box(waiting), waiting, { status: 'unavailable' })).toMatchObject({
      waiting,
      status: 'offline',
    });
    expect(afterSend(box(waiting), waiting, { status: 'recalled' })).toMatchObject({
      waiting,
      status: 'refused',
      refusal: 'recalled',
    });
  });
});
