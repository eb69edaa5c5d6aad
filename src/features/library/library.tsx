'use client';

import { Button } from '@mantine/core';
import { useWindowEvent } from '@mantine/hooks';
import dynamic from 'next/dynamic';
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { catalogueWith, type Exercise, exerciseById, type OwnFacts, withOwnFacts } from '@/core';
import { formClasses as form } from '@/ui/form';
import { KeysHelp } from '@/ui/keys-help';
import { newId } from '@/ui/new-id';
import { Bar } from '@/ui/shell/bar';
import { Tabs } from '@/ui/shell/tabs';
import { useAddress } from '@/ui/shell/use-address';
import { useHydrated } from '@/ui/use-hydrated';
import { NEW_EXERCISE } from '@/ui/use-make-exercise';
import { useSearchParts } from '@/ui/use-search-parts';
import { plural } from '@/ui/words/figures';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/library';
import type { KeyList } from '../../ui/key-list';
import type { LibraryActions, LibraryData } from './contract';
import { Detail } from './detail';
import { ExerciseTable } from './exercise-table';
import { EVERYTHING, type Filter, filtered } from './filter';
import { Filters } from './filters';
import classes from './library.module.css';

const Techniques = dynamic(() => import('./techniques'), { ssr: false });
// The validator of exercises loads with the form that needs it.
const OwnForm = dynamic(() => import('./own-form'), { ssr: false });

/** What the Library shows. */
const SHELVES = [common.exercises, common.techniques] as const;
type Shelf = (typeof SHELVES)[number];

const KEYS: KeyList = [
  [screenWords.alt1Alt2, screenWords.exercisesTechniques],
  [screenWords.fromSearchThen, screenWords.moveThroughTheListDetails],
  ['Tab', screenWords.toTheFiltersAndThe],
  ['Alt N', screenWords.newExerciseOfYourOwn],
];

interface Editing {
  readonly start: Exercise;
  readonly fresh: boolean;
}

/** In the address, instead of an exercise. */
const TECHNIQUES = 'techniques';

/** Lines rendered with the page. */
const FIRST_LINES = 24;

const isOwn = (exercise: Exercise) => !shipped(exercise);

const whole = (address: string) => address;

const shipped = ({ id }: Exercise) => exerciseById(id) !== undefined;

/** A custom exercise, as its next revision. */
const refreshed = (of: Exercise): Editing => ({ start: { ...of, revision: of.revision + 1 }, fresh: false });

/** A shipped exercise as a custom one. */
const ownCopy = (of: Exercise): Editing => ({
  start: { ...of, id: `own-${newId().slice(0, 12)}`, revision: 1, name: screenWords.ownName(of.name) },
  fresh: true,
});

function blankExercise(name = ''): Editing | null {
  const base = exerciseById('flat-dumbbell-press');
  if (base === undefined) return null;
  const { start } = ownCopy(base);
  const empty = { name, contributions: {}, equipment: [], joints: [], cues: '', variants: [] };
  return { start: { ...start, ...empty, stimulus: 3, fatigue: 2 }, fresh: true };
}

/** The down arrow moves from the search to the list. */
function moveSelection(event: React.KeyboardEvent, body: HTMLElement | null) {
  if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
  const stops = [...(body?.querySelectorAll<HTMLElement>('button') ?? [])];
  const at = stops.indexOf(event.target as HTMLElement);
  const typing = event.target instanceof HTMLInputElement && event.target.type === 'search';
  if (at < 0 && !typing) return;
  const next = stops[at + (event.key === 'ArrowDown' ? 1 : -1)];
  next?.focus();
  event.preventDefault();
}

