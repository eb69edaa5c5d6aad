import Papa from 'papaparse';
import { type Problem, type Result, refused } from '@/core';
import { FILE_LIMITS } from '../limits';
import { type Columns, type RowOf, readRow } from './column';

/** Most problems reported. */
const MOST_PROBLEMS = 20;

/** A CSV text (RFC 4180) as lines of cells without empty lines; each with its number, from 1. */
export function readCells(
  text: string,
  delimiter = '',
): Result<readonly { readonly line: number; readonly cells: readonly string[] }[]> {
  const { letters, lines, cells } = FILE_LIMITS;
  const most = (field: string, limit: number, count: number): Problem => ({
    code: 'too-many',
    path: '',
    field,
    most: limit,
    count,
  });
  if (text.length > letters) return refused(most('letters', letters, text.length));
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    delimiter,
    delimitersToGuess: [',', ';', '\t'],
    preview: lines + 1,
  });
  const [quote] = errors.filter(({ type }) => type === 'Quotes');
  if (quote !== undefined)
    return refused({ code: 'malformed', path: `line/${(quote.row ?? 0) + 1}`, detail: quote.message });
  if (data.length > lines) return refused(most('lines', lines, data.length));
  const wide = data.find((row) => row.length > cells);
  if (wide !== undefined) return refused(most('cells', cells, wide.length));
  return {
    ok: true,
    value: data
      .map((row, at) => ({ line: at + 1, cells: row }))
      .filter((row) => row.cells.some((cell) => cell.trim() !== '')),
  };
}

/** Rows as CSV with headings (RFC 4180): commas, quotes where needed, CRLF. */
export function writeCsv<C extends Columns>(columns: C, rows: readonly RowOf<C>[]): string {
  const heads = Object.keys(columns);
  const lines = rows.map((row) =>
    Object.entries(columns).map(([name, { cell }]) => cell.write(row[name as keyof C])),
  );
  return `${Papa.unparse([heads, ...lines], { newline: '\r\n' })}\r\n`;
}

/** Reads rows as written here: columns by heading in any order; every unreadable cell is named. */
export function readCsv<C extends Columns>(columns: C, text: string): Result<readonly RowOf<C>[]> {
  const read = readCells(text, ',');
  if (!read.ok) return read;
  const [head, ...lines] = read.value;
  const names = head?.cells.map((cell) => cell.trim().toLowerCase()) ?? [];
  const missing = Object.entries(columns).filter(
    ([name, { cell }]) => !names.includes(name) && cell.read('') === undefined,
  );
  if (head === undefined || missing.length > 0)
    return refused({
      code: 'malformed',
      path: 'line/1',
      detail: `has no column ${missing.map(([name]) => name).join(', ')}`,
    });
  const problems: Problem[] = [];
  const rows: RowOf<C>[] = [];
  for (const { line, cells } of lines) {
    const row = readRow(columns, new Map(names.map((name, at) => [name, cells[at] ?? ''])), `line/${line}`);
    if (row.ok) rows.push(row.value);
    else problems.push(...row.problems);
    if (problems.length >= MOST_PROBLEMS) break;
  }
  return problems.length > 0 ? refused(...problems.slice(0, MOST_PROBLEMS)) : { ok: true, value: rows };
}
