import { athleteFile, calendarOf } from '@/data';
import { writeOwnFile } from '@/formats/archive/files';
import { sessionDays, writeCalendar } from '@/formats/calendar/calendar';
import { writeTable } from '@/formats/table/rows';
import { TABLES, type TableName } from '@/formats/table/tables';
import { download } from '../../../../../download';
import { isId } from '../../../../../inputs';

interface Context {
  readonly params: Promise<{ readonly athleteId: string; readonly name: string }>;
}

const isTable = (name: string): name is TableName => Object.hasOwn(TABLES, name);

/** An athlete's files: `everything.json`, a table such as `log.csv`, or `sessions.ics`. */
export async function GET(_: Request, { params }: Context): Promise<Response> {
  const { athleteId, name } = await params;
  return download({ athleteId }, async (asker) => {
    if (!isId(athleteId)) return undefined;
    if (name === 'sessions.ics') {
      const calendar = await calendarOf(asker, athleteId);
      if (calendar === undefined) return undefined;
      const days = sessionDays(calendar.blocks, calendar.nameOf);
      return {
        name: `${calendar.name}.ics`,
        type: 'text/calendar',
        content: writeCalendar(calendar.name, days, calendar.changedAt),
      };
    }
    const [, table = ''] = /^(.+)\.csv$/.exec(name) ?? [];
    if (name !== 'everything.json' && !isTable(table)) return undefined;
    const file = await athleteFile(asker, athleteId);
    if (file === undefined) return undefined;
    const who = file.athlete.name;
    return isTable(table)
      ? { name: `${who} ${table}.csv`, type: 'text/csv', content: writeTable(table, file) }
      : { name: `${who}.json`, type: 'application/json', content: writeOwnFile({ kind: 'athlete', file }) };
  });
}
