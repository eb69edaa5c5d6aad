'use client';

import { Table, TextInput } from '@mantine/core';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import {
  type Athlete,
  type DoneSet,
  type DoneSlot,
  type Exercise,
  type LoggedSet,
  type Result,
  type SessionPlan,
  type SharedBy,
  type SlotPlan,
  type StartSet,
  sessionDone,
  type Unanswered,
  type Unit,
  type Workout,
} from '@/core';
import { useTimes } from '@/ui/clock';
import { newId } from '@/ui/new-id';
import { readSet } from '@/ui/read-set';
import { Bar } from '@/ui/shell/bar';
import { useHydrated } from '@/ui/use-hydrated';
import { longDay } from '@/ui/words/dates';
import { clock, setAtReserve, setAtRir, setAtRirWithUnit } from '@/ui/words/figures';
import { noteSentence } from '@/ui/words/messages';
import { capital } from '@/ui/words/names';
import { outcomeSentence } from '@/ui/words/outcomes';
import { problemSentence } from '@/ui/words/problems';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/session';
import { sharedText } from '@/ui/words/sharing';
import { afterCell, setName } from '@/ui/words/techniques';
import classes from './session.module.css';

interface Entered {
  readonly at: string;
  readonly by: 'athlete' | 'coach';
}

type Entry = Omit<LoggedSet, 'workoutId' | 'more'> & { readonly localDate: string };

interface SessionScreenProps {
  readonly athlete: Athlete;
  readonly block: { readonly id: string; readonly name: string };
  readonly exercises: readonly Exercise[];
  readonly week: number;
  readonly session: SessionPlan;
  /** Null: it was not started. */
  readonly workout: Workout | null;
  readonly sets: readonly LoggedSet[];
  readonly workoutId: string;
  /** When and by whom sets were entered, by set id. */
  readonly entered: Readonly<Record<string, Entered>>;
  /** The athlete's coach, if it is another one. */
  readonly shared: SharedBy | null;
  readonly enter: (
    entry: Entry,
  ) => Promise<{ readonly status: 'kept' } | { readonly status: 'gone' } | Unanswered>;
}

/** Every set of a session with its target; typing over a set corrects it, and the earlier value stays visible. */
export function SessionScreen(props: SessionScreenProps) {
  const { athlete, block, exercises, week, session, workout, sets, workoutId, shared } = props;
  const ready = useHydrated();
  const byId = new Map(exercises.map((one) => [one.id, one]));
  const names = (id: string) => byId.get(id)?.name ?? id;
  const slots = sessionDone(session, sets, workoutId);
  const counted = slots.flatMap((slot) => slot.sets).filter(({ done }) => done !== null).length;
  const planned = session.slots.reduce((sum, slot) => sum + slot.sets.length, 0);
  const plannedIn = (slotId: string) =>
    session.slots.find((slot) => slot.slotId === slotId)?.exerciseId ?? slotId;
  const placeName = (id: string) =>
    athlete.places.find((one) => one.id === id)?.name ?? common.aPlaceThatWasRemoved;
  return (
    <div>
      <Bar
        crumbs={[
          { name: athlete.name, href: `/athletes/${athlete.id}` },
          { name: block.name, href: `/blocks/${block.id}` },
          { name: screenWords.week(week, session.name) },
        ]}
        about={shared === null ? undefined : sharedText(shared)}
      />
      <main className={classes.page} data-ready={ready}>
        <p>
          {workout === null
            ? screenWords.notStarted
            : screenWords.setsOnDay(longDay(workout.date), counted, planned)}
          {workout === null || workout.finished ? '.' : screenWords.inProgress}
        </p>
        {workout === null || workout.notes.length === 0 ? null : (
          <ul>
            {workout.notes.map((note) => (
              <li key={note.id}>{noteSentence(note, names, plannedIn, placeName)}</li>
            ))}
          </ul>
        )}
        <Table className={classes.table}>
          <Table.Thead>
            <Table.Tr>
              {[
                common.set,
                common.planned,
                common.done,
                screenWords.details,
                screenWords.afterTheLastSet,
                screenWords.enteredBy,
              ].map((head) => (
                <Table.Th scope="col" key={head}>
                  {head}
                </Table.Th>
              ))}
            </Table.Tr>
          </Table.Thead>
          {slots.map((slot) => (
            <SlotRows key={slot.slot?.slotId ?? 'beyond'} {...props} of={slot} names={names} byId={byId} />
          ))}
        </Table>
      </main>
    </div>
  );
}

interface SlotRowsProps extends SessionScreenProps {
  readonly of: DoneSlot;
  readonly names: (id: string) => string;
  readonly byId: ReadonlyMap<string, Exercise>;
}

function SlotRows(props: SlotRowsProps) {
  const { of, names } = props;
  return (
    <Table.Tbody>
      <Table.Tr>
        <Table.Th scope="rowgroup" colSpan={6} className={classes.slot}>
          {of.slot === null ? screenWords.extra : capital(names(of.slot.exerciseId))}
        </Table.Th>
      </Table.Tr>
      {of.sets.map((row) => (
        <SetRow key={row.key} {...props} row={row} />
      ))}
    </Table.Tbody>
  );
}

