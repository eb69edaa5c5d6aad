import { type Problem, type Result, refused } from '@/core';

/** A kind of cell: how a value is written and read. */
export interface CellKind<T> {
  /** Allowed contents, for the documentation of tables. */
  readonly holds: string;
  // A method, not a property: a table has columns of all kinds, and each only gets values it wrote.
  write(value: T): string;
  /** @returns the value, or undefined if the text is not of this kind */
  read(text: string): T | undefined;
}

/** A column of a table. */
export interface Column<T> {
  readonly cell: CellKind<T>;
  readonly says: string;
}

export type Columns = Readonly<Record<string, Column<unknown>>>;
/** A row of a table by column name. */
export type RowOf<C> = { readonly [K in keyof C]: C[K] extends Column<infer T> ? T : never };

export function column<T>(cell: CellKind<T>, says: string): Column<T> {
  return { cell, says };
}

/** Characters at which a spreadsheet reads text as a formula, and the one that prevents it. */
const COMPUTED = /^['=+\-@\t\r]/;

/** Any text. Text a spreadsheet would read as a formula gets an apostrophe, which reading removes. */
export const text: CellKind<string> = {
  holds: 'text',
  write: (value) => (COMPUTED.test(value) ? `'${value}` : value),
  read: (given) => (given.startsWith("'") && COMPUTED.test(given.slice(1)) ? given.slice(1) : given),
};

const DECIMAL = /^[+-]?\d+(?:[.,]\d+)?$/;

/** A number with a decimal point; a comma is accepted too. */
export function number(low: number, high: number, whole = false): CellKind<number> {
  return {
    holds: `${whole ? 'whole number' : 'number'}, ${low} to ${high}`,
    write: String,
    read: (given) => {
      if (!DECIMAL.test(given)) return undefined;
      const value = Number(given.replace(',', '.'));
      return value < low || value > high || (whole && !Number.isInteger(value)) ? undefined : value;
    },
  };
}

const DAY = /^(\d{4})-(\d{2})-(\d{2})$/;

/** A day, ISO 8601. */
export const day: CellKind<string> = {
  holds: 'day, 2026-11-09',
  write: (value) => value,
  read: (given) => {
    const [, year, month, date] = DAY.exec(given) ?? [];
    if (year === undefined) return undefined;
    const there = new Date(Date.UTC(Number(year), Number(month) - 1, Number(date)));
    return there.toISOString().slice(0, 10) === given ? given : undefined;
  },
};

/** An instant, ISO 8601 in UTC. */
export const instant: CellKind<string> = {
  holds: 'instant, 2026-11-09T17:30:00.000Z',
  write: (value) => value,
  read: (given) => {
    const at = new Date(given);
    return Number.isNaN(at.getTime()) || at.toISOString() !== given ? undefined : given;
  },
};

export function oneOf<T extends string>(of: readonly T[]): CellKind<T> {
  return {
    holds: of.join(' | '),
    write: (value) => value,
    read: (given) => of.find((one) => one === given.toLowerCase()),
  };
}

/** A cell that may be empty. */
export function maybe<T>(cell: CellKind<T>): CellKind<T | null> {
  return {
    holds: `${cell.holds}, or nothing`,
    write: (value) => (value === null ? '' : cell.write(value)),
    read: (given) => (given === '' ? null : cell.read(given)),
  };
}

/** Reads a line by its table's headings. @param place of the line, for its problems */
export function readRow<C extends Columns>(
  columns: C,
  cells: ReadonlyMap<string, string>,
  place: string,
): Result<RowOf<C>> {
  const problems: Problem[] = [];
  const row = Object.entries(columns).map(([name, { cell }]) => {
    const given = cells.get(name) ?? '';
    const value = cell.read(given);
    if (value === undefined)
      problems.push({
        code: 'not-understood',
        path: `${place}/${name}`,
        text: given.slice(0, 80),
        example: cell.holds,
      });
    return [name, value];
  });
  // Read name by name; TypeScript cannot infer from a list that each name keeps its own kind.
  return problems.length > 0
    ? refused(...problems)
    : { ok: true, value: Object.fromEntries(row) as RowOf<C> };
}
