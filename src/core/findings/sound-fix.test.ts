import type { Finding, Fix } from './finding';
import { isSoundFix } from './sound-fix';

const edit = { kind: 'batch', edits: [] } as const;
const fix: Fix = { edit, does: 'add sets', sets: 2, exerciseIds: ['leg-press'] };
const low = (muscle: 'chest' | 'lats', sets: number, severity: Finding['severity'] = 'warn'): Finding => ({
  id: `below-floor/${muscle}`,
  severity,
  subject: { muscle },
  detail: { rule: 'below floor', muscle, sets, floor: 8, week: 1 },
  fixes: [],
});
const rare = (times: number, ...muscles: readonly ('abs' | 'calves')[]): Finding => ({
  id: `frequency/${times}`,
  severity: 'warn',
  subject: {},
  detail: { rule: 'frequency', muscles, times, wanted: 2, high: false },
  fixes: [],
});

test('a fix is sound if what it mends is gone or milder and nothing new appears', () => {
  expect(isSoundFix(fix, low('chest', 6), [low('chest', 6)], [])).toBe(true);
  expect(isSoundFix(fix, low('chest', 6), [low('chest', 6)], [low('chest', 7)])).toBe(true);
});

test('a fix that leaves its finding as it was is none', () => {
  expect(isSoundFix(fix, low('chest', 6), [low('chest', 6)], [low('chest', 6)])).toBe(false);
});

test('no new warning, no note that becomes a warning, no muscle further below its minimum; notes may appear', () => {
  const before = [low('chest', 6)];
  expect(isSoundFix(fix, low('chest', 6), before, [low('lats', 7)])).toBe(false);
  expect(isSoundFix(fix, low('chest', 6), before, [low('lats', 7, 'note')])).toBe(true);
  expect(isSoundFix(fix, low('chest', 6), [...before, low('lats', 7, 'note')], [low('lats', 7)])).toBe(false);
  expect(isSoundFix(fix, low('chest', 6), [...before, low('lats', 7)], [low('lats', 6)])).toBe(false);
  expect(isSoundFix(fix, low('chest', 6), [...before, low('lats', 7)], [low('lats', 7)])).toBe(true);
});

test('muscles that leave a shared finding make no new one', () => {
  const before = [low('chest', 6), rare(1, 'abs', 'calves')];
  const regrouped = { ...rare(1, 'calves'), id: 'frequency/calves/1' };
  expect(isSoundFix(fix, low('chest', 6), before, [regrouped])).toBe(true);
  expect(
    isSoundFix(
      fix,
      low('chest', 6),
      [low('chest', 6), rare(1, 'abs')],
      [rare(1, 'abs'), { ...rare(0, 'calves'), id: 'frequency/0' }],
    ),
  ).toBe(false);
});

test('a shorter session may put muscles below their minimum that its button names', () => {
  const shorter: Fix = {
    edit,
    does: 'fit session',
    minutes: 60,
    changes: [],
    belowFloor: ['lats'],
    week: null,
  };
  const long: Finding = {
    id: 'session-length/a',
    severity: 'warn',
    subject: {},
    detail: { rule: 'session length', session: 'A', minutes: 80, limit: 60, week: 1, shortest: null },
    fixes: [],
  };
  expect(isSoundFix(shorter, long, [long], [low('lats', 7)])).toBe(true);
  expect(isSoundFix(shorter, long, [long], [low('chest', 7)])).toBe(false);
});
