/** A calendar day in the athlete's time zone, `YYYY-MM-DD`. Today's date is passed in; the core has no clock. */
export type LocalDate = string;

/** Plausible years for training; others are typing errors. */
const YEARS = { first: 1900, last: 2200 };

const DAY_MS = 86_400_000;

function toUtc(date: LocalDate): number {
  return Date.UTC(Number(date.slice(0, 4)), Number(date.slice(5, 7)) - 1, Number(date.slice(8, 10)));
}

/** Whether a text is a calendar day: 31 February is not. */
export function isDate(text: string): text is LocalDate {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
  const year = Number(text.slice(0, 4));
  return year >= YEARS.first && year <= YEARS.last && addDays(text, 0) === text;
}

/** One date formatter per time zone: creating one costs as much as formatting hundreds of dates. */
const MOST_ZONES = 1000;
const written = new Map<string, Intl.DateTimeFormat>();

/** @throws RangeError if no time zone has this name */
function dayFormat(timeZone: string): Intl.DateTimeFormat {
  const format = written.get(timeZone) ?? new Intl.DateTimeFormat('sv-SE', { timeZone });
  if (written.size > MOST_ZONES) written.clear();
  written.set(timeZone, format);
  return format;
}

/** Whether the tz database has a zone with this name. */
export function isTimeZone(name: string): boolean {
  try {
    dayFormat(name);
    return true;
  } catch {
    return false;
  }
}

/** The local day at an instant. @param timeZone a name from the tz database */
export function dayIn(timeZone: string, instant: Date): LocalDate {
  return dayFormat(timeZone).format(instant);
}

/** The day this many days later (earlier if negative). */
export function addDays(date: LocalDate, days: number): LocalDate {
  return new Date(toUtc(date) + days * DAY_MS).toISOString().slice(0, 10);
}

/** Days from one day to another; negative if it is earlier. */
export function daysBetween(from: LocalDate, to: LocalDate): number {
  return Math.round((toUtc(to) - toUtc(from)) / DAY_MS);
}

export const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;

/**
 * The first day of a cycle starting around a date: that week's Monday for weekly cycles, otherwise the day itself.
 */
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
