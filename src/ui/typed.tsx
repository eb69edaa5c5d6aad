'use client';

import { TextInput } from '@mantine/core';
import { createContext, useContext, useId, useLayoutEffect, useState } from 'react';
import type { Result } from '@/core';
import { problemSentence } from './words/problems';

/** Fields with unreadable text report here, so that a form is not saved with half-typed values. */
export const UnreadFields = createContext<(field: string, unread: boolean) => void>(() => undefined);

interface TypedProps<T> {
  readonly label: string;
  readonly id?: string;
  /** The value as text. */
  readonly text: string;
  readonly read: (text: string) => Result<T>;
  readonly onValue: (value: T) => void;
  readonly className?: string | undefined;
  readonly placeholder?: string;
  /** Other problems of the value. */
  readonly problem?: string | undefined;
  /** Shown at the end of the field. */
  readonly rightSection?: React.ReactNode;
}

/** A value typed as text. Readable text takes effect at once; unreadable text shows a problem and blocks saving. */
export function Typed<T>(props: TypedProps<T>) {
  const { label, id, text, read, onValue, className, placeholder, problem, rightSection } = props;
  const [typed, setTyped] = useState<string | null>(null);
  const field = useId();
  const report = useContext(UnreadFields);
  const shown = typed ?? text;
  const outcome = typed === null ? null : read(typed);
  const wrong = outcome !== null && !outcome.ok ? outcome.problems[0] : undefined;
  const unread = wrong !== undefined;
  // At once: Enter may follow the last letter before the next render.
  useLayoutEffect(() => {
    report(field, unread);
    return () => report(field, false);
  }, [report, field, unread]);
  const sentence = wrong === undefined ? problem : problemSentence(wrong);
  return (
    <TextInput
      id={id}
      className={className}
      aria-label={label}
      placeholder={placeholder}
      rightSection={rightSection}
      value={shown}
      error={sentence === undefined ? undefined : <span role="alert">{sentence}</span>}
      onChange={(event) => {
        setTyped(event.target.value);
        const now = read(event.target.value);
        if (now.ok) onValue(now.value);
      }}
      // The understood value is written in its standard form.
      onBlur={() => {
        if (!unread) setTyped(null);
      }}
    />
  );
}
