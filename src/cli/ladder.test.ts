import { execFileSync } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from 'esbuild';
import { decodeBlock } from '../core/codecs';
import { FORMATS as FORMATS_LISTED, formatsTable, jsonSchemas, tablesPage } from '../formats/formats';

const ROOT = join(__dirname, '..', '..');
const FORMATS = join(ROOT, 'docs', 'formats');
const COMMAND = join(ROOT, '.cache', 'ladder-command.mjs');
const said = (...args: string[]): string =>
  execFileSync(process.execPath, [COMMAND, ...args], { encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'] });
const printed = (...args: string[]): unknown => JSON.parse(said(...args));
const example = join(FORMATS, 'upper-lower.json');

// Bundled into one file: running from sources would load the whole tree for each command.
beforeAll(() =>
  build({
    entryPoints: [join(ROOT, 'src', 'cli', 'ladder.ts')],
    outfile: COMMAND,
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    logLevel: 'error',
  }),
);

test.each(Object.entries(jsonSchemas()))(
  'the schema of a file of kind %s in docs/formats is the one the code checks by',
  (name, schema) => {
    const kept = JSON.parse(readFileSync(join(FORMATS, `${name}.schema.json`), 'utf8'));
    expect(kept).toEqual(JSON.parse(JSON.stringify(schema)));
  },
);

test("the README's table of formats and the page of tables match the code", () => {
  expect(readFileSync(join(ROOT, 'README.md'), 'utf8')).toContain(formatsTable());
  expect(readFileSync(join(FORMATS, 'tables.md'), 'utf8')).toBe(tablesPage());
  for (const { described } of FORMATS_LISTED)
    if (described.startsWith('docs/')) expect(existsSync(join(ROOT, described))).toBe(true);
});

test.each(readdirSync(FORMATS).filter((name) => name.endsWith('.json') && !name.includes('schema')))(
  'the example %s passes the codec',
  (name) => {
    expect(decodeBlock(JSON.parse(readFileSync(join(FORMATS, name), 'utf8'))).ok).toBe(true);
  },
);

test('unfold, check, time and volume print what the core computes', () => {
  expect(printed('unfold', example)).toMatchObject({ weeks: { length: 7 } });
  expect(printed('volume', example)).toMatchObject([
    { week: 1, muscles: { quads: { measured: expect.any(Number) } } },
    {},
    {},
    {},
    {},
    {},
    {},
  ]);
  const times = printed('time', example) as {
    secondsLow: number;
    secondsHigh: number;
    tensionSeconds: object;
  }[];
  expect(times).toHaveLength(4);
  for (const { secondsLow, secondsHigh, tensionSeconds } of times) {
    expect(secondsLow).toBeLessThan(secondsHigh);
    expect(Object.keys(tensionSeconds).length).toBeGreaterThan(2);
  }
  const findings = printed('check', example) as { id: string; severity: string }[];
  for (const { severity } of findings) expect(['block', 'warn', 'note']).toContain(severity);
});

test('a file that is not JSON, or not a block, exits with its problem', () => {
  expect(() => printed('unfold', join(FORMATS, 'nothing.json'))).toThrow(/no such file/);
  expect(() => printed('unfold', join(ROOT, 'package.json'))).toThrow(/malformed/);
});

test('a block is written as a spreadsheet and read back unchanged, without a database', () => {
  const file = join(mkdtempSync(join(tmpdir(), 'ladder-')), 'block.xlsx');
  expect(printed('xlsx', example, file)).toMatchObject({ written: file });
  expect(decodeBlock(printed('block', file))).toEqual(decodeBlock(JSON.parse(readFileSync(example, 'utf8'))));
});

test('tables and calendars are read back, and errors are listed', () => {
  const file = join(mkdtempSync(join(tmpdir(), 'ladder-')), 'measured.csv');
  writeFileSync(file, 'date,what,value,unit\r\n2026-11-09,waist,81.5,cm\r\n');
  expect(printed('rows', 'measurements', file)).toEqual([
    { date: '2026-11-09', what: 'waist', value: 81.5, unit: 'cm' },
  ]);
  expect(printed('file', example)).toMatchObject({ kind: 'block' });
  expect(() => said('days', file)).toThrow(/BEGIN:VCALENDAR/);
  expect(() => said('table', 'log', example)).toThrow(/not an athlete export/);
  expect(() => said('nothing')).toThrow(/ladder unfold/);
});
