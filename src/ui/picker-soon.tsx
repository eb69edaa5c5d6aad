'use client';

import { Input } from '@mantine/core';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import classes from './in-place.module.css';

type Parts = typeof import('./picker-parts');

let parts: Parts | null = null;

/** Fetches the picker and its lists; asked for early, so that it opens at once. */
export async function loadPicker(): Promise<void> {
  parts = await import('./picker-parts');
}

/** What was done at a picker before it was there. */
export interface Typed {
  readonly initial: string;
  /** Whether Enter was pressed: the first thing found is taken. */
  readonly isEntered: boolean;
}

interface PickerSoonProps {
  readonly label: string;
  readonly initial: string;
  readonly onCancel: () => void;
  /** The picker itself, from what was fetched for it and what was typed by then. */
  readonly children: (parts: Parts, typed: Typed) => React.ReactNode;
}

/** Stands where a picker is to be while it is fetched: the letters typed meanwhile are handed on to it. */
export function PickerSoon({ label, initial, onCancel, children }: PickerSoonProps) {
  const [fetched, setFetched] = useState(parts);
  const [typed, setTyped] = useState<Typed>({ initial, isEntered: false });
  const input = useRef<HTMLInputElement>(null);
  useLayoutEffect(() => input.current?.focus(), []);
  useEffect(() => {
    if (parts !== null) return;
    let listens = true;
    void loadPicker().then(() => listens && setFetched(parts));
    return () => {
      listens = false;
    };
  }, []);
  if (fetched !== null) return children(fetched, typed);
  return (
    <span className={classes.editor}>
      <Input
        ref={input}
        unstyled
        classNames={{ input: classes.input }}
        aria-label={label}
        value={typed.initial}
        onChange={(event) => setTyped({ initial: event.target.value, isEntered: false })}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === 'Escape') onCancel();
          if (event.key === 'Enter') setTyped((now) => ({ ...now, isEntered: true }));
          if (event.key === 'Tab') event.preventDefault();
        }}
      />
    </span>
  );
}
