'use client';

import { useWindowEvent } from '@mantine/hooks';
import dynamic from 'next/dynamic';
import { useEffect, useMemo, useRef, useState } from 'react';
import {
  catalogueWith,
  credits,
  type Exercise,
  exerciseById,
  JOINTS,
  MUSCLES,
  PATTERNS,
  payoff,
  primeMovers,
} from '@/core';
import { formClasses as form, Toggles } from '@/ui/form';
import { KeysHelp } from '@/ui/keys-help';
import { newId } from '@/ui/new-id';
import { Bar } from '@/ui/shell/bar';
import { Tabs } from '@/ui/shell/tabs';
import { useReady } from '@/ui/use-ready';
import { counted, figure } from '@/ui/words/figures';
import type { KeyList } from '../../ui/key-list';
import type { LibraryActions, LibraryData } from './contract';
import { Detail } from './detail';
import { EVERYTHING, type Filter, filtered } from './filter';
import classes from './library.module.css';
import { OwnForm } from './own-form';

const Techniques = dynamic(() => import('./techniques'), { ssr: false });

/** What the Library holds. */
const SHELVES = ['Exercises', 'Techniques'] as const;
type Shelf = (typeof SHELVES)[number];

const KEYS: KeyList = [
  ['Alt 1, Alt 2', 'Exercises, Techniques'],
  ['↓ from the search, ↑ ↓', 'walk the list; the exercise shows beside it'],
  ['Tab', 'to the filters and to the exercise'],
  ['Alt N', 'a new exercise of your own'],
];

interface Editing {
  readonly start: Exercise;
  readonly fresh: boolean;
}

/** In the address, in place of an exercise. */
const TECHNIQUES = 'techniques';

const shipped = ({ id }: Exercise) => exerciseById(id) !== undefined;

