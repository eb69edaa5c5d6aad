import { dayIn, type LocalDate } from '@/core';

/** Today in a time zone. */
export function localDate(timeZone: string): LocalDate {
  return dayIn(timeZone, new Date());
}
