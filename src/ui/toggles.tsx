'use client';
import { screenWord } from '@/ui/words/values';

import '@mantine/core/styles/Chip.layer.css';
import { Chip } from '@mantine/core';
import classes from './form.module.css';

interface TogglesProps<T extends string | number> {
  readonly label: string;
  readonly value: readonly T[];
  readonly options: readonly T[];
  readonly names?: (option: T) => string;
  readonly onValue: (value: readonly T[]) => void;
}

/** Any of a few options, each on or off, in their original order. */
export function Toggles<T extends string | number>(props: TogglesProps<T>) {
  const { label, value, options, names, onValue } = props;
  const taken = (chosen: readonly string[]) => options.filter((option) => chosen.includes(String(option)));
  return (
    <Chip.Group multiple value={value.map(String)} onChange={(chosen) => onValue(taken(chosen))}>
      <fieldset className={classes.toggles} aria-label={label}>
        {options.map((option) => (
          <Chip key={option} value={String(option)}>
            {names?.(option) ?? screenWord(String(option))}
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

/** One of a few options, all visible. */
export function OneOf<T extends string>({ label, value, options, names, onValue }: OneOfProps<T>) {
  return (
    <Chip.Group value={value} onChange={(chosen) => onValue(chosen as T)}>
      <fieldset className={classes.toggles} aria-label={label}>
        {options.map((option) => (
          <Chip key={option} value={option}>
            {names?.(option) ?? screenWord(String(option))}
          </Chip>
        ))}
      </fieldset>
    </Chip.Group>
  );
}