/** How a set is shown without a slot. */
const BARE: Pick<SlotPlan, 'loading' | 'measure' | 'unit'> = {
  loading: 'stack',
  measure: 'reps',
  unit: 'kg',
};

function SetRow({
  of: { slot },
  row: { asked, done, before, conflicts, since, key },
  names,
  byId,
  entered,
  enter,
  workout,
  athlete,
}: SlotRowsProps & { readonly row: DoneSet }) {
  const router = useRouter();
  const { when } = useTimes();
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const shape = slot ?? BARE;
  const exercise = byId.get(done?.exerciseId ?? slot?.exerciseId ?? '');
  const isOther = done !== null && done.exerciseId !== slot?.exerciseId;
  const name =
    asked !== null && slot !== null
      ? capital(setName(asked, slot.sets))
      : capital(names(done?.exerciseId ?? ''));
  const text = (set: LoggedSet) => setAtRirWithUnit(set.load.value, set.reps, set.rir, shape, set.load.unit);
  const unit: Unit = done?.load.unit ?? slot?.unit ?? athlete.unit;
  const keep = async (
    value: { readonly load: LoggedSet['load']; readonly reps: number; readonly rir: number } | null,
  ) => {
    if (value === null) return;
    const [slotId = '', setId = ''] = key.split(/\/(?=[^/]*$)/);
    const said = await enter({
      id: newId(),
      slotId,
      setId,
      exerciseId: done?.exerciseId ?? slot?.exerciseId ?? '',
      ...value,
      at: done?.at ?? new Date().toISOString(),
      supersedes: done?.id ?? null,
      localDate: workout?.date ?? new Date().toISOString().slice(0, 10),
    }).catch(() => ({ status: 'unreachable' as const }));
    setProblem(said.status === 'kept' ? undefined : screenWords.notSaved(outcomeSentence(said)));
    if (said.status === 'kept') router.refresh();
  };
  const stamp = done === null ? undefined : entered[done.id];
  return (
    <Table.Tr data-open={done === null}>
      <Table.Th scope="row">
        {name}
        {isOther && slot !== null ? (
          <span className={classes.soft}> {screenWords.doneAs(names(done.exerciseId))}</span>
        ) : null}
      </Table.Th>
      <Table.Td>{asked === null ? '' : setAtReserve(asked.load, asked.reps, asked.rir, shape)}</Table.Td>
      <Table.Td>
        <SetField
          key={done?.id ?? 'open'}
          label={screenWords.whatWasDone(name)}
          text={done === null ? '' : setAtRir(done.load.value, done.reps, done.rir, shape)}
          read={(typed) => readSet(typed, exercise ?? { loading: shape.loading }, unit, key)}
          onValue={(value) => void keep(value)}
          problem={problem}
        />
        {before.map((one) => (
          <s key={one.id} className={classes.was}>
            {text(one)}
          </s>
        ))}
        {conflicts.map((one) => (
          <span key={one.id} className={classes.was}>
            {screenWords.alsoLogged(text(one))}
          </span>
        ))}
      </Table.Td>
      <Table.Td>{done === null ? '' : notedText(done)}</Table.Td>
      <Table.Td>{since === null ? '' : clock(since)}</Table.Td>
      <Table.Td className={classes.soft}>
        {stamp === undefined ? '' : enteredText(stamp, when(stamp.at, athlete.timeZone))}
      </Table.Td>
    </Table.Tr>
  );
}

interface SetFieldProps {
  readonly label: string;
  readonly text: string;
  readonly read: (text: string) => Result<StartSet | null>;
  readonly onValue: (value: StartSet | null) => void;
  readonly problem: string | undefined;
}

/** A set to type over; Enter saves, Escape cancels. */
function SetField({ label, text, read, onValue, problem }: SetFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const outcome = typed === null ? null : read(typed);
  const wrong = outcome === null || outcome.ok ? undefined : outcome.problems.map(problemSentence).join(' ');
  return (
    <TextInput
      aria-label={label}
      className={classes.field}
      value={typed ?? text}
      placeholder={screenWords.notLogged}
      error={wrong ?? problem}
      onChange={(event) => setTyped(event.target.value)}
      onKeyDown={(event) => {
        if (event.key === 'Escape') setTyped(null);
        if (event.key !== 'Enter' || outcome === null || !outcome.ok) return;
        setTyped(null);
        onValue(outcome.value);
      }}
    />
  );
}

/** Further notes of a set: partials, assisted reps, sides, time, form, comment. */
function notedText({ more }: LoggedSet): string {
  if (more === undefined) return '';
  const { left, right, seconds, assisted, unclean, line } = more;
  return [
    afterCell(more).trim(),
    assisted === undefined ? '' : screenWords.withHelp(assisted),
    left === undefined || right === undefined ? '' : screenWords.leftAndRight(left, right),
    seconds === undefined ? '' : clock(seconds),
    unclean === true ? screenWords.notClean : '',
    line === undefined ? '' : `“${line}”`,
  ]
    .filter((part) => part !== '')
    .join('; ');
}

/** In the athlete's time zone, on the server and in the browser. */
function enteredText(entered: Entered, when: string): string {
  return entered.by === 'coach' ? screenWords.byACoach(when) : when;
}
