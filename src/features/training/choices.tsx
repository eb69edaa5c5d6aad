'use client';

import '@mantine/core/styles/Chip.layer.css';
import { Chip } from '@mantine/core';
import { capital } from '@/ui/words/names';
import { screenWord } from '@/ui/words/values';
import classes from './training.module.css';

interface ChoicesProps<T extends string> {
  readonly legend: string;
  readonly options: readonly T[];
  readonly value: T | null;
  readonly onValue: (value: T) => void;
  readonly words?: (option: T) => string;
  /** All in one row, however many. */
  readonly inRow?: boolean;
}

/** One of a few answers, each large enough for a thumb. */
export function Choices<T extends string>({
  legend,
  options,
  value,
  onValue,
  words = (option) => capital(screenWord(option)),
  inRow = false,
}: ChoicesProps<T>) {
  return (
    <fieldset className={classes.muscle}>
      <legend>{legend}</legend>
      <Chip.Group value={value} onChange={(next) => onValue(next as T)}>
        <div className={classes.choices} data-many={inRow ? 'row' : options.length > 4}>
          {options.map((option) => (
            <Chip
              key={option}
              value={option}
              classNames={{ label: classes.choice, iconWrapper: classes.noIcon }}
            >
              {words(option)}
            </Chip>
          ))}
        </div>
      </Chip.Group>
    </fieldset>
  );
}
