import { createEvents, type DateArray, type EventAttributes } from 'ics';
import { addDays, type BlockPlan, isDate, type LocalDate, type Problem, type Result, refused } from '@/core';
import { FILE_LIMITS } from '../limits';

/** A day in a calendar: a session, without an hour. */
export interface CalendarDay {
  /** Stays the same while it is the same session, wherever it is moved. */
  readonly uid: string;
  readonly date: LocalDate;
  readonly title: string;
  readonly text: string;
}

/** A block whose sessions go into a calendar. */
export interface CalendarBlock {
  readonly id: string;
  readonly name: string;
  readonly blockPlan: BlockPlan;
}

const AT = 'dense-ladder';

/**
 * The sessions of blocks as calendar days: trained ones on their actual day, others as currently planned. Whole days,
 * so that they are right in any time zone.
 */
export function sessionDays(
  blocks: readonly CalendarBlock[],
  nameOf: (exerciseId: string) => string,
): readonly CalendarDay[] {
  return blocks
    .flatMap(({ id, name, blockPlan }) =>
      blockPlan.weeks.flatMap(({ plan, performed }) =>
        plan.sessions.map((session): CalendarDay => {
          const done = performed.get(session.sessionId)?.workout;
          const week = plan.kind === 'deload' ? 'deload' : `week ${plan.week}`;
          const low = Math.round(session.seconds.low / 60);
          const high = Math.round(session.seconds.high / 60);
          const minutes = low === high ? String(high) : `${low}-${high}`;
          const asked = session.slots.map(({ exerciseId, sets, measure }) => {
            const working = sets.filter(({ optional }) => !optional);
            const reps = [...new Set(working.map((set) => set.reps))].join('/');
            const of = measure === 'seconds' ? `${reps} s` : reps;
            return `${nameOf(exerciseId)}: ${working.length} × ${of}`;
          });
          const head = `${name}, ${week}; ${minutes} min${session.optional ? '; optional' : ''}`;
          return {
            uid: `${id}.${plan.week}.${session.sessionId}@${AT}`,
            date: done?.date ?? addDays(plan.startDate, session.day),
            title: done?.finished === true ? `${session.name} (done)` : session.name,
            text: [head, ...asked].join('\n'),
          };
        }),
      ),
    )
    .sort((a, b) => a.date.localeCompare(b.date) || a.uid.localeCompare(b.uid));
}

const parts = (date: LocalDate): DateArray => {
  const [year = 0, month = 1, day = 1] = date.split('-').map(Number);
  return [year, month, day];
};

/** Days as iCalendar text (RFC 5545), each a whole day. @throws Error if a day is invalid */
export function writeCalendar(name: string, days: readonly CalendarDay[], changed: Date): string {
  // The package refuses an empty calendar, which is valid all the same.
  if (days.length === 0)
    return ['BEGIN:VCALENDAR', 'VERSION:2.0', `PRODID:${AT}`, 'END:VCALENDAR', ''].join('\r\n');
  const { error, value } = createEvents(
    days.map(
      ({ uid, date, title, text }): EventAttributes => ({
        uid,
        start: parts(date),
        end: parts(addDays(date, 1)),
        title,
        description: text,
        lastModified: changed.getTime(),
        transp: 'TRANSPARENT',
        productId: AT,
        calName: name,
      }),
    ),
  );
  if (error !== null || value === null) throw error ?? new Error('no calendar');
  // The time of writing is left out: the same sessions give the same text.
  const stamp = changed.toISOString().replace(/[-:]|\.\d+/g, '');
  return refolded(value.replace(/^DTSTAMP:\w+/gm, `DTSTAMP:${stamp}`));
}

const OCTETS = 75;

/** Lines of at most 75 octets: the package counts characters, some of which take several. */
function refolded(text: string): string {
  const lines = unfolded(text).split('\r\n');
  return lines
    .map((line) => {
      const folded: string[] = [];
      let [part, octets] = ['', 0];
      for (const letter of line) {
        const size = new TextEncoder().encode(letter).length;
        if (octets + size > OCTETS) {
          folded.push(part);
          // A continuation line begins with a space.
          [part, octets] = [' ', 1];
        }
        part += letter;
        octets += size;
      }
      return [...folded, part].join('\r\n');
    })
    .join('\r\n');
}

/** A line that begins with a space continues the previous one. */
const unfolded = (text: string) => text.replace(/\r?\n[ \t]/g, '');

const ESCAPED: Readonly<Record<string, string>> = { n: '\n', N: '\n' };
const plain = (text: string) =>
  text.replace(/\\([\\;,nN])/g, (_, letter: string) => ESCAPED[letter] ?? letter);

/** Reads the whole days of an iCalendar text; events with an hour count by their day. */
export function readCalendar(text: string): Result<readonly CalendarDay[]> {
  const { letters, lines: most } = FILE_LIMITS;
  if (text.length > letters)
    return refused({ code: 'too-many', path: '', field: 'letters', most: letters, count: text.length });
  const lines = unfolded(text).split(/\r?\n/);
  if (lines.length > most)
    return refused({ code: 'too-many', path: '', field: 'lines', most, count: lines.length });
  if (lines[0]?.trim() !== 'BEGIN:VCALENDAR')
    return refused({ code: 'malformed', path: 'line/1', detail: 'is not BEGIN:VCALENDAR' });
  const problems: Problem[] = [];
  const days: CalendarDay[] = [];
  let event: Map<string, string> | null = null;
  for (const [at, line] of lines.entries()) {
    const [, key = '', value = ''] = /^([A-Za-z-]+)(?:;[^:]*)?:(.*)$/s.exec(line) ?? [];
    if (key === 'BEGIN' && value === 'VEVENT') event = new Map();
    else if (key === 'END' && value === 'VEVENT') {
      const day = event === null ? undefined : dayOf(event);
      if (day === undefined)
        problems.push({
          code: 'malformed',
          path: `line/${at + 1}`,
          detail: 'ends an event that has no UID or no date',
        });
      else days.push(day);
      event = null;
    } else event?.set(key.toUpperCase(), plain(value));
  }
  if (event !== null)
    problems.push({
      code: 'malformed',
      path: `line/${lines.length}`,
      detail: 'ends in the middle of an event',
    });
  return problems.length > 0 ? refused(...problems.slice(0, 20)) : { ok: true, value: days };
}

function dayOf(event: ReadonlyMap<string, string>): CalendarDay | undefined {
  const [, year, month, day] = /^(\d{4})(\d{2})(\d{2})(?:T\d{6}Z?)?$/.exec(event.get('DTSTART') ?? '') ?? [];
  const date = `${year}-${month}-${day}`;
  const uid = event.get('UID');
  if (uid === undefined || !isDate(date)) return undefined;
  return { uid, date, title: event.get('SUMMARY') ?? '', text: event.get('DESCRIPTION') ?? '' };
}
