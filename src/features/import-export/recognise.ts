import { type Problem, type Result, refused } from '@/core';
import type { OwnFile } from '@/formats/archive/files';
import type { Meaning, SourceLine } from '@/formats/log-import/reading';
import type { Sheet } from '@/formats/workbook/workbook';
import * as words from '@/ui/words/screens/import-export';

/** What a file is, by its content. */
export type Recognised =
  | { readonly kind: 'own'; readonly own: OwnFile; readonly unchecked: unknown }
  | { readonly kind: 'measurements' | 'check-ins'; readonly csv: string; readonly rows: number }
  | { readonly kind: 'workbook'; readonly sheets: readonly Sheet[] }
  | { readonly kind: 'log'; readonly head: readonly string[]; readonly lines: readonly SourceLine[] };

/** Largest file accepted, in bytes. */
const MOST_BYTES = 64_000_000;
/** First bytes of a ZIP file, which a spreadsheet is. */
const PACKED = [0x50, 0x4b];

const detail = (text: string): Problem => ({ code: 'malformed', path: '', detail: text });

/** Reads a chosen file and recognises it. */
export async function recognise(file: Blob): Promise<Result<Recognised>> {
  if (file.size > MOST_BYTES)
    return refused({ code: 'too-many', path: '', field: 'bytes', most: MOST_BYTES, count: file.size });
  const bytes = new Uint8Array(await file.arrayBuffer());
  if (PACKED.every((byte, at) => bytes[at] === byte)) return workbook(bytes);
  const text = new TextDecoder().decode(bytes);
  if (text.includes('\u0000')) return refused(detail(words.itIsNeitherTextNor));
  return /^\s*[[{]/.test(text.replace(/^\uFEFF/, '')) ? ownFile(text) : table(text);
}

async function workbook(bytes: Uint8Array): Promise<Result<Recognised>> {
  const [{ readWorkbook }, { HIDDEN }] = await Promise.all([
    import('@/formats/workbook/workbook'),
    import('../block/spreadsheet/to-sheets'),
  ]);
  const read = await readWorkbook(bytes);
  if (!read.ok) return read;
  const sheets = read.value;
  const [first] = sheets.filter(({ isHidden }) => isHidden !== true);
  const isOwn = sheets.some(({ name }) => name === HIDDEN);
  const rows = first?.rows.map((cells, at) => ({ line: at + 1, cells })) ?? [];
  const filled = rows.filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
  // A plan also has exercises and reps; a column of days makes it a log.
  const log = isOwn ? null : await asLog(filled, ['date', 'exercise']);
  return { ok: true, value: log ?? { kind: 'workbook', sheets } };
}

async function ownFile(text: string): Promise<Result<Recognised>> {
  const [{ readJson }, { decodeOwnFile }] = await Promise.all([
    import('@/formats/limits'),
    import('@/formats/archive/files'),
  ]);
  const read = readJson(text);
  if (!read.ok) return read;
  const own = decodeOwnFile(read.value);
  return own.ok ? { ok: true, value: { kind: 'own', own: own.value, unchecked: read.value } } : own;
}

async function table(text: string): Promise<Result<Recognised>> {
  const [{ readCells, readCsv }, { CHECK_INS, MEASURED }] = await Promise.all([
    import('@/formats/table/csv'),
    import('@/formats/table/tables'),
  ]);
  const cells = readCells(text);
  if (!cells.ok) return cells;
  const heads = new Set(cells.value[0]?.cells.map((cell) => cell.trim().toLowerCase()));
  const has = (columns: object) => Object.keys(columns).every((name) => heads.has(name));
  if (has(MEASURED)) {
    const read = readCsv(MEASURED, text);
    return read.ok ? { ok: true, value: { kind: 'measurements', csv: text, rows: read.value.length } } : read;
  }
  if (has(CHECK_INS)) {
    const read = readCsv(CHECK_INS, text);
    return read.ok ? { ok: true, value: { kind: 'check-ins', csv: text, rows: read.value.length } } : read;
  }
  const log = await asLog(cells.value, ['exercise', 'reps']);
  return log === null ? refused(detail(words.noLineNamesColumnsFor)) : { ok: true, value: log };
}

/** Lines above a log's headings. */
const MOST_ABOVE = 10;

/** Lines as a log, if one of the first has headings; otherwise null. */
async function asLog(lines: readonly SourceLine[], heads: readonly Meaning[]): Promise<Recognised | null> {
  const { guessReading } = await import('@/formats/log-import/reading');
  const at = lines.slice(0, MOST_ABOVE).findIndex(({ cells }) => {
    const { columns } = guessReading(cells, [], 'kg');
    return heads.every((meaning) => columns[meaning] !== undefined);
  });
  const head = lines[at];
  return head === undefined ? null : { kind: 'log', head: head.cells, lines: lines.slice(at + 1) };
}
