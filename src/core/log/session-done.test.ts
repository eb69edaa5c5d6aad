import { athlete, block, performWeek, session, slot } from '../testing/fixtures';
import { EMPTY_LOG, type LoggedSet } from './log';
import { sessionDone } from './session-done';

const made = block([session('a', 0, [slot('1', 'leg-press'), slot('2', 'leg-extension')])]);
const done = performWeek({ block: made, athlete: athlete(), issued: [], log: EMPTY_LOG }, 1);
const plan = done.issued[0]?.plan.sessions[0];
if (plan === undefined) throw new Error('nothing issued');
const [first, second] = done.log.sets;
if (first === undefined || second === undefined) throw new Error('nothing done');
const set = (id: string, changes: Partial<LoggedSet>): LoggedSet => ({ ...first, id, ...changes });
const rows = (...sets: readonly LoggedSet[]) => sessionDone(plan, sets, 'w1-a');

test('shows each set with its target, including sets not done', () => {
  const [press, extension] = rows(first, { ...second, at: '2026-11-02T10:03:05Z' });
  expect(press?.sets.map(({ asked, done: logged }) => [asked?.id, logged?.id ?? null])).toEqual([
    ['work-1', first.id],
    ['work-2', second.id],
    ['work-3', null],
  ]);
  expect(press?.sets.map(({ since }) => since)).toEqual([null, 185, null]);
  expect(extension?.sets.every(({ done: logged }) => logged === null)).toBe(true);
});

test('a corrected set shows its earlier versions, latest first, and no time of its own', () => {
  const once = set('b', { reps: 5, supersedes: first.id, at: '2026-11-02T10:20:00Z' });
  const twice = set('c', { reps: 6, supersedes: 'b', at: '2026-11-02T10:30:00Z' });
  const row = rows(first, once, twice)[0]?.sets[0];
  expect(row?.done?.reps).toBe(6);
  expect(row?.before.map(({ id }) => id)).toEqual(['b', first.id]);
  expect(row?.since).toBeNull();
});

test('two phones: the later set counts, the other is shown; sets that supersede each other do not loop', () => {
  const other = set('x', { at: '2026-11-02T11:00:00Z' });
  expect(rows(first, other)[0]?.sets[0]).toMatchObject({ done: { id: 'x' }, conflicts: [{ id: first.id }] });
  const loop = [set('p', { supersedes: 'q' }), set('q', { supersedes: 'p' }), set('r', { supersedes: 'p' })];
  expect(rows(...loop)[0]?.sets[0]?.before.map(({ id }) => id)).toEqual(['p', 'q']);
});

test('extra work comes last; sets of other sessions are left out', () => {
  const beyond = set('e', { slotId: 'extra-1', setId: 'work-1', exerciseId: 'cable-curl' });
  const found = rows(first, beyond, set('z', { workoutId: 'elsewhere' }));
  expect(found).toHaveLength(3);
  expect(found[2]).toMatchObject({ slot: null, sets: [{ asked: null, done: { id: 'e' } }] });
});
