import type { APIResponse, Page } from '@playwright/test';
import fc from 'fast-check';
import { ACTIONS, asked, COACHS_ACTIONS, call, placeOf, ROUTES } from './actions';
import { expect, openBlock, test } from './coach';
import { hrefOf } from './phones';

/** `npm run fuzz` raises these numbers. */
const CALLS = Number(process.env.FUZZ_CALLS ?? 800);
const SEED = Number(process.env.FUZZ_SEED ?? 20_261_127);
test.describe.configure({ timeout: 240_000 + CALLS * 100 });

/** Parallel calls. */
const AT_ONCE = 6;

/** Values that no action expects. */
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

/** Every path within a value, starting with the value itself. */
function places(
  value: unknown,
  at: readonly (string | number)[] = [],
): readonly (readonly (string | number)[])[] {
  if (typeof value !== 'object' || value === null) return [at];
  return [at, ...Object.entries(value).flatMap(([key, inner]) => places(inner, [...at, key]))];
}

/** A copy of a value with something else at one path. */
function withAt(value: unknown, [first, ...rest]: readonly (string | number)[], other: unknown): unknown {
  // An earlier replacement may have removed this path.
  if (first === undefined || typeof value !== 'object' || value === null) return other;
  if (Array.isArray(value))
    return value.map((one, at) => (String(at) === String(first) ? withAt(one, rest, other) : one));
  return {
    ...(value as object),
    [first]: withAt((value as Record<string, unknown>)[String(first)], rest, other),
  };
}

/** Arguments for an action: its own with one or two places replaced, or something entirely different. */
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

/** An athlete and a block of this coach, for use in addresses. */
async function ownIds(page: Page): Promise<{ readonly athleteId: string; readonly blockId: string }> {
  const athleteId = (await hrefOf(page, 'Profile of Maren')).replace('/athletes/', '');
  await openBlock(page, 'Maren');
  return { athleteId, blockId: new URL(page.url()).pathname.replace('/blocks/', '') };
}

interface Asked {
  readonly key: string;
  readonly said: string;
  readonly ask: () => Promise<APIResponse>;
}

/** Calls several at a time. @returns calls that were answered with a server error */
async function wrongAmong(all: readonly Asked[]): Promise<readonly string[]> {
  const wrong: string[] = [];
  let slowest = { ms: 0, key: '' };
  const left = [...all];
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      for (let one = left.pop(); one !== undefined && wrong.length < 40; one = left.pop()) {
        const begun = performance.now();
        const answer = await one.ask();
        const ms = performance.now() - begun;
        if (ms > slowest.ms) slowest = { ms, key: one.key };
        if (answer.status() >= 500) wrong.push(`${answer.status()} ${one.key} ${one.said.slice(0, 300)}`);
      }
    }),
  );
  console.log(`${all.length} calls, the slowest ${Math.round(slowest.ms)} ms: ${slowest.key}`);
  return wrong;
}

test('no arguments make an action fail with a server error: it refuses them or does its work', async ({
  coach: page,
}) => {
  const { origin } = new URL(page.url());
  const { athleteId, blockId } = await ownIds(page);
  const table = asked(athleteId, blockId);
  const others = ACTIONS.filter(({ filename }) => !filename.includes('(coach)/')).map((action) => ({
    ...action,
    key: action.name,
  }));
  const cases = fc.sample(
    fc
      .constantFrom(...COACHS_ACTIONS, ...others)
      .chain((action) => spoiled(table[action.key] ?? ['x', {}]).map((given) => ({ action, given }))),
    { numRuns: CALLS, seed: SEED },
  );
  const wrong = await wrongAmong(
    cases.map(({ action: { id, key }, given }) => {
      const path = table[key] === undefined ? '/sign-in' : placeOf(key, athleteId, blockId);
      return {
        key,
        said: JSON.stringify(given),
        ask: () => call(page.request, { id, origin, path, given }),
      };
    }),
  );
  expect(wrong).toEqual([]);
});

/** Texts that the framework reads as its own markers, in forms no page writes. */
const mark = fc
  .tuple(
    fc.constantFrom(...'@hHTQWKiI-NuDnAOoUSsLlGgMmVRrXxBFP$01z'),
    fc.string({ unit: fc.constantFrom(...'0123456789abcdef:.-x'), maxLength: 5 }),
  )
  .map(([letter, rest]) => `$${letter}${rest}`);
const BOUNDARY = '----------------------------5d1b0c4f7a';

