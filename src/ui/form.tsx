'use client';

import { Chip, NativeSelect, TextInput } from '@mantine/core';
import { createContext, useContext, useId, useLayoutEffect, useState } from 'react';
import type { Result } from '@/core';
import classes from './form.module.css';
import { problemSentence } from './words/problems';

export { classes as formClasses };

/** Fields that hold text nobody can read yet report here, so that a form is not kept with half of what was typed. */
export const UnreadFields = createContext<(field: string, unread: boolean) => void>(() => undefined);

interface SectionProps {
  readonly title: string;
  readonly aside?: React.ReactNode;
  readonly children: React.ReactNode;
}

/** A titled part of a form. */
export function Section({ title, aside, children }: SectionProps) {
  return (
    <section className={classes.section} aria-label={title}>
      <h2>
        {title}
        <span className={classes.aside}>{aside}</span>
      </h2>
      {children}
    </section>
  );
}

interface LineProps {
  readonly label: string;
  /** Id of the control, where the label belongs to one. */
  readonly htmlFor?: string;
  readonly problem?: string | undefined;
  readonly children: React.ReactNode;
}

/** A label and what it names, on one row; a problem stands right below. */
export function Line({ label, htmlFor, problem, children }: LineProps) {
  return (
    <div className={classes.line}>
      {htmlFor === undefined ? (
        <span className={classes.label}>{label}</span>
      ) : (
        <label className={classes.label} htmlFor={htmlFor}>
          {label}
        </label>
      )}
      <div className={classes.value}>
        {children}
        {problem === undefined ? null : (
          <span className={classes.problem} role="alert">
            {problem}
          </span>
        )}
      </div>
    </div>
  );
}

interface TypedProps<T> {
  readonly label: string;
  readonly id?: string;
  /** How the value reads now. */
  readonly text: string;
  readonly read: (text: string) => Result<T>;
  readonly onValue: (value: T) => void;
  readonly className?: string | undefined;
  readonly placeholder?: string;
  /** What else is wrong with the value, beyond its reading. */
  readonly problem?: string | undefined;
  /** Stands at the end of the field. */
  readonly rightSection?: React.ReactNode;
}

/** A value that is typed as text. What can be read counts at once; what cannot is said beside it and holds the form. */
export function Typed<T>(props: TypedProps<T>) {
  const { label, id, text, read, onValue, className, placeholder, problem, rightSection } = props;
  const [typed, setTyped] = useState<string | null>(null);
  const field = useId();
  const report = useContext(UnreadFields);
  const shown = typed ?? text;
  const outcome = typed === null ? null : read(typed);
  const wrong = outcome !== null && !outcome.ok ? outcome.problems[0] : undefined;
  const unread = wrong !== undefined;
  // At once: Enter may follow the last letter before the screen has been drawn again.
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
      // What was understood is written the way it was understood.
      onBlur={() => {
        if (!unread) setTyped(null);
      }}
    />
  );
}

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly id?: string;
  readonly value: T;
  readonly options: readonly T[];
  readonly names?: (option: T) => string;
  readonly onValue: (value: T) => void;
}

/** One of a few. */
export function Choose<T extends string>({ label, id, value, options, names, onValue }: ChoiceProps<T>) {
  return (
    <NativeSelect
      id={id}
      aria-label={label}
      value={value}
      onChange={(event) => onValue(event.target.value as T)}
      data={options.map((option) => ({ value: option, label: names?.(option) ?? option }))}
    />
  );
}

interface TogglesProps<T extends string | number> {
  readonly label: string;
  readonly value: readonly T[];
  readonly options: readonly T[];
  readonly names?: (option: T) => string;
  readonly onValue: (value: readonly T[]) => void;
}

/** Any of a few, each on or off; they keep the order of the options. */
export function Toggles<T extends string | number>(props: TogglesProps<T>) {
  const { label, value, options, names, onValue } = props;
  const taken = (chosen: readonly string[]) => options.filter((option) => chosen.includes(String(option)));
  return (
    <Chip.Group multiple value={value.map(String)} onChange={(chosen) => onValue(taken(chosen))}>
      <fieldset className={classes.toggles} aria-label={label}>
        {options.map((option) => (
          <Chip key={option} value={String(option)}>
            {names?.(option) ?? option}
          </Chip>
        ))}
      </fieldset>
    </Chip.Group>
  );
}

interface OneOfProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly T[];
  readonly names?: (option: T) => string;
  readonly onValue: (value: T) => void;
}

/** One of a few, all of them in sight. */
export function OneOf<T extends string>({ label, value, options, names, onValue }: OneOfProps<T>) {
  return (
    <Chip.Group value={value} onChange={(chosen) => onValue(chosen as T)}>
      <fieldset className={classes.toggles} aria-label={label}>
        {options.map((option) => (
          <Chip key={option} value={option}>
            {names?.(option) ?? option}
          </Chip>
        ))}
      </fieldset>
    </Chip.Group>
  );
}
