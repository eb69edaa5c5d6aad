import fc from 'fast-check';
import { ACTIONS, asked, COACHS_ACTIONS, call, placeOf } from './actions';
import { expect, openBlock, test } from './coach';
import { hrefOf } from './phones';

/** `npm run fuzz` asks for many more. */
const CALLS = Number(process.env.FUZZ_CALLS ?? 800);
const SEED = Number(process.env.FUZZ_SEED ?? 20_261_127);
/** So many at once. */
const AT_ONCE = 6;

/** What no action was made for. */
const junk: fc.Arbitrary<unknown> = fc.oneof(
  { weight: 4, arbitrary: fc.constantFrom<unknown>(null, true, '', 0, -1, 1e308, 0.1, '0', '%', [], {}) },
  {
    weight: 2,
    arbitrary: fc.constantFrom(
      'x'.repeat(97),
      'x'.repeat(5000),
      '__proto__',
      '\u0000',
      '\ud800',
      '2026-02-31',
    ),
  },
  {
    weight: 2,
    arbitrary: fc.string({ unit: 'binary', maxLength: 60 }),
  },
  { weight: 1, arbitrary: fc.double({ noNaN: true, noDefaultInfinity: true }) },
  { weight: 1, arbitrary: fc.jsonValue({ maxDepth: 3 }) },
);

/** Every place within a value, the whole first. */
function places(
  value: unknown,
  at: readonly (string | number)[] = [],
): readonly (readonly (string | number)[])[] {
  if (typeof value !== 'object' || value === null) return [at];
  return [at, ...Object.entries(value).flatMap(([key, inner]) => places(inner, [...at, key]))];
}

/** A value with something else at one place in it. */
function withAt(value: unknown, [first, ...rest]: readonly (string | number)[], other: unknown): unknown {
  // An earlier spoiling may have taken the place away.
  if (first === undefined || typeof value !== 'object' || value === null) return other;
  if (Array.isArray(value))
    return value.map((one, at) => (String(at) === String(first) ? withAt(one, rest, other) : one));
  return {
    ...(value as object),
    [first]: withAt((value as Record<string, unknown>)[String(first)], rest, other),
  };
}

/** What an action is asked with: its own arguments with one or two places spoiled, or nothing like them. */
function spoiled(given: readonly unknown[]): fc.Arbitrary<readonly unknown[]> {
  const spots = places(given).slice(1);
  const once = (value: unknown) =>
    spots.length === 0
      ? fc.constant(value)
      : fc.tuple(fc.constantFrom(...spots), junk).map(([spot, other]) => withAt(value, spot, other));
  return fc.oneof(
    { weight: 5, arbitrary: once(given) },
    { weight: 2, arbitrary: once(given).chain(once) },
    { weight: 1, arbitrary: fc.array(junk, { maxLength: 5 }) },
  ) as fc.Arbitrary<readonly unknown[]>;
}

test('whatever an action is asked with, it answers: refused or done, never an error of the server', async ({
  coach: page,
}) => {
  test.setTimeout(240_000 + CALLS * 100);
  const { origin } = new URL(page.url());
  const athleteId = (await hrefOf(page, 'Profile of Maren')).replace('/athletes/', '');
  await openBlock(page, 'Maren');
  const blockId = new URL(page.url()).pathname.replace('/blocks/', '');
  const table = asked(athleteId, blockId);
  const others = ACTIONS.filter(({ filename }) => !filename.includes('(coach)/')).map((action) => ({
    ...action,
    key: action.name,
  }));
  const all = [...COACHS_ACTIONS, ...others];
  const cases = fc.sample(
    fc
      .constantFrom(...all)
      .chain((action) => spoiled(table[action.key] ?? ['x', {}]).map((given) => ({ action, given }))),
    { numRuns: CALLS, seed: SEED },
  );
  const wrong: string[] = [];
  let slowest = { ms: 0, key: '' };
  const ask = async ({ action, given }: (typeof cases)[number]) => {
    const begun = performance.now();
    const path = table[action.key] === undefined ? '/sign-in' : placeOf(action.key, athleteId, blockId);
    const answer = await call(page.request, { id: action.id, origin, path, given });
    const ms = performance.now() - begun;
    if (ms > slowest.ms) slowest = { ms, key: action.key };
    if (answer.status() >= 500)
      wrong.push(`${answer.status()} ${action.key} ${JSON.stringify(given).slice(0, 300)}`);
  };
  const left = [...cases];
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      for (let one = left.pop(); one !== undefined && wrong.length < 40; one = left.pop()) await ask(one);
    }),
  );
  console.log(`${cases.length} calls, the slowest ${Math.round(slowest.ms)} ms: ${slowest.key}`);
  expect(wrong).toEqual([]);
});