/** A request body for an action, as bytes. */
const raw = fc.oneof(
  {
    weight: 4,
    arbitrary: fc
      .array(fc.oneof(mark, fc.record({ of: mark })), { minLength: 1, maxLength: 3 })
      .map((given) => JSON.stringify(given)),
  },
  { weight: 1, arbitrary: fc.string({ unit: fc.constantFrom(...'[]{}",:$0x'), maxLength: 30 }) },
  {
    weight: 1,
    arbitrary: fc.constantFrom(
      '',
      'null',
      '5',
      '{}',
      '['.repeat(50_000),
      JSON.stringify(['x'.repeat(1_200_000)]),
    ),
  },
);

test('a request that no page would send is refused before it is parsed', async ({ coach: page }) => {
  const { origin } = new URL(page.url());
  const cases = fc.sample(
    fc.record({
      action: fc.constantFrom(...ACTIONS),
      body: raw,
      as: fc.constantFrom('text', 'form', 'form without a script'),
    }),
    { numRuns: CALLS, seed: SEED },
  );
  const part = (name: string, value: string) =>
    `--${BOUNDARY}\r\nContent-Disposition: form-data; name="${name}"\r\n\r\n${value}\r\n`;
  const wrong = await wrongAmong(
    cases.map(({ action: { id, name: key }, body, as }) => {
      const form =
        as === 'form'
          ? part('0', body)
          : `${part('$ACTION_REF_1', '')}${part('$ACTION_1:0', `{"id":"${id}","bound":"$@1"}`)}${part('$ACTION_1:1', body)}`;
      const type = as === 'text' ? 'text/plain;charset=UTF-8' : `multipart/form-data; boundary=${BOUNDARY}`;
      const headers = {
        origin,
        'content-type': type,
        ...(as === 'form without a script' ? {} : { 'next-action': id }),
      };
      const data = as === 'text' ? body : `${form}--${BOUNDARY}--\r\n`;
      return {
        key: `${key}, ${as}`,
        said: body,
        ask: () => page.request.post('/sign-in', { headers, data, maxRedirects: 0 }),
      };
    }),
  );
  expect(wrong).toEqual([]);
});

/** Values for the ids and queries of an address. */
const scrap = fc.constantFrom(
  ...[
    '0',
    '-1',
    '1e9',
    '9'.repeat(25),
    '%00',
    '%0a',
    '..%2f',
    '%F0%9F%8F%8B',
    '%C3%28',
    '%ff',
    '%ED%A0%80',
    '%',
    '%zz',
  ],
  ...[
    'x'.repeat(300),
    'null',
    '__proto__',
    'constructor',
    '%27%20or%201=1',
    'a;b',
    '%2e%2e',
    '2026-02-31',
    '%E2%80%AE',
  ],
);
const WORDS = ['athlete', 'from', 'to', 'show', 'week', '_rsc', 'x'];

test('every address answers with a page, a redirect or a refusal', async ({ coach: page }) => {
  const { athleteId, blockId } = await ownIds(page);
  const paths = [
    '/nowhere',
    '/_next/nowhere',
    ...ROUTES.map((route) => route.replace(/\/\([^)]+\)/g, '').replace(/\/(page|route)$/, '')),
  ];
  const segment = fc.oneof(scrap, fc.constantFrom(athleteId, blockId, '3'));
  const address = fc
    .tuple(
      fc.constantFrom(...paths),
      fc.array(segment, { minLength: 3, maxLength: 3 }),
      fc.array(fc.tuple(fc.constantFrom(...WORDS), segment), { maxLength: 3 }),
    )
    .map(([path, segments, search]) => {
      const left = [...segments];
      const filled = path.replace(/\[[^\]]+\]/g, () => left.pop() ?? '');
      return `${filled}?${search.map(([word, value]) => `${word}=${value}`).join('&')}`;
    });
  const headers = fc.oneof(
    fc.constant<Record<string, string>>({}),
    fc.record({
      rsc: fc.constant('1'),
      'next-router-state-tree': fc.constantFrom(
        'garbage',
        'null',
        '%7B%7D',
        '%5B%5D',
        '%5B%22%22%2C%7B%7D%5D',
      ),
      'next-router-prefetch': fc.constantFrom('1', '2', 'x'),
    }),
  );
  const cases = fc.sample(
    fc.record({
      address,
      headers,
      method: fc.constantFrom('GET', 'GET', 'GET', 'HEAD', 'PUT', 'DELETE', 'PATCH'),
    }),
    { numRuns: CALLS, seed: SEED },
  );
  const wrong = await wrongAmong(
    cases.map(({ address: path, headers: sent, method }) => ({
      key: `${method} ${path}`,
      said: JSON.stringify(sent),
      ask: () => page.request.fetch(path, { method, headers: sent, maxRedirects: 0 }),
    })),
  );
  expect(wrong).toEqual([]);
});
