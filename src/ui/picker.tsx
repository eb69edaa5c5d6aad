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
  /** Why it is at its position. */
  readonly why?: string;
}

interface PickerProps {
  readonly label: string;
  readonly choices: readonly Choice[];
  readonly initial: string;
  readonly onPick: (value: string) => void;
  readonly onCancel: () => void;
  /** Creates a missing exercise; absent: not possible here. */
  readonly onMake?: (name: string) => void;
  /** Whether Enter was pressed before it was loaded: the first match is chosen at once. */
  readonly isEntered?: boolean;
  /** Whether it is in a dialog, to which its list then belongs. */
  readonly inDialog?: boolean;
}

/** Longer lists are scrolled past, not read: another letter narrows them down. */
const MOST_SHOWN = 80;
/** The value for creating an exercise. */
const MAKE = 'make:';

/** The list is open from the start; Mantine would only report that after another render. */
function Entry({ list, ...given }: ComponentProps<'input'> & { readonly list: string }) {
  return <input {...given} role="combobox" aria-autocomplete="list" aria-expanded aria-controls={list} />;
}

/** Chooses from a list in place, searching as you type. Enter chooses the selected entry, Esc cancels. */
export function Picker(props: PickerProps) {
  const { label, choices, initial, onPick, onCancel, onMake, isEntered = false, inDialog = false } = props;
  const [search, setSearch] = useState(initial);
  const input = useRef<HTMLInputElement>(null);
  const combobox = useCombobox({ defaultOpened: true });
  const list = useId();
  const near = useSearchParts(search)?.near ?? null;
  const shown = findNamed(choices, search, near).slice(0, MOST_SHOWN);

  const [first] = shown;
  // Before anything else is typed, so that no letter is lost between two fields.
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
