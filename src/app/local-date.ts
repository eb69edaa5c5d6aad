import type { LocalDate } from '@/core';

/** Today in a time zone. */
export function localDate(timeZone: string): LocalDate {
  return new Intl.DateTimeFormat('sv-SE', { timeZone }).format(new Date());
}
