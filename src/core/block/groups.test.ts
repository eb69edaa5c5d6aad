import { conventionsWith } from '../conventions/conventions';
import type { Exercise } from '../exercises/exercise';
import { exerciseById } from '../exercises/library';
import { EMPTY_LOG } from '../log/log';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { sessionTime, type TimedSlot } from '../timing/session-time';
import { unfold } from '../unfold/unfold';
import { groupKind, groupSlots } from './groups';

const conventions = conventionsWith();
const exercises = (...ids: string[]) => ids.map((id) => exerciseById(id) as Exercise);

test('slots joined to the one above make a group with it', () => {
  const one = session('a', 0, [
    slot('1', 'leg-extension', { joined: true }),
    slot('2', 'seated-leg-curl', { joined: true }),
    slot('3', 'cable-crunch'),
  ]);
  expect(groupSlots(one).map((group) => group.map(({ id }) => id))).toEqual([['1', '2'], ['3']]);
});

test('two slots are a superset, more for one muscle a giant set, otherwise a circuit', () => {
  expect(groupKind(exercises('leg-extension'))).toBeNull();
  expect(groupKind(exercises('leg-extension', 'seated-leg-curl'))).toBe('superset');
  expect(groupKind(exercises('leg-extension', 'hack-squat', 'leg-press'))).toBe('giant set');
  expect(groupKind(exercises('leg-extension', 'seated-leg-curl', 'cable-crunch'))).toBe('circuit');
});

describe('time of a group', () => {
  const one: TimedSlot = {
    secondsPerRep: 4,
    sides: 1,
    rest: 90,
    sets: [
      { low: 10, high: 10 },
      { low: 10, high: 10 },
    ],
    warmUps: [],
  };
  test('a superset rests after each round: 90 s once and 15 s twice; two separate slots rest 90 s three times', () => {
    const apart = sessionTime([one, one], 'realistic', conventions);
    const together = sessionTime([one, { ...one, joined: true }], 'realistic', conventions);
    expect(apart.rest).toBe(270);
    expect(together.rest).toBe(90 + 2 * 15);
    expect(together.work).toBe(apart.work);
    expect(sessionTime([one, { ...one, joined: true }], 'strict', conventions).rest).toBe(90);
  });

  test('mini-sets add their inner rests, a stretch its seconds', () => {
    const round = { ...one, rounds: 1, inner: 20, stretch: 45 };
    expect(sessionTime([round], 'realistic', conventions).rest).toBe(65);
  });
});

test("in a superset the other exercise's set is rest too: sets lose fewer reps", () => {
  const made = (joined: boolean) =>
    block([
      session('a', 0, [
        slot('1', 'leg-extension', { rest: 60 }),
        slot('2', 'seated-leg-curl', { rest: 60, joined }),
      ]),
    ]);
  const perSet = (joined: boolean) => {
    const { weeks } = unfold({
      block: made(joined),
      athlete: athlete(),
      exercises: lookup,
      issued: [],
      log: EMPTY_LOG,
      answers: [],
    });
    const why = weeks[0]?.plan.sessions[0]?.slots[0]?.why.reps;
    return why?.code === 'reps/drift' ? why.perSet : Number.NaN;
  };
  expect(perSet(false)).toBe(1.5);
  expect(perSet(true)).toBeLessThan(1.2);
});
