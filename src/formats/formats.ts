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
  /** Where it is described, from the root of the repository. */
  readonly described: string;
}

const HOLDS: Readonly<Record<keyof typeof TABLES, string>> = {
  log: 'every set that counts, a line each',
  'check-ins': 'what was said of each week',
  measurements: 'body weight and girths',
  volume: 'weekly sets by muscle and week, planned and done',
};

const page = 'In and out';
const inAndOut = `${page}, by button or drop`;
/** By a command of the command line. */
const command = (what: string) => `command line: \`${what}\``;

/** Every format there is; the README's table is made of it. */
export const FORMATS: readonly Format[] = [
  {
    name: 'Block',
    file: 'JSON',
    holds: 'one block as it is designed',
    written: 'a block’s palette: Save the block as a file',
    read: inAndOut,
    described: 'docs/formats/block.schema.json',
  },
  {
    name: 'Block as a spreadsheet',
    file: 'XLSX',
    holds: 'a sheet a session, a line a slot, a column a week, and the volume',
    written: `a block’s palette: Spreadsheet; ${command('xlsx')}`,
    read: `the same, as a step of the block; ${inAndOut}, as a new block; ${command('block')}`,
    described: 'docs/formats/spreadsheet.md',
  },
  {
    name: 'Athlete',
    file: 'JSON',
    holds: 'one athlete with everything: blocks, their steps, weeks, logs, check-ins, measurements, answers',
    written: page,
    read: inAndOut,
    described: 'docs/formats/athlete.schema.json',
  },
  {
    name: 'Template',
    file: 'JSON',
    holds: 'one template with the own exercises in it',
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
    holds: 'all of a coach’s: exercises, templates, athletes with everything',
    written: page,
    read: `${inAndOut}: beside what is there`,
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
    name: 'Somebody’s log',
    file: 'CSV, XLSX',
    holds: 'a training log kept elsewhere: dates, exercises, loads, reps',
    written: 'not written',
    read: `${inAndOut}: columns and names are guessed and put right`,
    described: 'docs/formats/tables.md',
  },
  {
    name: 'Calendar',
    file: 'iCalendar',
    holds: 'an athlete’s sessions, each a whole day of theirs',
    written: `${page}; a private link to subscribe to (Athlete > Person); ${command('calendar')}`,
    read: `${command('days')}`,
    described: 'RFC 5545',
  },
];

/** The table of formats as the README has it. */
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

/** The page that tells the columns of every table. */
export function tablesPage(): string {
  const tables = Object.entries(TABLES).flatMap(([name, columns]) => [
    `## ${name}`,
    '',
    '| column | holds | says |',
    '|---|---|---|',
    ...Object.entries(columns).map(
      ([column, { cell, says }]) => `| \`${column}\` | ${cell.holds.replaceAll('|', '\\|')} | ${says} |`,
    ),
    '',
  ]);
  return [
    '# Tables',
    '',
    'CSV as RFC 4180 has it: UTF-8, commas, CRLF, heads in the first line, in any order. A text that a spreadsheet would reckon with (`=`, `+`, `-`, `@`) stands behind an apostrophe, which is taken off when it is read. Made by `npm run formats`.',
    '',
    ...tables,
    '## Somebody’s log',
    '',
    'Any CSV or first sheet of an XLSX file with a date, an exercise and reps in its columns, a line a set or a line several sets (`3` in a column of sets, `8, 8, 7` or `3x8` for reps). Loads may have their unit behind them. Effort out of ten is read as reps in reserve.',
    '',
  ].join('\n');
}

/** JSON Schemas of the files, by their names in docs/formats. */
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
