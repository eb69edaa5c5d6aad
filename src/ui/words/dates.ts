import { daysBetween, isDate, type LocalDate } from '@/core';

const written = (options: Intl.DateTimeFormatOptions) => {
  const format = new Intl.DateTimeFormat('en-GB', { timeZone: 'UTC', ...options });
  return (date: LocalDate) => format.format(new Date(`${date}T00:00:00Z`)).replaceAll(',', '');
};
// Months are cut to three letters here, because some locales write Sept.
const weekday = written({ weekday: 'short' });
const wholeMonth = written({ month: 'long' });
const month = (date: LocalDate) => wholeMonth(date).slice(0, 3);

/** Hours as the reader counts them. */
export type Clock = '12' | '24';

/** `14:05`, or `2:05 pm`. `zone` is the athlete's; without one the machine's own. */
export function timeOfDay(instant: string | number | Date, clock: Clock, zone?: string): string {
  return new Intl.DateTimeFormat('en-GB', {
    hour: clock === '24' ? '2-digit' : 'numeric',
    minute: '2-digit',
    hourCycle: clock === '24' ? 'h23' : 'h12',
    ...(zone === undefined ? {} : { timeZone: zone }),
  }).format(new Date(instant));
}

/** `17:30` as stored, in the reader's clock: `5:30 pm`. */
export function hourOf(time: string, clock: Clock): string {
  return timeOfDay(`1970-01-01T${time.padStart(5, '0')}:00Z`, clock, 'UTC');
}

/** `Mon 9 Nov 2026, 14:05`, by the clock and in the zone of `timeOfDay`. */
export function moment(instant: string | number | Date, clock: Clock, zone?: string): string {
  const date = new Intl.DateTimeFormat('sv-SE', zone === undefined ? {} : { timeZone: zone });
  return `${longDay(date.format(new Date(instant)))}, ${timeOfDay(instant, clock, zone)}`;
}

/** `Mon 9 Nov`; with the year where it is not the one of `today`. ISO is for data and files. */
export function day(date: LocalDate, today: LocalDate): string {
  return date.slice(0, 4) === today.slice(0, 4) ? `${weekday(date)} ${shortDay(date)}` : longDay(date);
}

/** `Mon 9 Nov 2026`. */
export function longDay(date: LocalDate): string {
  return `${weekday(date)} ${shortDay(date)} ${date.slice(0, 4)}`;
}

/** `9 Nov`, if the weekday is shown beside it. */
export function shortDay(date: LocalDate): string {
  return `${Number(date.slice(8))} ${month(date)}`;
}

const MONTHS = [
  'january',
  'february',
  'march',
  'april',
  'may',
  'june',
  'july',
  'august',
  'september',
  'october',
  'november',
  'december',
];

/** Forms in which people write a day; without a year the nearest is meant. */
const WAYS = [
  /^(?<year>\d{4})-(?<month>\d{2})-(?<day>\d{2})$/,
  /^(?<day>\d{1,2}) (?<name>[a-z]+)(?: (?<year>\d{4}))?$/,
  /^(?<name>[a-z]+) (?<day>\d{1,2})(?: (?<year>\d{4}))?$/,
  /^(?<day>\d{1,2})\.(?<month>\d{1,2})\.(?<year>\d{4})?$/,
  /^(?<day>\d{1,2})\/(?<month>\d{1,2})(?:\/(?<year>\d{4}))?$/,
];

/**
 * A day as people write it: `9 Nov 2026`, `Mon 9 Nov`, `9.11.2026`, `2026-11-09`. Without a year it is the one nearest
 * to `today`.
 * @returns undefined where there is no such day
 */
export function dayFrom(text: string, today: LocalDate): LocalDate | undefined {
  const tidy = text
    .trim()
    .toLowerCase()
    .replace(/^(mon|tue|wed|thu|fri|sat|sun)[a-z]*[,.]?\s+/, '')
    .replace(/,/g, '')
    .replace(/\s+/g, ' ');
  for (const way of WAYS) {
    const found = way.exec(tidy)?.groups;
    if (found === undefined) continue;
    const { year, name } = found;
    const at = name === undefined ? Number(found.month) : monthOf(name);
    const thisYear = Number(today.slice(0, 4));
    const years = year === undefined ? [thisYear - 1, thisYear, thisYear + 1] : [Number(year)];
    const days = years.map((one) => `${one}-${two(at)}-${two(Number(found.day))}`).filter(isDate);
    const away = (date: LocalDate) => Math.abs(daysBetween(date, today));
    return days.sort((a, b) => away(a) - away(b))[0];
  }
  return undefined;
}

const two = (number: number) => String(number).padStart(2, '0');

/** The month of a name, whole or its first three letters; 0 where there is none. */
const monthOf = (name: string) => MONTHS.findIndex((one) => one === name || one.slice(0, 3) === name) + 1;
