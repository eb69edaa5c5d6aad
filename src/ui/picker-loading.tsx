'use client';

import { Input } from '@mantine/core';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import classes from './in-place.module.css';

type Parts = typeof import('./picker-parts');

let parts: Parts | null = null;

/** Loads the picker and its lists, early enough to open at once. */
export async function loadPicker(): Promise<void> {
  parts = await import('./picker-parts');
}

/** Input to a picker before it was loaded. */
export interface Typed {
  readonly initial: string;
  /** Whether Enter was pressed: the first match is chosen. */
  readonly isEntered: boolean;
}

interface PickerSoonProps {
  readonly label: string;
  readonly initial: string;
  readonly onCancel: () => void;
  /** The picker, with what was loaded for it and typed so far. */
  readonly children: (parts: Parts, typed: Typed) => React.ReactNode;
}

/** A placeholder while a picker loads: letters typed meanwhile are passed on to it. */
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
