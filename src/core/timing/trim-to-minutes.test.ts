import fc from 'fast-check';
import { applyEdit } from '../block/apply-edit';
import type { Block } from '../block/block';
import { exerciseById } from '../exercises/library';
import { checkInput } from '../findings/registry';
import { EMPTY_LOG } from '../log/log';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { tensionSeconds } from './tension';
import { trimToMinutes } from './trim-to-minutes';

const climb = (of: Block) =>
  unfold({ block: of, athlete: athlete(), exercises: lookup, issued: [], log: EMPTY_LOG, answers: [] });
function fitted(of: Block, minutes: number) {
  const input = checkInput({ block: of, athlete: athlete(), blockPlan: climb(of), exercises: lookup });
  const [first] = of.sessions;
  if (input === undefined || first === undefined) throw new Error('nothing to fit');
  return trimToMinutes(first, minutes, input);
}
const sets = (count: number) => ({ technique: { kind: 'straight' as const, sets: count } });

test('sets go first where there is most above the floor: quads at 12 of a floor of 8, before calves at their floor', () => {
  const of = block([
    session('a', 0, [slot('1', 'leg-press', sets(12)), slot('2', 'standing-calf-raise', sets(6))]),
  ]);
  const { steps, fits } = fitted(of, 45);
  expect(fits).toBe(true);
  expect(steps[0]).toEqual({ kind: 'drop set', slotId: '1', exerciseId: 'leg-press', belowFloor: false });
  expect(steps.some(({ slotId, kind }) => kind === 'drop set' && slotId === '2')).toBe(false);
});

test('at the floor the rests of isolation work shrink before a muscle falls below it', () => {
  const of = block([
    session('a', 0, [
      slot('1', 'cable-crunch', { ...sets(4), rest: 150 }),
      slot('2', 'standing-calf-raise', { ...sets(6), rest: 150 }),
    ]),
  ]);
  const before = (climb(of).weeks[0]?.plan.sessions[0]?.seconds.high ?? 0) / 60;
  const { steps } = fitted(of, Math.floor(before) - 5);
  expect(steps[0]?.kind).toBe('shorten rest');
  expect(steps.every(({ kind }) => kind === 'shorten rest')).toBe(true);
});

test('what fits already is left alone; five minutes are too few for anything, and it says so', () => {
  const of = block([session('a', 0, [slot('1', 'leg-press')])]);
  expect(fitted(of, 120)).toMatchObject({ steps: [], edits: [], fits: true });
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

test('its edits make the session as short as it says, or shorter', () => {
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
