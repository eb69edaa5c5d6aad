import fc from 'fast-check';
import { applyEdit } from '../block/apply-edit';
import type { Block } from '../block/block';
import { exerciseById } from '../exercises/library';
import { checkInput } from '../findings/registry';
import { EMPTY_LOG } from '../log/log';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { tensionSeconds } from './tension';
import { type FitMeans, trimToMinutes } from './trim-to-minutes';

const climb = (of: Block) =>
  unfold({ block: of, athlete: athlete(), exercises: lookup, issued: [], log: EMPTY_LOG, answers: [] });
function fitted(of: Block, minutes: number, means?: FitMeans) {
  const input = checkInput({ block: of, athlete: athlete(), blockPlan: climb(of), exercises: lookup });
  const [first] = of.sessions;
  if (input === undefined || first === undefined) throw new Error('nothing to fit');
  return trimToMinutes(first, minutes, input, means);
}
const sets = (count: number) => ({ technique: { kind: 'straight' as const, sets: count } });

const minutesOf = (of: Block) => Math.floor((climb(of).weeks[0]?.plan.sessions[0]?.seconds.high ?? 0) / 60);
/** This many sets, in a rep range wide enough for them. */
const wide = (count: number) => ({ ...sets(count), range: { low: 8, high: 24 } });

test('sets go first where they exceed the minimum most: quads at 12 of 8, before calves at their minimum', () => {
  const of = block([
    session('a', 0, [slot('1', 'leg-extension', wide(12)), slot('2', 'standing-calf-raise', wide(6))]),
  ]);
  const { changes, ...fit } = fitted(of, minutesOf(of) - 6);
  expect(fit).toMatchObject({ fits: true, belowFloor: [] });
  expect(changes).toMatchObject([
    { exerciseId: 'leg-extension', sets: { from: 12 }, rest: null, pairedWith: null },
  ]);
});

test('maintained muscles give sets first, priority muscles last', () => {
  const of = (goals: Block['goals']) =>
    block(
      [
        session('a', 0, [
          slot('1', 'leg-extension', wide(12)),
          slot('2', 'cable-lateral-raise', wide(10)),
          slot('3', 'standing-calf-raise', wide(10)),
        ]),
      ],
      { goals },
    );
  const cutFrom = (goals: Block['goals'], minutes: number) =>
    fitted(of(goals), minutesOf(of(goals)) - minutes, 'floors kept').changes.flatMap(
      ({ exerciseId, sets }) => (sets === null ? [] : [exerciseId]),
    );
  // Quads are furthest above their minimum; as a priority they keep every set.
  expect(cutFrom({}, 2)).toEqual(['leg-extension']);
  expect(cutFrom({ quads: 'priority' }, 12)).toEqual(['cable-lateral-raise', 'standing-calf-raise']);
  // Calves at 10 are 6 above maintenance, side delts 4 above their minimum: maintained calves go first.
  expect(cutFrom({ calves: 'hold', quads: 'priority' }, 6)).toEqual(['standing-calf-raise']);
});

test('a slot keeps half its sets, however far its muscle is above the minimum', () => {
  // Abs 8 with a minimum of 4 and hamstrings 8 with 6; quads and glutes have none to spare.
  const of = block([
    session('a', 0, [
      slot('1', 'leg-press', wide(8)),
      slot('2', 'seated-leg-curl', wide(8)),
      slot('3', 'cable-crunch', wide(8)),
    ]),
  ]);
  const { changes, ...fit } = fitted(of, 45, 'floors kept');
  expect(changes).toMatchObject([
    { exerciseId: 'seated-leg-curl', sets: { from: 8, to: 6 } },
    { exerciseId: 'cable-crunch', sets: { from: 8, to: 4 }, pairedWith: 'seated-leg-curl' },
  ]);
  // It reports that the session does not fit; if minimums may be broken, it does.
  expect(fit).toMatchObject({ fits: false, belowFloor: [] });
  expect(fitted(of, 45)).toMatchObject({ fits: true, belowFloor: ['abs', 'glutes', 'quads', 'hamstrings'] });
});

