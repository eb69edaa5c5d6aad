'use client';

import { Combobox, useCombobox } from '@mantine/core';
import { type ComponentProps, useEffect, useId, useRef, useState } from 'react';
import classes from './in-place.module.css';

export interface Choice {
  readonly value: string;
  readonly label: string;
  readonly facts: string;
}

interface PickerProps {
  readonly label: string;
  readonly choices: readonly Choice[];
  readonly initial: string;
  readonly onPick: (value: string) => void;
  readonly onCancel: () => void;
}

/** Words of the search in any order, anywhere in the name or the facts; names that begin with it first. */
function found(choices: readonly Choice[], search: string): readonly Choice[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const match = choices.filter(({ label, facts }) =>
    words.every((word) => `${label} ${facts}`.toLowerCase().includes(word)),
  );
  const starts = (choice: Choice) =>
    Number(choice.label.toLowerCase().startsWith(search.trim().toLowerCase()));
  const named = (choice: Choice) => Number(words.every((word) => choice.label.toLowerCase().includes(word)));
  return [...match].sort((a, b) => starts(b) - starts(a) || named(b) - named(a)).slice(0, MOST_SHOWN);
}

/** More would be scrolled past, not read: a letter more narrows it down. */
const MOST_SHOWN = 80;

/** The list is open from the first moment; Mantine would say so only once it is drawn again. */
function Entry({ list, ...given }: ComponentProps<'input'> & { readonly list: string }) {
  return <input {...given} role="combobox" aria-autocomplete="list" aria-expanded aria-controls={list} />;
}

/** Picks from a list in place, finding as you type. Enter takes the marked one, Esc leaves all as it was. */
export function Picker({ label, choices, initial, onPick, onCancel }: PickerProps) {
  const [search, setSearch] = useState(initial);
  const input = useRef<HTMLInputElement>(null);
  const combobox = useCombobox({ defaultOpened: true });
  const list = useId();
  const shown = found(choices, search);

  useEffect(() => input.current?.focus(), []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the first match is marked again whenever the search changes
  useEffect(() => {
    combobox.selectFirstOption();
  }, [search]);

  return (
    <span className={classes.editor}>
      <Combobox store={combobox} onOptionSubmit={onPick} width={340} position="bottom-start" offset={0}>
        <Combobox.Target>
          <Entry
            list={list}
            ref={input}
            className={classes.input}
            aria-label={label}
            value={search}
            onChange={(event) => setSearch(event.target.value)}
            onBlur={onCancel}
            onKeyDown={(event) => {
              event.stopPropagation();
              if (event.key === 'Escape') onCancel();
              if (event.key === 'Tab') event.preventDefault();
            }}
          />
        </Combobox.Target>
        <Combobox.Dropdown p={0} className={classes.dropdown}>
          <Combobox.Options id={list} mah={256} style={{ overflowY: 'auto' }} aria-label={label}>
            {shown.map((choice) => (
              <Combobox.Option value={choice.value} key={choice.value} className={classes.option}>
                <span>{choice.label}</span>
                <span className={classes.optionFacts}>{choice.facts}</span>
              </Combobox.Option>
            ))}
            {shown.length === 0 ? <Combobox.Empty>Nothing is called that</Combobox.Empty> : null}
          </Combobox.Options>
        </Combobox.Dropdown>
      </Combobox>
    </span>
  );
}
