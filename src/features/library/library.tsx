'use client';

import { useWindowEvent } from '@mantine/hooks';
import dynamic from 'next/dynamic';
import { useEffect, useEffectEvent, useMemo, useRef, useState } from 'react';
import { catalogueWith, type Exercise, exerciseById } from '@/core';
import { formClasses as form } from '@/ui/form';
import { KeysHelp } from '@/ui/keys-help';
import { newId } from '@/ui/new-id';
import { Bar } from '@/ui/shell/bar';
import { Tabs } from '@/ui/shell/tabs';
import { useReady } from '@/ui/use-ready';
import { plural } from '@/ui/words/figures';
import type { KeyList } from '../../ui/key-list';
import type { LibraryActions, LibraryData } from './contract';
import { Detail } from './detail';
import { ExerciseTable } from './exercise-table';
import { EVERYTHING, type Filter, filtered } from './filter';
import { Filters } from './filters';
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

/** One of the coach's own, as its next revision. */
const anew = (of: Exercise): Editing => ({ start: { ...of, revision: of.revision + 1 }, fresh: false });

/** A shipped one as an own exercise. */
const ownCopy = (of: Exercise): Editing => ({
  start: { ...of, id: `own-${newId().slice(0, 12)}`, revision: 1, name: `${of.name}, own` },
  fresh: true,
});

function blankExercise(): Editing | null {
  const base = exerciseById('flat-dumbbell-press');
  if (base === undefined) return null;
  const { start } = ownCopy(base);
  const empty = { name: '', contributions: {}, equipment: [], joints: [], cues: '', variants: [] };
  return { start: { ...start, ...empty, stimulus: 3, fatigue: 2 }, fresh: true };
}

/** Reads what the address names, at first and whenever it changes. */
function useAddress(onName: (name: string) => void) {
  const told = useEffectEvent(onName);
  useEffect(() => {
    const look = () => told(decodeURIComponent(window.location.hash.slice(1)));
    look();
    window.addEventListener('hashchange', look);
    return () => window.removeEventListener('hashchange', look);
  }, []);
}

/** Arrows walk down from the search into the list. */
function walk(event: React.KeyboardEvent, body: HTMLElement | null) {
  if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
  const stops = [...(body?.querySelectorAll<HTMLElement>('button') ?? [])];
  const at = stops.indexOf(event.target as HTMLElement);
  const typing = event.target instanceof HTMLInputElement && event.target.type === 'search';
  if (at < 0 && !typing) return;
  const next = stops[at + (event.key === 'ArrowDown' ? 1 : -1)];
  next?.focus();
  event.preventDefault();
}

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

  useAddress((id) => {
    if (id === TECHNIQUES) setShelf('Techniques');
    else if (id !== '') setChosen(id);
  });
  const show = (id: string) => {
    setChosen(id);
    setEditing(null);
    window.history.replaceState(null, '', `#${encodeURIComponent(id)}`);
  };
  const turnTo = (next: Shelf) => {
    setShelf(next);
    const at = next === 'Techniques' ? TECHNIQUES : (chosen ?? '');
    window.history.replaceState(null, '', `#${encodeURIComponent(at)}`);
  };
  const narrow = (part: Partial<Filter>) => setFilter((before) => ({ ...before, ...part }));
  const edit = (of: Exercise) => setEditing(isOwn(of) ? anew(of) : ownCopy(of));
  const blank = () => {
    turnTo('Exercises');
    setEditing(blankExercise());
  };

  useWindowEvent('keydown', (event) => {
    if (!event.altKey) return;
    const next = SHELVES[Number(event.key) - 1];
    if (next !== undefined) turnTo(next);
    else if (event.key.toLowerCase() === 'n') blank();
    else return;
    event.preventDefault();
  });
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: arrows walk down from the search into the list
    <div className={classes.page} onKeyDown={(event) => walk(event, body.current)}>
      <Bar title="Library" about={plural(catalogue.list.length, 'exercise')}>
        <Tabs label="Shelves of the library" names={SHELVES} now={shelf} onChoose={turnTo} />
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
            <ExerciseTable
              exercises={shown}
              chosen={exercise?.id}
              body={body}
              isOwn={isOwn}
              onOpen={show}
              onMark={setChosen}
            />
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
              onOpen={show}
              onEdit={() => edit(exercise)}
            />
          )}
        </aside>
      </main>
      <KeysHelp of="the Library" keys={KEYS} />
    </div>
  );
}