test('at the minimum neighbours become supersets, then isolation rests shrink, and only then a minimum is broken', () => {
  const of = block([
    session('a', 0, [
      slot('1', 'cable-crunch', { ...sets(4), rest: 150 }),
      slot('2', 'standing-calf-raise', { ...sets(6), rest: 150 }),
    ]),
  ]);
  expect(fitted(of, minutesOf(of) - 3).changes).toMatchObject([
    { exerciseId: 'standing-calf-raise', pairedWith: 'cable-crunch', rest: null, sets: null },
  ]);
  const shorter = fitted(of, 30);
  expect(shorter).toMatchObject({ fits: true, belowFloor: [], weekEdits: null });
  expect(shorter.changes).toMatchObject([
    { sets: null, rest: { from: 150, to: 105 } },
    { sets: null, rest: { from: 150, to: 105 } },
  ]);
  expect(fitted(of, 12)).toMatchObject({ belowFloor: ['abs', 'calves'], fits: true });
  expect(fitted(of, 12, 'floors kept')).toMatchObject({ belowFloor: [], fits: false });
});

test('exercises for the same muscle do not become a superset', () => {
  const of = block([
    session('a', 0, [
      slot('1', 'cable-curl', { ...sets(3), rest: 120 }),
      slot('2', 'dumbbell-curl', { ...sets(3), rest: 120 }),
    ]),
  ]);
  expect(fitted(of, 10).changes.every(({ pairedWith }) => pairedWith === null)).toBe(true);
});

test('for a single week only sets are cut: the others stay as they are', () => {
  const of = block([session('a', 0, [slot('1', 'leg-extension', wide(12))])]);
  const { weekEdits } = fitted(of, minutesOf(of) - 6, 'sets alone, floors kept');
  const applied = applyEdit(of, { kind: 'batch', edits: weekEdits ?? [] });
  if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
  const [week1, week2] = climb(applied.value.block).weeks.map(({ plan }) => plan.sessions[0]);
  expect((week1?.seconds.high ?? 0) / 60).toBeLessThanOrEqual(minutesOf(of) - 6);
  expect(week2?.slots[0]?.sets).toHaveLength(12);
});

test('a session that fits is left alone; five minutes are too few, and it says so', () => {
  const of = block([session('a', 0, [slot('1', 'leg-press')])]);
  expect(fitted(of, 120)).toMatchObject({ changes: [], edits: [], fits: true });
  expect(fitted(of, 5).fits).toBe(false);
});

const exercises = ['leg-press', 'seated-leg-curl', 'cable-curl', 'pull-up', 'plank', 'cable-lateral-raise'];
const anySession = fc.array(
  fc.record({
    exercise: fc.constantFrom(...exercises),
    count: fc.integer({ min: 1, max: 8 }),
    rest: fc.integer({ min: 30, max: 240 }),
  }),
  { minLength: 1, maxLength: 6 },
);
const made = (list: { exercise: string; count: number; rest: number }[]) =>
  block(
    [
      session(
        'a',
        0,
        list.map(({ exercise, count, rest }, at) => slot(`s${at}`, exercise, { ...sets(count), rest })),
      ),
    ],
    { weeks: 1 },
  );

test('its edits make the session as short as reported, or shorter', () => {
  fc.assert(
    fc.property(anySession, fc.integer({ min: 15, max: 60 }), (list, minutes) => {
      const of = made(list);
      const { edits, after, fits } = fitted(of, minutes);
      const applied = applyEdit(of, { kind: 'batch', edits });
      if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
      const seconds = climb(applied.value.block).weeks[0]?.plan.sessions[0]?.seconds.high ?? 0;
      expect(seconds).toBeLessThanOrEqual(after + 1e-6);
      if (fits) expect(seconds / 60).toBeLessThanOrEqual(minutes + 1e-6);
    }),
    { numRuns: 60 },
  );
});

test('time never falls when a set is added', () => {
  fc.assert(
    fc.property(anySession, fc.nat(), (list, pick) => {
      const at = pick % list.length;
      const more = list.map((one, index) => (index === at ? { ...one, count: one.count + 1 } : one));
      const seconds = (of: Block) => climb(of).weeks[0]?.plan.sessions[0]?.seconds ?? { low: 0, high: 0 };
      const [less, longer] = [seconds(made(list)), seconds(made(more))];
      return longer.low >= less.low && longer.high >= less.high;
    }),
    { numRuns: 60 },
  );
});

test('tension: three sets of nine at 4 s are 108 s for quads, half of it for glutes', () => {
  const planned = climb(block([session('a', 0, [slot('1', 'leg-press', { tempo: '3010' })])])).weeks[0]?.plan
    .sessions[0]?.slots[0];
  const exercise = exerciseById('leg-press');
  if (planned === undefined || exercise === undefined) throw new Error('no slot');
  const reps = planned.sets.reduce((sum, set) => sum + set.reps, 0);
  const tension = tensionSeconds([{ slot: planned, exercise }], { secondsPerRep: 3 });
  expect(tension.get('quads')).toBe(4 * reps);
  expect(tension.get('glutes')).toBe(2 * reps);
});
