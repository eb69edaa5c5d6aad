import { catalogueWith } from '@/core';
import { block, session, slot } from '@/core/testing/fixtures';
import { writeOwnFile } from '@/formats/archive/files';
import { writeCsv } from '@/formats/table/csv';
import { MEASURED } from '@/formats/table/tables';
import { writeWorkbook } from '@/formats/workbook/workbook';
import { guessExercise } from '@/ui/guess-exercise';
import { recognise } from './recognise';

const found = async (content: string | Uint8Array<ArrayBuffer>) => {
  const read = await recognise(new Blob([content]));
  return read.ok ? read.value.kind : read.problems.map(({ code }) => code);
};

test('a file is recognised by its content, not its name', async () => {
  const of = block([session('a', 0, [slot('1', 'hack-squat')])]);
  expect(await found(writeOwnFile({ kind: 'block', file: of }))).toBe('own');
  expect(await found(writeCsv(MEASURED, []))).toBe('measurements');
  expect(await found('Date;Exercise;Reps\n03.08.2026;squat;8')).toBe('log');
  // Lines above the headings are something else.
  expect(await found('my log\n\ndate,lift,reps\n2026-08-03,squat,8')).toBe('log');
  const rows = [
    ['Exercise', 'Sets', 'Reps'],
    ['hack squat', '3', '8-12'],
  ];
  expect(await found(new Uint8Array(await writeWorkbook([{ name: 'Push', rows }])))).toBe('workbook');
  const log = [
    ['Date', 'Exercise', 'Reps', 'Weight'],
    ['2026-08-03', 'hack squat', '8', '100'],
  ];
  expect(await found(new Uint8Array(await writeWorkbook([{ name: 'Log', rows: log }])))).toBe('log');
});

test('anything else is refused', async () => {
  expect(await found('a letter to somebody')).toEqual(['malformed']);
  expect(await found('{"format":"something else"}')).toEqual(['malformed']);
  expect(await found('PK and nothing more')).toEqual(['malformed']);
  expect(await found('a\u0000b')).toEqual(['malformed']);
  expect(await found('')).toEqual(['malformed']);
});

test('names match exactly, as remembered, or by similarity; otherwise they are asked for', () => {
  const catalogue = catalogueWith([]);
  const likely = (name: string, before: Record<string, string> = {}) =>
    guessExercise(name, catalogue, before);
  expect(likely('hack squat')).toEqual({ id: 'hack-squat', how: 'known' });
  expect(likely('my hack squat')).toEqual({ id: 'hack-squat', how: 'likely' });
  // Several of them, and what others put in brackets.
  expect(likely('hack squats')).toEqual({ id: 'hack-squat', how: 'likely' });
  expect(likely('bench press (barbell)')).toEqual({ id: 'barbell-bench-press', how: 'likely' });
  expect(likely('grandfather’s pull').how).toBe('unknown');
  expect(likely('zzz')).toEqual({ id: undefined, how: 'unknown' });
  expect(likely('zzz', { zzz: 'leg-press' })).toEqual({ id: 'leg-press', how: 'remembered' });
  expect(likely('hack squat', { 'hack squat': 'leg-press' }).id).toBe('leg-press');
  expect(likely('zzz', { zzz: 'gone' }).how).toBe('unknown');
});
