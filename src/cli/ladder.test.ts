import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { blockJsonSchema, decodeBlock } from '../core/codecs';

const ROOT = join(__dirname, '..', '..');
const FORMATS = join(ROOT, 'docs', 'formats');
const printed = (...args: string[]): unknown =>
  JSON.parse(
    execFileSync(
      join(ROOT, 'node_modules', '.bin', 'tsx'),
      [join(ROOT, 'src', 'cli', 'ladder.ts'), ...args],
      {
        encoding: 'utf8',
        stdio: ['ignore', 'pipe', 'pipe'],
      },
    ),
  );
const example = join(FORMATS, 'upper-lower.json');

test('the schema in docs/formats is the one the code checks by', () => {
  const kept = JSON.parse(readFileSync(join(FORMATS, 'block.schema.json'), 'utf8'));
  expect(kept).toEqual(JSON.parse(JSON.stringify(blockJsonSchema())));
});

test.each(readdirSync(FORMATS).filter((name) => name.endsWith('.json') && !name.includes('schema')))(
  'the example %s passes the codec',
  (name) => {
    expect(decodeBlock(JSON.parse(readFileSync(join(FORMATS, name), 'utf8'))).ok).toBe(true);
  },
);

test('unfold, check, time and volume print what the core says', () => {
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

test('a file that is none, or a block that is none, ends with its problem', () => {
  expect(() => printed('unfold', join(FORMATS, 'nothing.json'))).toThrow(/no such file/);
  expect(() => printed('unfold', join(ROOT, 'package.json'))).toThrow(/malformed/);
});
