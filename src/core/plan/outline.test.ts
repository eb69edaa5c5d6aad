import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { decodeOutline } from './issued-codec';
import { weekOutline } from './outline';

const plan = unfold({
  block: block([session('a', 0, [slot('a1', 'leg-press')]), session('b', 3, [slot('b1', 'seal-row')])]),
  athlete: athlete(),
  exercises: lookup,
  issued: [],
  log: { workouts: [], sets: [], soreness: [] },
  answers: [],
}).weeks[0]?.plan;

test('reads an outline as written, and as the database builds it from an old week', () => {
  if (plan === undefined) throw new Error('no week');
  const outline = weekOutline(plan);
  expect(outline.map(({ sessionId, day, sets }) => [sessionId, day, sets])).toEqual([
    ['a', 0, 3],
    ['b', 3, 3],
  ]);
  expect(decodeOutline(JSON.parse(JSON.stringify(outline)))).toEqual({ ok: true, value: outline });
  const old = [
    { sessionId: 'a', name: 'A', day: 0, optional: null, sets: 12, seconds: { low: null, high: 1800 } },
  ];
  expect(decodeOutline(old)).toMatchObject({
    ok: true,
    value: [{ optional: false, seconds: { low: 0, high: 1800 } }],
  });
  expect(decodeOutline([{ sessionId: 1 }]).ok).toBe(false);
});
