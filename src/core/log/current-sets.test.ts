import { currentSets } from './current-sets';
import type { LoggedSet } from './log';

function set(id: string, at: string, supersedes: string | null = null): LoggedSet {
  return {
    id,
    workoutId: 'w',
    slotId: 's',
    setId: 'work-1',
    exerciseId: 'dip',
    load: { value: 10, unit: 'kg' },
    reps: 8,
    rir: 2,
    at: `2026-11-02T10:${at}:00Z`,
    supersedes,
  };
}

const current = (...sets: LoggedSet[]) => currentSets(sets).get('w')?.get('s/work-1');

test('a correction replaces the set it supersedes', () => {
  expect(current(set('1', '00'), set('2', '01', '1'))).toEqual({ set: set('2', '01', '1'), conflicts: [] });
  expect(current(set('1', '00'), set('2', '01', '1'), set('3', '02', '2'))?.set.id).toBe('3');
});

test('two phones: the later set counts and the other is kept, in any order of arrival', () => {
  const [early, late] = [set('1', '00'), set('2', '05')];
  expect(current(early, late)).toEqual({ set: late, conflicts: [early] });
  expect(current(late, early)).toEqual({ set: late, conflicts: [early] });
});
