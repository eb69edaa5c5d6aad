import fc from 'fast-check';
import { addNotes, dayEasing, type NoteContent, type SessionNote, summariseNotes } from './session-note';

let count = 0;
const note = (telling: NoteContent, minute = count): SessionNote => ({
  ...telling,
  id: `n${++count}`,
  at: `2026-11-24T10:${String(minute % 60).padStart(2, '0')}:00.000Z`,
});

test('per kind and slot the latest note counts, in any order of arrival', () => {
  const notes = [
    note({ kind: 'swap', slotId: '1', exerciseId: 'dip', why: 'taken' }, 1),
    note({ kind: 'swap', slotId: '1', exerciseId: 'push-up', why: 'not here' }, 2),
    note({ kind: 'swap', slotId: '2', exerciseId: 'dip', why: 'taken' }, 3),
  ];
  for (const order of [notes, [...notes].reverse()]) {
    const { swaps } = summariseNotes(order);
    expect([...swaps].map(([slotId, { exerciseId }]) => [slotId, exerciseId]).sort()).toEqual([
      ['1', 'push-up'],
      ['2', 'dip'],
    ]);
  }
});

test('a skipped slot can be resumed, and mistaken pain withdrawn', () => {
  const out = note({ kind: 'skip', slotId: '1', why: 'no time' }, 1);
  expect(summariseNotes([out]).skips.get('1')).toBe('no time');
  expect(summariseNotes([out, note({ kind: 'skip', slotId: '1', why: null }, 2)]).skips.size).toBe(0);
  const pain = { kind: 'pain', slotId: '1', exerciseId: 'dip', where: 'shoulder', line: '' } as const;
  const hurts = note({ ...pain, grade: 'slight' }, 3);
  expect(summariseNotes([hurts]).pains.get('1')).toMatchObject({ where: 'shoulder' });
  expect(summariseNotes([hurts, note({ ...pain, grade: null }, 4)]).pains.size).toBe(0);
});

test('extra sets add up; a slot put off again goes last', () => {
  const notes = [
    note({ kind: 'one more', slotId: '1' }, 1),
    note({ kind: 'later', slotId: '1' }, 2),
    note({ kind: 'later', slotId: '2' }, 3),
    note({ kind: 'one more', slotId: '1' }, 4),
    note({ kind: 'later', slotId: '1' }, 5),
  ];
  expect(summariseNotes(notes).more.get('1')).toBe(2);
  expect(summariseNotes(notes).later).toEqual(['2', '1']);
});

test('the last choice for making a day easier counts', () => {
  const night = { kind: 'readiness', slept: 'poorly', feels: 'so so' } as const;
  expect(dayEasing([])).toBeNull();
  const lighter = note({ ...night, rescue: 'lighter' }, 1);
  expect(dayEasing([lighter])).toBe('lighter');
  expect(dayEasing([lighter, note({ ...night, rescue: null }, 2)])).toBeNull();
});

test('notes sent twice count once, and keep their order', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 20 })),
      fc.array(fc.integer({ min: 0, max: 20 })),
      (a, b) => {
        const of = (ids: readonly number[]) =>
          ids.map((id): SessionNote => ({ kind: 'later', slotId: `${id}`, id: `${id}`, at: '' }));
        const first = addNotes([], of(a));
        const both = addNotes(first, of(b));
        expect(both.map(({ id }) => id)).toEqual([...new Set([...a, ...b].map(String))]);
        expect(addNotes(both, of(b))).toBe(both);
      },
    ),
  );
});
