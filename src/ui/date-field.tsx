'use client';
import * as screenWords from '@/ui/words/screens/parts';

import '@mantine/core/styles/ActionIcon.layer.css';
import { ActionIcon, Popover } from '@mantine/core';
import { IconCalendar } from '@tabler/icons-react';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { type LocalDate, ok, type Result } from '@/core';
import { readDate } from './read';
import { Typed } from './typed';
import { longDay } from './words/dates';

const Calendar = dynamic(() => import('./calendar'), { ssr: false });

interface DateFieldProps {
  readonly label: string;
  readonly id?: string;
  /** Null: unknown. */
  readonly date: LocalDate | null;
  readonly onDate: (date: LocalDate) => void;
  /** Clears the date, if it is optional. */
  readonly onClear?: () => void;
  readonly className?: string | undefined;
  readonly problem?: string | undefined;
}

/** A day, typed or chosen from a calendar. */
export function DateField({ label, id, date, onDate, onClear, className, problem }: DateFieldProps) {
  const [open, setOpen] = useState(false);
  const read = (text: string): Result<LocalDate | null> =>
    onClear !== undefined && text.trim() === '' ? ok(null) : readDate(text);
  return (
    <Typed
      // A chosen day replaces typed text.
      key={date ?? ''}
      label={label}
      {...(id === undefined ? {} : { id })}
      className={className}
      text={date === null ? '' : longDay(date)}
      placeholder={onClear === undefined ? '' : 'unknown'}
      read={read}
      onValue={(value) => (value === null ? onClear?.() : onDate(value))}
      problem={problem}
      rightSection={
        <Popover opened={open} onChange={setOpen} position="bottom-end" trapFocus returnFocus>
          <Popover.Target>
            <ActionIcon
              variant="transparent"
              size={24}
              aria-label={screenWords.calendarFor(label)}
              onClick={() => setOpen(!open)}
            >
              <IconCalendar size={14} stroke={1.5} />
            </ActionIcon>
          </Popover.Target>
          <Popover.Dropdown>
            <Calendar
              date={date}
              onDate={(picked) => {
                setOpen(false);
                onDate(picked);
              }}
            />
          </Popover.Dropdown>
        </Popover>
      }
    />
  );
}
