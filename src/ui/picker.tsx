'use client';

import { Combobox, useCombobox } from '@mantine/core';
import { type ComponentProps, useEffect, useId, useLayoutEffect, useRef, useState } from 'react';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/parts';
import classes from './in-place.module.css';
import { findNamed, type Named } from './search-by-name';
import { useSearchParts } from './use-search-parts';

export interface Choice extends Named {
  readonly value: string;
  /** Why it stands where it does. */
  readonly why?: string;
}

interface PickerProps {
  readonly label: string;
  readonly choices: readonly Choice[];
  readonly initial: string;
  readonly onPick: (value: string) => void;
  readonly onCancel: () => void;
  /** Makes one where nothing is found; absent: it cannot be made here. */
  readonly onMake?: (name: string) => void;
  /** Whether Enter was pressed before it was there: the first match is taken at once. */
  readonly isEntered?: boolean;
  /** Whether it stands in a dialog, to which its list belongs then. */
  readonly inDialog?: boolean;
}

/** More would be scrolled past, not read: a letter more narrows it down. */
const MOST_SHOWN = 80;
/** Stands for making an exercise. */
const MAKE = 'make:';

/** The list is open from the first moment; Mantine would say so only once it is drawn again. */
function Entry({ list, ...given }: ComponentProps<'input'> & { readonly list: string }) {
  return <input {...given} role="combobox" aria-autocomplete="list" aria-expanded aria-controls={list} />;
}

/** Picks from a list in place, finding as you type. Enter takes the marked one, Esc leaves all as it was. */
export function Picker(props: PickerProps) {
  const { label, choices, initial, onPick, onCancel, onMake, isEntered = false, inDialog = false } = props;
  const [search, setSearch] = useState(initial);
  const input = useRef<HTMLInputElement>(null);
  const combobox = useCombobox({ defaultOpened: true });
  const list = useId();
  const near = useSearchParts(search)?.near ?? null;
  const shown = findNamed(choices, search, near).slice(0, MOST_SHOWN);

  const [first] = shown;
  // Before anything else is typed: a letter between two fields would be lost.
  useLayoutEffect(() => input.current?.focus(), []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, as it comes
  useEffect(() => {
    if (isEntered && first !== undefined) onPick(first.item.value);
  }, []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the first match is marked again whenever the search changes
  useEffect(() => {
    combobox.selectFirstOption();
  }, [search]);

  return (
    <span className={classes.editor}>
      <Combobox
        store={combobox}
        onOptionSubmit={(value) => (value === MAKE ? onMake?.(search.trim()) : onPick(value))}
        width={420}
        withinPortal={!inDialog}
        position="bottom-start"
        offset={0}
      >
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
            {shown.map(({ item: { value, label: name, facts, why }, by }) => (
              <Combobox.Option value={value} key={value} className={classes.option}>
                <span>
                  {name}
                  {by === null ? null : <span className={classes.optionFacts}> {by}</span>}
                </span>
                <span className={classes.optionFacts}>
                  {facts}
                  {why === undefined ? '' : ` · ${why}`}
                </span>
              </Combobox.Option>
            ))}
            {shown.length > 0 ? null : onMake === undefined ? (
              <Combobox.Empty>{common.noMatchesText}</Combobox.Empty>
            ) : (
              <Combobox.Option value={MAKE} className={classes.option}>
                <span>{words.noMatchesCreateAsYour(search.trim())}</span>
              </Combobox.Option>
            )}
          </Combobox.Options>
        </Combobox.Dropdown>
      </Combobox>
    </span>
  );
}
