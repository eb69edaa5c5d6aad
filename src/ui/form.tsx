'use client';

import { NativeSelect } from '@mantine/core';
import { screenWord } from '@/ui/words/values';
import classes from './form.module.css';

export { classes as formClasses };

interface SectionProps {
  readonly title: string;
  readonly aside?: React.ReactNode;
  readonly children: React.ReactNode;
}

/** A titled section of a form. */
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
  /** Id of the control, if the label belongs to one. */
  readonly htmlFor?: string;
  readonly problem?: string | undefined;
  readonly children: React.ReactNode;
}

/** A label and its control on one row, with a problem right below. */
export function FormRow({ label, htmlFor, problem, children }: LineProps) {
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

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly id?: string;
  readonly value: T;
  readonly options: readonly T[];
  readonly names?: (option: T) => string;
  readonly onValue: (value: T) => void;
}

/** One of a few options. */
export function SelectField<T extends string>({ label, id, value, options, names, onValue }: ChoiceProps<T>) {
  return (
    <NativeSelect
      id={id}
      aria-label={label}
      value={value}
      onChange={(event) => onValue(event.target.value as T)}
      data={options.map((option) => ({ value: option, label: names?.(option) ?? screenWord(option) }))}
    />
  );
}
