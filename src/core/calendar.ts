/** A calendar day in the athlete's place, `YYYY-MM-DD`. Which day it is now is passed in; the core has no clock. */
export type LocalDate = string;

/** Years that training is planned in: others are slips of the finger. */
const YEARS = { first: 1900, last: 2200 };

const DAY_MS = 86_400_000;

function toUtc(date: LocalDate): number {
  return Date.UTC(Number(date.slice(0, 4)), Number(date.slice(5, 7)) - 1, Number(date.slice(8, 10)));
}

/** Whether a text is a day of the calendar: there is no 31 February. */
export function isDate(text: string): text is LocalDate {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
  const year = Number(text.slice(0, 4));
  return year >= YEARS.first && year <= YEARS.last && addDays(text, 0) === text;
}

/** How days are written in each time zone that was asked for: making one costs as much as writing hundreds. */
const MOST_ZONES = 1000;
const written = new Map<string, Intl.DateTimeFormat>();

/** @throws RangeError where no time zone is called so */
function dayFormat(timeZone: string): Intl.DateTimeFormat {
  const format = written.get(timeZone) ?? new Intl.DateTimeFormat('sv-SE', { timeZone });
  if (written.size > MOST_ZONES) written.clear();
  written.set(timeZone, format);
  return format;
}

/** Whether the tz database has a zone of this name. */
export function isTimeZone(name: string): boolean {
  try {
    dayFormat(name);
    return true;
  } catch {
    return false;
  }
}

/** The day it is somewhere at an instant. @param timeZone as the tz database names it */
export function dayIn(timeZone: string, instant: Date): LocalDate {
  return dayFormat(timeZone).format(instant);
}

/** The day so many days later (earlier when negative). */
export function addDays(date: LocalDate, days: number): LocalDate {
  return new Date(toUtc(date) + days * DAY_MS).toISOString().slice(0, 10);
}

/** Days from one day to another; negative when it is earlier. */
export function daysBetween(from: LocalDate, to: LocalDate): number {
  return Math.round((toUtc(to) - toUtc(from)) / DAY_MS);
}

export const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;

/** The first day of a cycle that is to begin on a date: of weeks, that week's Monday; of anything else the day itself. */
export function firstDay(date: LocalDate, cycleDays: number): LocalDate {
  return cycleDays % 7 === 0 ? addDays(date, -weekdayOf(date)) : date;
}

/** 0 for Monday to 6 for Sunday. */
export function weekdayOf(date: LocalDate): number {
  return (new Date(toUtc(date)).getUTCDay() + 6) % 7;
}

/** The Monday on or before a date. */
export function mondayOf(date: LocalDate): LocalDate {
  return addDays(date, -weekdayOf(date));
}
