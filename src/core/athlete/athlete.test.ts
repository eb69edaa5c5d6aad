import fc from 'fast-check';
import { PLACE_KINDS, presetPlace } from '../loading/place-presets';
import { UNITS } from '../loading/weight';
import { athlete, HALL } from '../testing/fixtures';
import { hardSessions, isDeepInCut, LEVELS, PHASES, phaseOn, STYLES, setUpText } from './athlete';
import { decodeAthlete } from './athlete-codec';
import { newAthlete } from './new-athlete';
import { missingEquipment } from './place';

test('the phase of a day is the last one begun by then; the first also covers earlier days', () => {
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

test('athletes survive being stored and read', () => {
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
  ['landmarks upside down', { landmarks: { chest: { floor: 12, ceiling: 8 } } }, 'landmarks/chest'],
  ['no place', { places: [] }, 'places'],
  ['a day that is in no calendar', { trainingSince: '2026-02-30' }, 'trainingSince'],
  ['a time zone nobody keeps', { timeZone: 'Mars/Base' }, 'timeZone'],
  [
    'a table that rises',
    { effort: { curve: 'table', personal: null, table: Array(30).fill(0.5) } },
    'effort/table/1',
  ],
  ['a date that is none', { phases: [{ from: 'spring', phase: 'gaining' }] }, 'phases/0/from'],
])('%s is refused with its path', (_name, changes, path) => {
  const decoded = decodeAthlete({ ...athlete(), ...changes });
  expect(decoded.ok).toBe(false);
  if (!decoded.ok) expect(decoded.problems[0]?.path.startsWith(path)).toBe(true);
});

test('facts in their first stored form become one place, hard sport and undated best sets', () => {
  const { places, sport, ...rest } = athlete({ bestSets: {} });
  const old = {
    ...JSON.parse(JSON.stringify(rest)),
    hardSport: 2,
    equipment: {
      barbell: HALL.barbell,
      dumbbell: HALL.dumbbell,
      bodyweight: HALL.bodyweight,
      stack: { unit: 'kg', first: 5, step: 5, last: 250, addOns: [2.5] },
    },
    bestSets: { dip: { load: { value: 5, unit: 'kg' }, reps: 8, rir: 2 } },
  };
  const decoded = decodeAthlete(old);
  if (!decoded.ok) throw new Error(JSON.stringify(decoded.problems));
  expect(decoded.value.places[0]?.loads.stack).toEqual(HALL.stack);
  expect(decoded.value.bestSets.dip?.date).toBeNull();
  expect(hardSessions(decoded.value)).toBe(2);
  expect(places).toHaveLength(1);
  expect(sport).toEqual([]);
});

test('a place stored before cables and heavy machines had stacks of their own reads with those it had', () => {
  const made = athlete();
  const [place] = made.places;
  if (place === undefined) throw new Error('a place is missing');
  const { cable: _, heavyStack: __, ...loads } = place.loads;
  const decoded = decodeAthlete(JSON.parse(JSON.stringify({ ...made, places: [{ ...place, loads }] })));
  if (!decoded.ok) throw new Error(JSON.stringify(decoded.problems));
  expect(decoded.value.places[0]?.loads).toEqual({
    ...loads,
    cable: loads.stack,
    heavyStack: loads.stack,
  });
});

test('a new athlete with minimal facts is valid, in both units and at every kind of place', () => {
  for (const place of PLACE_KINDS) {
    for (const unit of UNITS) {
      const facts = {
        name: 'New Person',
        level: 'novice',
        phase: 'gaining',
        unit,
        bodyweight: { value: 70, unit },
        place,
        timeZone: 'Europe/Oslo',
        days: [1, 4],
      } as const;
      const made = newAthlete('n', 'p', facts, '2026-11-24');
      expect(decodeAthlete(JSON.parse(JSON.stringify(made)))).toEqual({ ok: true, value: made });
      expect(made.style).toBe('cautious');
      expect(made.days).toEqual([1, 4]);
    }
  }
});

test('lists what a place lacks for an exercise; the floor is everywhere', () => {
  const home = presetPlace('home gym', 'kg', 'h');
  expect(missingEquipment({ equipment: ['machine'] }, home)).toEqual(['machine']);
  expect(
    missingEquipment({ equipment: ['dumbbells', 'bench', 'floor'] }, { ...home, equipment: ['dumbbells'] }),
  ).toEqual(['bench']);
});

test('set-up and range of motion are one text; without notes there is none', () => {
  const known = { setUps: { a: 'seat 4.', b: '' }, depths: { a: 'bar to the chest', c: 'hips below knees' } };
  expect(setUpText(known, 'a')).toBe('seat 4. Full: bar to the chest.');
  expect(setUpText(known, 'b')).toBeUndefined();
  expect(setUpText(known, 'c')).toBe('Full: hips below knees.');
});

test('deep in a cut begins after its eighth week: on day 56, not on day 55, and not in another phase', () => {
  const phases = [
    { from: '2026-01-05', phase: 'cutting' },
    { from: '2026-06-01', phase: 'gaining' },
  ] as const;
  expect(isDeepInCut({ phases }, '2026-03-01')).toBe(false);
  expect(isDeepInCut({ phases }, '2026-03-02')).toBe(true);
  expect(isDeepInCut({ phases }, '2026-08-01')).toBe(false);
});
