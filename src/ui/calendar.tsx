import '@mantine/dates/styles.layer.css';
import { DatePicker } from '@mantine/dates';
import type { LocalDate } from '@/core';

interface CalendarProps {
  readonly date: LocalDate | null;
  readonly onDate: (date: LocalDate) => void;
}

/** A month for choosing a day; weeks start on Monday. */
export default function Calendar({ date, onDate }: CalendarProps) {
  return (
    <DatePicker
      value={date}
      {...(date === null ? {} : { defaultDate: date })}
      firstDayOfWeek={1}
      onChange={(picked) => {
        if (picked !== null) onDate(picked);
      }}
    />
  );
}
