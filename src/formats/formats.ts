import * as z from 'zod';
import { blockJsonSchema } from '@/core/codecs';
import { athleteFileSchema } from './archive/athlete-file';
import { accountFileSchema, libraryFileSchema, templateFileSchema } from './archive/files';
import { TABLES } from './table/tables';

/** A format that the product writes and reads. */
interface Format {
  readonly name: string;
  readonly file: string;
  readonly holds: string;
  readonly written: string;
  readonly read: string;
  /** Its description, relative to the repository's root. */
  readonly described: string;
}

const HOLDS: Readonly<Record<keyof typeof TABLES, string>> = {
  log: 'every set that counts, one per line',
  'check-ins': 'weekly check-ins',
  measurements: 'body weight and girths',
  volume: 'weekly sets by muscle and week, planned and done',
};

const page = 'Import and export';
const inAndOut = `${page}, or drop the file on any screen`;
/** Available on the command line. */
const command = (what: string) => `command line: \`${what}\``;

/** Every format; the README's table is generated from it. */
export const FORMATS: readonly Format[] = [
  {
    name: 'Block',
    file: 'JSON',
    holds: 'one block as designed',
    written: 'a block, by search: Save the block as a file',
    read: inAndOut,
    described: 'docs/formats/block.schema.json',
  },
  {
    name: 'Block as a spreadsheet',
    file: 'XLSX',
    holds: 'a sheet per session, a line per exercise, a column per week, and weekly volume',
    written: `a block, by search: Export or import a spreadsheet; ${command('xlsx')}`,
    read: `the same, as one undoable step; ${page}, as a new block; ${command('block')}`,
    described: 'docs/formats/spreadsheet.md',
  },
  {
    name: 'Athlete',
    file: 'JSON',
    holds:
      'one athlete with all data: blocks with their steps, weeks, logs, check-ins, measurements, decisions',
    written: page,
    read: inAndOut,
    described: 'docs/formats/athlete.schema.json',
  },
  {
    name: 'Template',
    file: 'JSON',
    holds: 'one template with its own exercises',
    written: 'Templates: Save as a file',
    read: inAndOut,
    described: 'docs/formats/template.schema.json',
  },
  {
    name: 'Library',
    file: 'JSON',
    holds: 'a coach’s own exercises, every revision',
    written: page,
    read: inAndOut,
    described: 'docs/formats/library.schema.json',
  },
  {
    name: 'Account',
    file: 'JSON',
    holds: 'all data of a coach: exercises, templates, athletes',
    written: page,
    read: `${inAndOut}; added to what is there`,
    described: 'docs/formats/account.schema.json',
  },
  ...Object.keys(TABLES).map((name) => ({
    name: `Table: ${name}`,
    file: 'CSV',
    holds: HOLDS[name as keyof typeof TABLES],
    written: `${page}; ${command(`table ${name}`)}`,
    read: name === 'volume' ? `${command(`rows ${name}`)}` : inAndOut,
    described: 'docs/formats/tables.md',
  })),
  {
    name: 'Other training log',
    file: 'CSV, XLSX',
    holds: 'a log from elsewhere: dates, exercises, loads, reps',
    written: 'not written',
    read: `${inAndOut}; columns and names are guessed and can be corrected`,
    described: 'docs/formats/tables.md',
  },
  {
    name: 'Calendar',
    file: 'iCalendar',
    holds: 'an athlete’s sessions as whole days',
    written: `${page}; a private link to subscribe to (Athlete > Profile); ${command('calendar')}`,
    read: `${command('days')}`,
    described: 'RFC 5545',
  },
];

/** The table of formats for the README. */
export function formatsTable(): string {
  const rows = FORMATS.map(({ name, file, holds, written, read, described }) => {
    const where = described.startsWith('docs/')
      ? `[${described.split('/').at(-1)}](${described})`
      : described;
    return `| ${name} | ${file} | ${holds} | ${written} | ${read} | ${where} |`;
  });
  return [
    '| what | file | holds | written by | read by | described in |',
    '|---|---|---|---|---|---|',
    ...rows,
  ].join('\n');
}

/** The page that documents the columns of every table. */
export function tablesPage(): string {
  const tables = Object.entries(TABLES).flatMap(([name, columns]) => [
    `## ${name}`,
    '',
    '| column | holds | meaning |',
    '|---|---|---|',
    ...Object.entries(columns).map(
      ([column, { cell, says }]) => `| \`${column}\` | ${cell.holds.replaceAll('|', '\\|')} | ${says} |`,
    ),
    '',
  ]);
  return [
    '# Tables',
    '',
    'CSV by RFC 4180: UTF-8, commas, CRLF, column names in the first line, in any order. A text that a spreadsheet would compute (`=`, `+`, `-`, `@`) has an apostrophe in front, which is removed when it is read. Made by `npm run formats`.',
    '',
    ...tables,
    '## Other training log',
    '',
    'Any CSV file, or the first sheet of an XLSX file, with columns for date, exercise and reps; one set per line, or several (`3` in a column of sets, `8, 8, 7` or `3x8` for reps). Loads may carry their unit. Effort out of ten is read as reps in reserve.',
    '',
  ].join('\n');
}

/** JSON Schemas of the files, by name in docs/formats. */
export function jsonSchemas(): Readonly<Record<string, unknown>> {
  const of = (schema: z.ZodType) => z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' });
  return {
    block: blockJsonSchema(),
    athlete: of(athleteFileSchema),
    template: of(templateFileSchema),
    library: of(libraryFileSchema),
    account: of(accountFileSchema),
  };
}
