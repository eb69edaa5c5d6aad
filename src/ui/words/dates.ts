import dayjs from 'dayjs';
import customParseFormat from 'dayjs/plugin/customParseFormat';
import type { LocalDate } from '@/core';

dayjs.extend(customParseFormat);

/** `Mon 9 Nov`; with the year where it is not the one of `today`. ISO is for data and files. */
export function day(date: LocalDate, today: LocalDate): string {
  return dayjs(date).format(date.slice(0, 4) === today.slice(0, 4) ? 'ddd D MMM' : 'ddd D MMM YYYY');
}

/** `Mon 9 Nov 2026`. */
export function longDay(date: LocalDate): string {
  return dayjs(date).format('ddd D MMM YYYY');
}

/** `9 Nov`, where the day of the week stands beside it. */
export function shortDay(date: LocalDate): string {
  return dayjs(date).format('D MMM');
}

/** Ways in which people write a day with its year. */
const WHOLE = ['YYYY-MM-DD', 'D MMM YYYY', 'D MMMM YYYY', 'MMM D YYYY', 'D.M.YYYY', 'D/M/YYYY'];
/** And without one. */
const YEARLESS = ['D MMM', 'D MMMM', 'MMM D', 'D.M.', 'D/M'];

/**
 * A day as people write it: `9 Nov 2026`, `Mon 9 Nov`, `9.11.2026`, `2026-11-09`. Without a year it is the one nearest
 * to `today`.
 * @returns undefined where there is no such day
 */
export function dayFrom(text: string, today: LocalDate): LocalDate | undefined {
  const tidy = text
    .trim()
    .replace(/^(mon|tue|wed|thu|fri|sat|sun)[a-z]*[,.]?\s+/i, '')
    .replace(/,/g, '')
    .toLowerCase()
    .replace(/[a-z]+/g, (word) => `${word[0]?.toUpperCase() ?? ''}${word.slice(1)}`)
    .replace(/\s+/g, ' ');
  for (const format of WHOLE) {
    const read = dayjs(tidy, format, true);
    if (read.isValid()) return read.format('YYYY-MM-DD');
  }
  const now = dayjs(today);
  const years = [now.year() - 1, now.year(), now.year() + 1].flatMap((year) =>
    YEARLESS.flatMap((format) => {
      const read = dayjs(`${tidy} ${year}`, `${format} YYYY`, true);
      return read.isValid() ? [read] : [];
    }),
  );
  const [nearest] = years.sort((a, b) => Math.abs(a.diff(now)) - Math.abs(b.diff(now)));
  return nearest?.format('YYYY-MM-DD');
}
