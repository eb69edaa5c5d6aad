import fc from 'fast-check';
import { isArgumentList, isReadableAction } from './action-body';

const MARKS = ['$undefined', '$NaN', '$Infinity', '$-Infinity', '$-0', '$$', '$$5 a set', '$K1'];

describe('arguments of an action', () => {
  test('can be any JSON, with `$` escaped', () => {
    const escaped = (_: string, value: unknown) =>
      typeof value === 'string' && value.startsWith('$') ? `$${value}` : value;
    fc.assert(
      fc.property(fc.array(fc.jsonValue({ maxDepth: 5 }), { maxLength: 4 }), (given) =>
        isArgumentList(JSON.parse(JSON.stringify(given, escaped)), '0'),
      ),
    );
  });

  test.each(MARKS)('%s can be written by a page', (mark) => {
    expect(isArgumentList([mark, { of: [mark] }], '0')).toBe(true);
  });

  test.each([
    ...[
      '$',
      '$1',
      '$T',
      '$h1',
      '$F1',
      '$Q1',
      '$W1',
      '$i0',
      '$n7',
      '$D2026-11-28',
      '$A1',
      '$@1',
      '$R1',
      '$B1',
    ],
    ...['$undefine', '$K', '$Kx', '$00', '$a:0'],
  ])('%s is never written by a page', (mark) => {
    expect(isArgumentList([mark], '0')).toBe(false);
    expect(isArgumentList([{ of: [mark] }], '0')).toBe(false);
  });

  test('an earlier object is referenced by its path', () => {
    const slot = { sets: 3, range: { low: 6 } };
    expect(isArgumentList([slot, '$0:0'], '0')).toBe(true);
    expect(isArgumentList([slot, { of: '$0:0:range' }], '0')).toBe(true);
    expect(isArgumentList([slot, '$1:0'], '1')).toBe(true);
    expect(isArgumentList([slot, '$0:0'], '1')).toBe(false);
  });

  test.each([
    ['itself', ['$0']],
    ['what it stands in', [{ of: '$0:0' }]],
    ['what comes behind it', ['$0:1', {}]],
    ['what is not there', [{}, '$0:7']],
    ['what only every object has', [{}, '$0:0:constructor']],
    ['a prototype', JSON.parse('[{ "__proto__": {} }, "$0:0:__proto__"]')],
    ['no object', [7, '$0:0']],
    ['a mark in turn', [{}, '$0:0', '$0:1']],
  ])('%s is refused', (_, given) => {
    expect(isArgumentList(given, '0')).toBe(false);
  });

  test('a short text cannot expand to a million values', () => {
    /** Each row is twice the previous one. */
    const doubled = (rows: number) =>
      Array.from({ length: rows }, (_, at) => (at === 0 ? [] : [`$0:0:${at - 1}`, `$0:0:${at - 1}`]));
    // Row 17 holds 262 143 values, all up to it a little less than twice as many.
    expect(isArgumentList([doubled(17)], '0')).toBe(true);
    expect(isArgumentList([doubled(20)], '0')).toBe(false);
  });

  test('nest at most sixty-four levels, and are at most sixteen', () => {
    const deep = (levels: number) => JSON.parse('['.repeat(levels) + ']'.repeat(levels));
    expect([64, 65, 200_000].map((levels) => isArgumentList(deep(levels), '0'))).toEqual([
      true,
      false,
      false,
    ]);
    expect([16, 17].map((many) => isArgumentList(Array(many).fill(1), '0'))).toEqual([true, false]);
  });

  test.each([null, 5, 'x', {}, undefined])('%p is refused', (root) => {
    expect(isArgumentList(root, '0')).toBe(false);
  });
});

describe('a request', () => {
  const ask = (body: BodyInit, headers: Record<string, string> = {}) =>
    isReadableAction(new Request('http://here', { method: 'POST', body, headers }));
  const byScript = { 'next-action': 'x' };
  const formOf = (fields: Readonly<Record<string, string>>) => {
    const form = new FormData();
    for (const [name, value] of Object.entries(fields)) form.set(name, value);
    return form;
  };

  test('is not parsed if it calls no action', async () => {
    expect(await ask('{')).toBe(true);
    expect(await ask(formOf({ email: 'a@example.org', note: '$1' }))).toBe(true);
  });

  test('by script is JSON', async () => {
    expect(await ask('[1, "$$2"]', byScript)).toBe(true);
    for (const body of ['', '{', '["$2"]', '{}']) expect(await ask(body, byScript)).toBe(false);
  });

  test('by script may be a form with its arguments as part 0', async () => {
    expect(await ask(formOf({ 0: '[{"status":"ready"},"$K1"]', '1_email': '$5' }), byScript)).toBe(true);
    expect(await ask(formOf({ 0: '["$2"]' }), byScript)).toBe(false);
    expect(await ask(formOf({ 0: '[' }), byScript)).toBe(false);
    expect(await ask(formOf({ 1: '[]' }), byScript)).toBe(false);
    const broken = { ...byScript, 'content-type': 'multipart/form-data; boundary=x' };
    expect(await ask('--x\r\ngarbage', broken)).toBe(false);
  });

  test('without scripts has its arguments beside its fields', async () => {
    const asked = { $ACTION_REF_1: '', '$ACTION_1:0': '{"id":"x","bound":"$@1"}', '$ACTION_1:1': '[{}]' };
    expect(await ask(formOf({ ...asked, email: '$5' }))).toBe(true);
    expect(await ask(formOf({ ...asked, '$ACTION_1:0': '{"id":"x","bound":null}' }))).toBe(true);
    expect(await ask(formOf({ ...asked, '$ACTION_1:0': '{"id":"x","bound":"$@2"}' }))).toBe(false);
    expect(await ask(formOf({ ...asked, '$ACTION_1:1': '["$2"]' }))).toBe(false);
    expect(await ask(formOf({ $ACTION_REF_1: '' }))).toBe(false);
  });

  test('is at most one mebibyte', async () => {
    const long = (bytes: number) => JSON.stringify(['x'.repeat(bytes - 4)]);
    expect(await ask(long(1024 * 1024), byScript)).toBe(true);
    expect(await ask(long(1024 * 1024 + 1), byScript)).toBe(false);
  });
});
