import { exerciseById } from '../exercises/library';
import { athlete } from '../testing/fixtures';
import { type LoggedFirst, lastingBest, loggedFirstSets, type StoredSet } from './starting-best';

const press = exerciseById('leg-press');
if (press === undefined) throw new Error('no leg press');
const kg = (value: number, reps: number, rir: number, date: string): LoggedFirst => ({
  load: { value, unit: 'kg' },
  reps,
  rir,
  date,
});
const best = (...logged: LoggedFirst[]) => lastingBest(logged, undefined, press, athlete());

test('the better of the last two sessions by e1RM; the later one if it was harder', () => {
  const good = kg(60, 12, 2, '2026-10-01');
  // 60 x 14 to failure against 60 x 12.
  expect(best(kg(60, 10, 2, '2026-10-08'), good)).toEqual(good);
  const hard = kg(60, 10, 1, '2026-10-08');
  expect(best(hard, good)).toEqual(hard);
  const better = kg(62.5, 12, 2, '2026-10-08');
  expect(best(better, good)).toEqual(better);
  // Results two sessions back no longer count, however good.
  expect(
    best(kg(60, 10, 2, '2026-10-15'), kg(60, 11, 2, '2026-10-08'), kg(100, 12, 2, '2026-10-01')),
  ).toEqual(kg(60, 11, 2, '2026-10-08'));
});

test('a best set typed after the last log wins; one typed earlier or without a date does not', () => {
  const logged = kg(60, 10, 2, '2026-10-08');
  const typed = (date: string | null) => ({
    load: { value: 90, unit: 'kg' as const },
    reps: 5,
    rir: 0,
    date,
  });
  expect(lastingBest([logged], typed('2026-10-09'), press, athlete())).toEqual(typed('2026-10-09'));
  expect(lastingBest([logged], typed('2026-10-08'), press, athlete())).toEqual(logged);
  expect(lastingBest([logged], typed(null), press, athlete())).toEqual(logged);
  expect(lastingBest([], typed(null), press, athlete())).toEqual(typed(null));
  expect(lastingBest([], undefined, press, athlete())).toBeUndefined();
});

test('strength comes from first sets of building weeks that measure it, in their corrected form', () => {
  const set = (id: string, changes: Partial<StoredSet> = {}): StoredSet => ({
    ...kg(60, 10, 2, '2026-10-08'),
    id,
    exerciseId: 'leg-press',
    setId: 'work-1',
    supersedes: null,
    measuresStrength: true,
    kind: 'building',
    rescued: false,
    ...changes,
  });
  const found = loggedFirstSets([
    set('6', { reps: 9, supersedes: '1' }),
    set('5', { setId: 'work-2' }),
    set('4', { kind: 'deload' }),
    set('5', { rescued: true }),
    set('7', { rir: 5.5 }),
    set('3', { measuresStrength: false }),
    set('2', { setId: 'top-1', exerciseId: 'hack-squat' }),
    set('1'),
  ]);
  expect([...found.keys()]).toEqual(['leg-press', 'hack-squat']);
  expect(found.get('leg-press')).toEqual([kg(60, 9, 2, '2026-10-08')]);
  expect(found.get('hack-squat')).toHaveLength(1);
});
