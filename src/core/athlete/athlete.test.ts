import fc from 'fast-check';
import { athlete } from '../testing/fixtures';
import { LEVELS, PHASES, phaseOn, STYLES } from './athlete';
import { decodeAthlete } from './athlete-codec';

test('the phase of a day is the last that began by then; the first also covers what was before it', () => {
  const someone = athlete({
    phases: [
      { from: '2026-03-01', phase: 'gaining' },
      { from: '2026-09-01', phase: 'cutting' },
    ],
  });
  expect(phaseOn(someone, '2026-01-01')).toBe('gaining');
  expect(phaseOn(someone, '2026-08-31')).toBe('gaining');
  expect(phaseOn(someone, '2026-09-01')).toBe('cutting');
  expect(phaseOn({ phases: [] }, '2026-09-01')).toBe('holding');
});

test('athletes survive storing', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...LEVELS),
      fc.constantFrom(...PHASES),
      fc.constantFrom(...STYLES),
      fc.integer({ min: 10, max: 300 }),
      fc.integer({ min: 30, max: 200 }),
      (level, phase, style, minutes, weight) => {
        const someone = athlete({
          level,
          style,
          minutes,
          phases: [{ from: '2026-01-01', phase }],
          bodyweight: { value: weight, unit: 'kg' },
          landmarks: { chest: { floor: 6 } },
        });
        expect(decodeAthlete(JSON.parse(JSON.stringify(someone)))).toEqual({ ok: true, value: someone });
      },
    ),
  );
});

test.each([
  ['no name', { name: '' }, 'name'],
  ['no phase', { phases: [] }, 'phases'],
  ['an unknown level', { level: 'elite' }, 'level'],
  ['minutes beyond reason', { minutes: 2000 }, 'minutes'],
  ['a stranger among the muscles', { landmarks: { wings: { floor: 3 } } }, 'landmarks'],
  ['a date that is none', { phases: [{ from: 'spring', phase: 'gaining' }] }, 'phases/0/from'],
])('%s is refused with its path', (_name, changes, path) => {
  const decoded = decodeAthlete({ ...athlete(), ...changes });
  expect(decoded.ok).toBe(false);
  if (!decoded.ok) expect(decoded.problems[0]?.path.startsWith(path)).toBe(true);
});
