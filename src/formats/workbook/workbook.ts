import ExcelJS from 'exceljs';
import { type Result, refused } from '@/core';
import { FILE_LIMITS } from '../limits';
import { checkPacked } from './zip-sizes';

/** A sheet of texts. */
export interface Sheet {
  readonly name: string;
  readonly rows: readonly (readonly string[])[];
  /** Rows above the table that stay visible; 0: none. */
  readonly heads?: number;
  /** Column widths in characters; absent: the default width, 0: hidden. */
  readonly widths?: readonly number[];
  /** Hidden data for reading the file back. */
  readonly isHidden?: boolean;
}

/** Longest text of a cell in this format. */
export const LONGEST_CELL = 32_000;

/** Characters not allowed in a sheet's name, and its greatest length. */
const BARRED = /[*?:\\/[\]]/g;
const LONGEST_NAME = 31;

/** Valid sheet names, no two alike. */
export function sheetNames(wished: readonly string[]): readonly string[] {
  const taken = new Set<string>();
  return wished.map((wish) => {
    const plain =
      wish
        .replace(BARRED, ' ')
        .replace(/^'+|'+$/g, '')
        .trim()
        .slice(0, LONGEST_NAME) || 'sheet';
    let name = plain;
    for (let at = 2; taken.has(name.toLowerCase()); at++)
      name = `${plain.slice(0, LONGEST_NAME - 1 - String(at).length)} ${at}`;
    taken.add(name.toLowerCase());
    return name;
  });
}

/**
 * Sheets of texts as an XLSX file. Every cell is text and stays text when edited: `8-12` is a range, not a date, and
 * nothing is computed.
 */
export async function writeWorkbook(sheets: readonly Sheet[]): Promise<Uint8Array> {
  const book = new ExcelJS.Workbook();
  for (const { name, rows, heads = 0, widths = [], isHidden = false } of sheets) {
    const sheet = book.addWorksheet(name, {
      state: isHidden ? 'veryHidden' : 'visible',
      views: heads > 0 ? [{ state: 'frozen', ySplit: heads }] : [],
      pageSetup: { orientation: 'landscape', fitToPage: true, fitToWidth: 1, fitToHeight: 0 },
    });
    const columns = Math.max(widths.length, ...rows.map((row) => row.length), 1);
    for (let at = 1; at <= columns; at++) {
      const column = sheet.getColumn(at);
      const width = widths[at - 1];
      column.numFmt = '@';
      if (width === 0) column.hidden = true;
      else if (width !== undefined) column.width = width;
    }
    for (const [at, cells] of rows.entries()) {
      const row = sheet.getRow(at + 1);
      for (const [k, text] of cells.entries()) {
        const cell = row.getCell(k + 1);
        cell.value = text;
        cell.numFmt = '@';
        cell.alignment = { wrapText: true, vertical: 'top' };
        if (at < heads) cell.font = { bold: true };
      }
    }
  }
  return new Uint8Array(await book.xlsx.writeBuffer());
}

/** The texts of an XLSX file, sheet by sheet: formulas by their results. */
export async function readWorkbook(bytes: Uint8Array): Promise<Result<readonly Sheet[]>> {
  const packed = await checkPacked(bytes);
  if (!packed.ok) return packed;
  const book = new ExcelJS.Workbook();
  try {
    await book.xlsx.load(bytes.slice().buffer);
  } catch (error) {
    const detail = error instanceof Error ? error.message.slice(0, 200) : 'cannot be read';
    return refused({ code: 'malformed', path: '', detail });
  }
  const sheets: Sheet[] = [];
  for (const sheet of book.worksheets) {
    const { lines, cells: most } = FILE_LIMITS;
    if (sheet.rowCount > lines)
      return refused({
        code: 'too-many',
        path: sheet.name,
        field: 'lines',
        most: lines,
        count: sheet.rowCount,
      });
    if (sheet.columnCount > most)
      return refused({ code: 'too-many', path: sheet.name, field: 'cells', most, count: sheet.columnCount });
    const rows: string[][] = [];
    sheet.eachRow({ includeEmpty: false }, (row, at) => {
      while (rows.length < at - 1) rows.push([]);
      const cells: string[] = [];
      row.eachCell({ includeEmpty: false }, (cell, column) => {
        while (cells.length < column - 1) cells.push('');
        cells.push(textOf(cell.value));
      });
      rows.push(cells);
    });
    sheets.push({ name: sheet.name, rows, isHidden: sheet.state !== 'visible' });
  }
  return sheets.length === 0
    ? refused({ code: 'malformed', path: '', detail: 'has no sheet' })
    : { ok: true, value: sheets };
}

/** A cell's displayed text. */
function textOf(value: ExcelJS.CellValue): string {
  if (value === null || value === undefined) return '';
  if (value instanceof Date) return Number.isNaN(value.getTime()) ? '' : value.toISOString().slice(0, 10);
  if (typeof value !== 'object') return String(value);
  if ('richText' in value) return value.richText.map(({ text }) => text).join('');
  if ('result' in value) return textOf(value.result as ExcelJS.CellValue);
  if ('text' in value) return textOf(value.text as ExcelJS.CellValue);
  return '';
}