/** The Library: every exercise, found as you type, with what it credits; two side by side; the coach's own. */
export function Library({ data, actions }: { readonly data: LibraryData; readonly actions: LibraryActions }) {
  const ready = useReady();
  const [own, setOwn] = useState(data.own);
  const catalogue = useMemo(() => catalogueWith(own), [own]);
  const [shelf, setShelf] = useState<Shelf>('Exercises');
  const [filter, setFilter] = useState<Filter>(EVERYTHING);
  const [chosen, setChosen] = useState<string | null>(null);
  const [beside, setBeside] = useState<Exercise | null>(null);
  const [editing, setEditing] = useState<Editing | null>(null);
  const body = useRef<HTMLTableSectionElement>(null);
  const isOwn = (exercise: Exercise) => !shipped(exercise);
  const shown = filtered(catalogue.list, filter, isOwn);
  const exercise = (chosen === null ? undefined : catalogue.newest(chosen)) ?? shown[0];

  useEffect(() => {
    const look = () => {
      const id = decodeURIComponent(window.location.hash.slice(1));
      if (id === TECHNIQUES) setShelf('Techniques');
      else if (id !== '') setChosen(id);
    };
    look();
    window.addEventListener('hashchange', look);
    return () => window.removeEventListener('hashchange', look);
  }, []);
  const open = (id: string) => {
    setChosen(id);
    setEditing(null);
    window.history.replaceState(null, '', `#${encodeURIComponent(id)}`);
  };
  const show = (next: Shelf) => {
    setShelf(next);
    const at = next === 'Techniques' ? TECHNIQUES : (chosen ?? '');
    window.history.replaceState(null, '', `#${encodeURIComponent(at)}`);
  };
  const narrow = (part: Partial<Filter>) => setFilter((before) => ({ ...before, ...part }));
  const edit = (of: Exercise) =>
    setEditing(
      isOwn(of)
        ? { start: { ...of, revision: of.revision + 1 }, fresh: false }
        : {
            start: { ...of, id: `own-${newId().slice(0, 12)}`, revision: 1, name: `${of.name}, own` },
            fresh: true,
          },
    );
  const blank = () => {
    show('Exercises');
    const base = exerciseById('flat-dumbbell-press');
    if (base === undefined) return;
    setEditing({
      fresh: true,
      start: {
        ...base,
        id: `own-${newId().slice(0, 12)}`,
        name: '',
        contributions: {},
        equipment: [],
        joints: [],
        cues: '',
        variants: [],
        stimulus: 3,
        fatigue: 2,
      },
    });
  };

  useWindowEvent('keydown', (event) => {
    if (!event.altKey) return;
    const next = SHELVES[Number(event.key) - 1];
    if (next !== undefined) show(next);
    else if (event.key.toLowerCase() === 'n') blank();
    else return;
    event.preventDefault();
  });
  const onKeyDown = (event: React.KeyboardEvent) => {
    if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
    const stops = [...(body.current?.querySelectorAll<HTMLElement>('button') ?? [])];
    const at = stops.indexOf(event.target as HTMLElement);
    const typing = event.target instanceof HTMLInputElement && event.target.type === 'search';
    if (at < 0 && !typing) return;
    const next = stops[at + (event.key === 'ArrowDown' ? 1 : -1)];
    next?.focus();
    event.preventDefault();
  };

  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: arrows walk down from the search into the list
    <div className={classes.page} onKeyDown={onKeyDown}>
      <Bar title="Library" about={counted(catalogue.list.length, 'exercise')}>
        <Tabs label="Shelves of the library" names={SHELVES} now={shelf} onChoose={show} />
        <button type="button" className={form.button} onClick={blank} title="Alt N">
          New exercise
        </button>
      </Bar>
      {shelf === 'Techniques' ? <Techniques /> : null}
      <main className={classes.work} data-ready={ready} hidden={shelf !== 'Exercises'}>
        <div className={classes.listSide}>
          <Filters filter={filter} places={data.places} onNarrow={narrow} />
          <p className={classes.count}>
            {shown.length === catalogue.list.length
              ? 'All of them; type to find one.'
              : `${shown.length} of ${catalogue.list.length}`}
          </p>
          <div className={classes.scroll}>
            <table className={classes.table}>
              <thead>
                <tr>
                  <th scope="col">exercise</th>
                  <th scope="col">trains</th>
                  <th scope="col">with</th>
                  <th scope="col">hardest</th>
                  <th scope="col" className={classes.figure}>
                    payoff
                  </th>
                </tr>
              </thead>
              <tbody ref={body}>
                {shown.map((one) => (
                  <tr key={one.id} data-chosen={one.id === exercise?.id}>
                    <th scope="row">
                      <button
                        type="button"
                        className={classes.name}
                        // One tab stop for the whole list; the arrows walk it.
                        tabIndex={one.id === exercise?.id ? 0 : -1}
                        aria-current={one.id === exercise?.id ? 'true' : undefined}
                        onClick={() => open(one.id)}
                        onFocus={() => setChosen(one.id)}
                      >
                        {one.name}
                      </button>
                      {isOwn(one) ? <span className={classes.own}> own</span> : null}
                    </th>
                    <td className={classes.trains}>
                      {primeMovers(one).join(', ')}
                      <span className={form.soft}>
                        {credits(one)
                          .filter(([, share]) => share < 1)
                          .map(([muscle]) => `, ${muscle}`)
                          .join('')}
                      </span>
                    </td>
                    <td>{one.equipment[0] ?? ''}</td>
                    <td>{one.hardest}</td>
                    <td className={classes.figure}>{figure(payoff(one), 1)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
            {shown.length === 0 ? (
              <p className={form.soft}>
                Nothing matches.{' '}
                <button type="button" className={form.button} onClick={() => setFilter(EVERYTHING)}>
                  Show all
                </button>
              </p>
            ) : null}
          </div>
        </div>
        <aside className={classes.side} aria-label="Exercise">
          {editing !== null ? (
            <OwnForm
              key={editing.start.id}
              start={editing.start}
              fresh={editing.fresh}
              actions={actions}
              onSaved={(saved) => {
                setOwn((before) => [...before, saved]);
                setChosen(saved.id);
              }}
              onClose={() => setEditing(null)}
            />
          ) : exercise === undefined ? null : (
            <Detail
              key={`${exercise.id}@${exercise.revision}`}
              exercise={exercise}
              beside={beside}
              catalogue={catalogue}
              own={isOwn(exercise)}
              uses={actions.uses}
              onBeside={setBeside}
              onOpen={open}
              onEdit={() => edit(exercise)}
            />
          )}
        </aside>
      </main>
      <KeysHelp of="the Library" keys={KEYS} />
    </div>
  );
}

interface FiltersProps {
  readonly filter: Filter;
  readonly places: LibraryData['places'];
  readonly onNarrow: (part: Partial<Filter>) => void;
}

function Filters({ filter, places, onNarrow }: FiltersProps) {
  return (
    <div className={classes.filters}>
      <input
        className={`${form.input} ${classes.search}`}
        type="search"
        placeholder="Find by name, equipment, variant"
        aria-label="Find exercises"
        value={filter.text}
        // biome-ignore lint/a11y/noAutofocus: the library is entered to find something
        autoFocus
        onChange={(event) => onNarrow({ text: event.target.value })}
      />
      <Any
        label="Muscle"
        any="any muscle"
        options={MUSCLES}
        value={filter.muscle}
        onValue={(muscle) => onNarrow({ muscle })}
      />
      <Any
        label="Pattern"
        any="any pattern"
        options={PATTERNS}
        value={filter.pattern}
        onValue={(pattern) => onNarrow({ pattern })}
      />
      <Any
        label="Place"
        any="any place"
        options={places.map(({ name }) => name)}
        value={filter.place?.name ?? null}
        onValue={(name) => onNarrow({ place: places.find((one) => one.name === name) ?? null })}
      />
      <Any
        label="Joint to spare"
        any="spares any joint"
        options={JOINTS}
        names={(joint) => `spares the ${joint}`}
        value={filter.spare}
        onValue={(spare) => onNarrow({ spare })}
      />
      <Toggles
        label="Own exercises only"
        value={filter.ownOnly ? ['own'] : []}
        options={['own']}
        onValue={(value) => onNarrow({ ownOnly: value.length > 0 })}
      />
    </div>
  );
}

interface AnyProps<T extends string> {
  readonly label: string;
  readonly any: string;
  readonly options: readonly T[];
  readonly names?: (option: T) => string;
  readonly value: T | null;
  readonly onValue: (value: T | null) => void;
}

/** One of a list, or any. */
function Any<T extends string>({ label, any, options, names, value, onValue }: AnyProps<T>) {
  return (
    <select
      className={form.input}
      aria-label={label}
      value={value ?? ''}
      onChange={(event) => onValue(event.target.value === '' ? null : (event.target.value as T))}
    >
      <option value="">{any}</option>
      {options.map((option) => (
        <option key={option} value={option}>
          {names?.(option) ?? option}
        </option>
      ))}
    </select>
  );
}
