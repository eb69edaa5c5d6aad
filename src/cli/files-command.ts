import { randomBytes } from 'node:crypto';
import { writeFileSync } from 'node:fs';
import { type Athlete, catalogueWith, emptyBlock, mondayOf, untrainedPlan } from '../core';
import { decodeBlock } from '../core/codecs';
import { keptIn, readBlockSheets } from '../features/block/spreadsheet/from-sheets';
import { blockSheets } from '../features/block/spreadsheet/to-sheets';
import { planOf } from '../formats/archive/as-training';
import type { AthleteFile } from '../formats/archive/athlete-file';
import { type OwnFile, readOwnFile } from '../formats/archive/files';
import { readCalendar, sessionDays, writeCalendar } from '../formats/calendar/calendar';
import { readCsv } from '../formats/table/csv';
import { writeTable } from '../formats/table/rows';
import { TABLES, type TableName } from '../formats/table/tables';
import { readWorkbook, writeWorkbook } from '../formats/workbook/workbook';
import { exitWith, readBytes, readJsonFile, valueOrExit } from './arguments';

export const FILES_USAGE = `ladder file FILE.json                                     what the file is and contains
ladder table log|check-ins|measurements|volume ATHLETE.json   as CSV
ladder rows log|check-ins|measurements|volume TABLE.csv       read a table
ladder calendar ATHLETE.json                              sessions as iCalendar
ladder days CALENDAR.ics                                  read a calendar
ladder xlsx BLOCK.json OUT.xlsx [--athlete ATHLETE.json]  a block as a spreadsheet
ladder block IN.xlsx [--athlete ATHLETE.json]             a spreadsheet as a block`;

type Whom = (file: string | undefined, startDate: string) => Athlete;

const newId = () => randomBytes(6).toString('hex');
const textOf = (file: string) => readBytes(file).toString('utf8');
const isTable = (name: string): name is TableName => Object.hasOwn(TABLES, name);

function athleteIn(file: string): AthleteFile {
  const own = valueOrExit(readOwnFile(textOf(file)));
  return own.kind === 'athlete'
    ? own.file
    : exitWith(`${file}: contains a ${own.kind}, not an athlete export`);
}

/** Runs a command on files of other formats; undefined if it is no such command. */
export async function filesCommand([command, ...given]: readonly string[], whom: Whom): Promise<unknown> {
  const [one = '', two = ''] = given;
  const at = given.indexOf('--athlete');
  const athlete = at < 0 ? undefined : given[at + 1];
  switch (command) {
    case 'file':
      return summary(valueOrExit(readOwnFile(textOf(one))));
    case 'table':
      return isTable(one) ? writeTable(one, athleteIn(two)) : undefined;
    case 'rows':
      return isTable(one) ? valueOrExit(readCsv(TABLES[one], textOf(two))) : undefined;
    case 'calendar':
      return calendar(athleteIn(one));
    case 'days':
      return valueOrExit(readCalendar(textOf(one)));
    case 'xlsx':
      return toWorkbook(one, two, athlete, whom);
    case 'block':
      return fromWorkbook(one, athlete, whom);
    default:
      return undefined;
  }
}

function summary({ kind, file }: OwnFile): unknown {
  switch (kind) {
    case 'block':
      return { kind, name: file.name, weeks: file.weeks, sessions: file.sessions.length };
    case 'athlete':
      return {
        kind,
        name: file.athlete.name,
        blocks: file.blocks.map(({ document, weeks, workouts }) => ({
          name: document.name,
          startDate: document.startDate,
          handedOut: weeks.length,
          workouts: workouts.length,
        })),
        checkIns: file.checkIns.length,
        measurements: file.measurements.length,
      };
    case 'library':
      return { kind, exercises: file.exercises.map(({ id, revision, name }) => ({ id, revision, name })) };
    case 'template':
      return { kind, name: file.name, sessions: file.design.sessions.length };
    case 'account':
      return {
        kind,
        name: file.name,
        athletes: file.athletes.map(({ athlete }) => athlete.name),
        templates: file.templates.map(({ name }) => name),
      };
  }
}

function calendar(file: AthleteFile): string {
  const catalogue = catalogueWith(file.exercises);
  const blocks = file.blocks
    .filter(({ archivedAt }) => archivedAt === null)
    .map((block) => ({ id: block.id, name: block.document.name, blockPlan: planOf(file, block) }));
  const changed = Math.max(0, ...file.blocks.map(({ updatedAt }) => Date.parse(updatedAt)));
  const days = sessionDays(blocks, (id) => catalogue.newest(id)?.name ?? id);
  return writeCalendar(file.athlete.name, days, new Date(changed));
}

async function toWorkbook(from: string, to: string, file: string | undefined, whom: Whom): Promise<unknown> {
  if (to === '' || to.startsWith('--')) return undefined;
  const block = valueOrExit(decodeBlock(readJsonFile(from)));
  const athlete = whom(file, block.startDate);
  const catalogue = catalogueWith([]);
  const blockPlan = untrainedPlan({ block, athlete, exercises: catalogue.find });
  const sheets = blockSheets({ block, athlete, catalogue, blockPlan });
  writeFileSync(to, await writeWorkbook(sheets));
  return { written: to, sheets: sheets.filter(({ isHidden }) => isHidden !== true).map(({ name }) => name) };
}

/** The block on standard output; unreadable cells on standard error. */
async function fromWorkbook(from: string, file: string | undefined, whom: Whom): Promise<unknown> {
  const sheets = valueOrExit(await readWorkbook(new Uint8Array(readBytes(from))));
  const kept = valueOrExit(keptIn(sheets));
  const start =
    kept?.block ?? emptyBlock('From a spreadsheet', mondayOf(new Date().toISOString().slice(0, 10)));
  const athlete = whom(file, start.startDate);
  const catalogue = catalogueWith([]);
  const blockPlan = untrainedPlan({ block: start, athlete, exercises: catalogue.find });
  const { block, unread } = readBlockSheets(sheets, kept, {
    block: start,
    athlete,
    catalogue,
    blockPlan,
    newId,
  });
  for (const { sheet, cell, text, problem } of unread)
    console.error(`${sheet}, ${cell}: “${text}” could not be read (${problem.code})`);
  return block;
}
