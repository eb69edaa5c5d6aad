import { setCount } from '../techniques/registry';
import { block, session, slot } from '../testing/fixtures';
import { watched } from '../testing/watched';
import { nextBlock, suggestionId } from './next-block';

/** Chest twice with four sets and two, quads once. */
const BEFORE = block(
  [
    session('mon', 0, [
      slot('m', 'chest-press-machine', { technique: { kind: 'straight', sets: 4 } }),
      slot('q', 'hack-squat'),
    ]),
    session('thu', 3, [slot('t', 'incline-dumbbell-press', { technique: { kind: 'straight', sets: 2 } })]),
  ],
  { weeks: 6, earlyDeloads: [4] },
);
const reviewed = watched({ block: BEFORE, today: '2026-12-31', weeks: ['all'] });
const named = { name: 'Next', startDate: '2027-01-04' };
const sets = (of: typeof BEFORE) =>
  Object.fromEntries(
    of.sessions.flatMap(({ slots }) => slots.map(({ id, technique }) => [id, setCount(technique)])),
  );

test('without suggestions the next block is the same design, without overrides of single weeks', () => {
  expect(nextBlock(reviewed, [], named)).toEqual({ ...BEFORE, ...named, earlyDeloads: [] });
});

test('it is named after this block and starts on the Monday after it, or this week if that is over', () => {
  const on = (today: string, name: string) =>
    nextBlock({ ...reviewed, today, block: { ...BEFORE, name, earlyDeloads: [], deload: null } }, []);
  // Six weeks from Monday 2 November end on Sunday 13 December.
  expect(on('2026-11-20', 'Autumn')).toMatchObject({ name: 'Autumn 2', startDate: '2026-12-14' });
  expect(on('2027-01-07', 'Autumn 2')).toMatchObject({ name: 'Autumn 3', startDate: '2027-01-04' });
});

test('a set is removed where the muscle has most, and added where it has fewest', () => {
  const fewer = { kind: 'fewer sets', muscle: 'chest', at: 6, week: 4 } as const;
  const more = { kind: 'more sets', muscle: 'chest', most: 6, ceiling: 18, ahead: 4, of: 4 } as const;
  expect(sets(nextBlock(reviewed, [fewer], named))).toEqual({ m: 3, t: 2, q: 3 });
  expect(sets(nextBlock(reviewed, [more], named))).toEqual({ m: 4, t: 3, q: 3 });
});

test('a stalled lift is replaced by the best substitute; the deload comes after the week that needed it', () => {
  const exchange = { kind: 'exchange', exerciseId: 'hack-squat', gain: 0, weeks: 6 } as const;
  const earlier = { kind: 'deload earlier', after: 4, muscles: ['chest'] } as const;
  const next = nextBlock(reviewed, [exchange, earlier], named);
  const squat = next.sessions[0]?.slots[1]?.exercise.id;
  expect(squat).not.toBe('hack-squat');
  expect(squat).toBeDefined();
  expect(next.weeks).toBe(4);
  expect(next.sessions[0]?.slots[0]).toEqual(BEFORE.sessions[0]?.slots[0]);
});

test('suggestions for the coach to handle change nothing; each has its own name', () => {
  const side = { kind: 'weaker side', exerciseId: 'hack-squat', side: 'left', reps: 2 } as const;
  const keep = { kind: 'keep', exerciseIds: ['hack-squat'] } as const;
  expect(nextBlock(reviewed, [side, keep], named)).toEqual(nextBlock(reviewed, [], named));
  expect([side, keep].map(suggestionId)).toEqual(['weaker side/hack-squat', 'keep']);
});