/** The Library: every exercise, searchable, with what it counts toward; a comparison of two; custom exercises. */
export function Library({ data, actions }: { readonly data: LibraryData; readonly actions: LibraryActions }) {
  const ready = useHydrated();
  const [own, setOwn] = useState(data.own);
  const [sharing, setSharing] = useState(data.sharing);
  const [facts, setFacts] = useState(data.facts);
  const catalogue = useMemo(() => catalogueWith(withOwnFacts(own, facts)), [own, facts]);
  const setFact = (id: string, fact: OwnFacts) => setFacts({ ...facts, [id]: { ...facts[id], ...fact } });
  const originals = useMemo(() => catalogueWith(own), [own]);
  const [address, go] = useAddress(whole);
  const shelf: Shelf = address === TECHNIQUES ? 'Techniques' : 'Exercises';
  const [filter, setFilter] = useState<Filter>(EVERYTHING);
  const [marked, setMarked] = useState<string | null>(null);
  const chosen =
    marked ?? (address === '' || address === TECHNIQUES || address.startsWith(NEW_EXERCISE) ? null : address);
  const [beside, setBeside] = useState<Exercise | null>(null);
  const [editing, setEditing] = useState<Editing | null>(null);
  // Opens the form for an exercise that a search did not find.
  useEffect(() => {
    if (address.startsWith(NEW_EXERCISE)) setEditing(blankExercise(address.slice(NEW_EXERCISE.length)));
  }, [address]);
  const body = useRef<HTMLTableSectionElement>(null);
  const parts = useSearchParts(filter.text);
  const named = useSearchParts('all');
  const found = useMemo(() => filtered(catalogue.list, filter, isOwn, parts), [catalogue, filter, parts]);
  // The first screenful at once, the rest right after: nobody waits for lines below the edge.
  const shown = useDeferredValue(found, found.slice(0, FIRST_LINES));
  const exercise = (chosen === null ? undefined : catalogue.newest(chosen)) ?? shown[0];

  // Back and forward show what they lead to, whatever was selected since.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the address has changed
  useEffect(() => setMarked(null), [address]);
  const show = (id: string) => {
    setMarked(null);
    setEditing(null);
    go(id);
  };
  const turnTo = (next: Shelf) => go(next === 'Techniques' ? TECHNIQUES : (chosen ?? ''));
  const narrow = (part: Partial<Filter>) => setFilter((before) => ({ ...before, ...part }));
  // An exercise shared by a teammate is theirs to edit: it is copied like a shipped one.
  const isMine = (of: Exercise) => isOwn(of) && sharing[of.id]?.isOwn !== false;
  // A coach alone in their team has nobody to share with.
  const sharedOf = (id: string) => {
    const isShared = sharing[id]?.shared === true;
    return data.isAlone && !isShared ? null : isShared;
  };
  const share = async (id: string, shared: boolean) => {
    const { status } = await actions.share(id, shared).catch(() => ({ status: 'unreachable' }));
    if (status === 'kept') setSharing((before) => ({ ...before, [id]: { shared, isOwn: true } }));
  };
  const edit = (of: Exercise) => setEditing(isMine(of) ? refreshed(of) : ownCopy(of));
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
    <div className={classes.page} onKeyDown={(event) => moveSelection(event, body.current)}>
      <Bar crumbs={[{ name: common.library }]} face={shelf} about={plural(catalogue.list.length, 'exercise')}>
        <Tabs label={screenWords.librarySections} names={SHELVES} now={shelf} onChoose={turnTo} />
        <Button variant="link" onClick={blank} title="Alt N">
          {common.newExercise}
        </Button>
      </Bar>
      {shelf === 'Techniques' ? <Techniques /> : null}
      <main className={classes.work} data-ready={ready} hidden={shelf !== 'Exercises'}>
        <div className={classes.listSide}>
          <Filters filter={filter} places={data.places} onNarrow={narrow} />
          <p className={classes.count}>
            {shown.length === catalogue.list.length
              ? screenWords.allExercisesTypeToSearch
              : screenWords.shownOfAll(shown.length, catalogue.list.length)}
          </p>
          <div className={classes.scroll}>
            <ExerciseTable
              exercises={shown}
              chosen={exercise?.id}
              body={body}
              isOwn={isOwn}
              onOpen={show}
              onMark={setMarked}
            />
            {shown.length === 0 ? (
              <p className={form.soft}>
                {common.noMatches}{' '}
                <Button variant="link" onClick={() => setFilter(EVERYTHING)}>
                  {screenWords.showAll}
                </Button>
              </p>
            ) : null}
          </div>
        </div>
        <aside className={classes.side} aria-label={common.exerciseLabel}>
          {editing !== null ? (
            <OwnForm
              key={editing.start.id}
              start={editing.start}
              fresh={editing.fresh}
              actions={actions}
              onSaved={(saved) => {
                setOwn((before) => [...before, saved]);
                setMarked(saved.id);
              }}
              onClose={() => setEditing(null)}
            />
          ) : exercise === undefined ? null : (
            <Detail
              key={`${exercise.id}@${exercise.revision}`}
              exercise={exercise}
              beside={beside}
              catalogue={catalogue}
              own={isMine(exercise)}
              shared={isOwn(exercise) ? sharedOf(exercise.id) : null}
              onShare={(shared) => void share(exercise.id, shared)}
              uses={actions.findUses}
              original={
                facts[exercise.id]?.name === undefined ? null : (originals.newest(exercise.id)?.name ?? null)
              }
              rename={actions.rename}
              onRenamed={(name) => setFact(exercise.id, { name: name ?? undefined })}
              shipped={exerciseById(exercise.id)}
              setShares={actions.setShares}
              onShares={(shares) => setFact(exercise.id, { contributions: shares ?? undefined })}
              onBeside={setBeside}
              onOpen={show}
              onEdit={() => edit(exercise)}
              described={named?.describedAs(exercise.id)}
            />
          )}
        </aside>
      </main>
      <KeysHelp of={common.library} keys={KEYS} />
    </div>
  );
}
