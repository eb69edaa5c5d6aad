import { startOf } from '../techniques/registry';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { schemeFigures } from './scheme';

const strict = { time: 'strict' } as const;

test('three straight sets against one round of rest-pause: counted sets, reps, seconds', () => {
  const straight = slot('s', 'leg-extension', { range: { low: 10, high: 10 }, tempo: '1010', rest: 150 });
  const other = slot('o', 'leg-press');
  const of = block([session('a', 0, [other, straight])], strict);
  const input = { block: of, athlete: athlete(), exercises: lookup };
  // 3 x 10 reps of 2 s, and 150 s after the first two.
  expect(schemeFigures(input, straight)).toEqual({
    hard: 3,
    sets: 3,
    reps: 30,
    tension: 60,
    seconds: 60 + 300,
  });
  const pause = schemeFigures(input, { ...straight, technique: startOf('rest-pause') });
  // Ten to failure, then four and four after 20 s each: 1 + 0.25 + 0.25.
  expect(pause).toEqual({ hard: 1.5, sets: 3, reps: 18, tension: 36, seconds: 36 + 40 });
});

test('a slot of a group or after a break is compared alone; one that is not in the block gives nothing', () => {
  const joined = slot('s', 'leg-extension', { joined: true, breakBefore: 5 });
  const of = block([session('a', 0, [slot('o', 'leg-press'), joined])], strict);
  const input = { block: of, athlete: athlete(), exercises: lookup };
  const alone = {
    ...input,
    block: block([session('a', 0, [{ ...joined, joined: false, breakBefore: 0 }])], strict),
  };
  expect(schemeFigures(input, joined)).toEqual(schemeFigures(alone, joined));
  expect(schemeFigures(input, slot('x', 'leg-press'))).toBeUndefined();
});
