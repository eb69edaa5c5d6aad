import '@mantine/core/styles/Checkbox.layer.css';
import { Checkbox, NativeSelect, Table } from '@mantine/core';
import { useMemo, useState } from 'react';
import { UNITS } from '@/core';
import {
  DATE_ORDERS,
  guess,
  MEANINGS,
  type Meaning,
  NEEDED,
  namesIn,
  readLog,
  type SourceLine,
  type Understanding,
} from '@/formats/log-import/reading';
import { Choose, formClasses as form, Line } from '@/ui/form';
import { readNumber } from '@/ui/read';
import { Typed } from '@/ui/typed';
import { longDay } from '@/ui/words/dates';
import { listed, plural } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import { problemSentence } from '@/ui/words/problems';
import type { FilesView, TakeIn } from './contract';
import classes from './files.module.css';
import { likelyExercise } from './likely-exercise';

interface LogReadingProps {
  readonly head: readonly string[];
  readonly lines: readonly SourceLine[];
  readonly athleteId: string;
  readonly data: FilesView;
  readonly button: (asked: TakeIn | null) => React.ReactNode;
}

/** Lines of the source that are shown. */
const SHOWN = 6;
const LEFT_OUT = '';

/** Somebody's log beside how it is understood: columns, names, what it comes to; each is put right once. */
export function LogReading({ head, lines, athleteId, data, button }: LogReadingProps) {
  const { catalogue, names: remembered } = data;
  const [understood, setUnderstood] = useState<Understanding>(() => guess(head, lines, 'kg'));
  const [said, setSaid] = useState<ReadonlyMap<string, string>>(new Map());
  const [leaves, setLeaves] = useState(false);
  const names = useMemo(() => namesIn(lines, understood), [lines, understood]);
  const meant = useMemo(
    () => new Map(names.map((name) => [name, likelyExercise(name, catalogue, remembered)])),
    [names, catalogue, remembered],
  );
  const exercises = useMemo(
    () =>
      new Map(
        names.map((name) => {
          const id = said.get(name) ?? meant.get(name)?.id ?? LEFT_OUT;
          return [name, id === LEFT_OUT ? null : id];
        }),
      ),
    [names, said, meant],
  );
  const reading = useMemo(() => readLog(lines, understood, exercises), [lines, understood, exercises]);
  const { sets, problems, left } = reading;
  const missing = NEEDED.filter((meaning) => understood.columns[meaning] === undefined);
  const dates = sets.map(({ date }) => date).sort();
  const isWhole = problems.length === 0 || leaves;
  const wrong = new Set(problems.map(({ path }) => path.split('/')[1]));
  const column = (at: number, meaning: string) => {
    const others = Object.entries(understood.columns).filter(
      ([one, place]) => place !== at && one !== meaning,
    );
    const own = meaning === LEFT_OUT ? [] : [[meaning, at] as const];
    setUnderstood({ ...understood, columns: Object.fromEntries([...others, ...own]) });
  };
  const meaningOf = (at: number) =>
    Object.entries(understood.columns).find(([, place]) => place === at)?.[0] ?? LEFT_OUT;
  const asked: TakeIn = {
    kind: 'log',
    athleteId,
    sets,
    names: Object.fromEntries([...said].filter(([, id]) => id !== LEFT_OUT)),
  };
  return (
    <>
      <div className={classes.source}>
        <Table aria-label="The source, and what its columns say" className={classes.table}>
          <Table.Thead>
            <Table.Tr>
              {head.map((text, at) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: columns are known by where they stand
                <Table.Th scope="col" key={at}>
                  <span className={classes.said}>{text}</span>
                  <NativeSelect
                    aria-label={`What ${text} says`}
                    value={meaningOf(at)}
                    onChange={(event) => column(at, event.target.value)}
                    data={[
                      { value: LEFT_OUT, label: 'not read' },
                      ...MEANINGS.map((meaning) => ({ value: meaning, label: MEANS[meaning] })),
                    ]}
                  />
                </Table.Th>
              ))}
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {lines.slice(0, SHOWN).map(({ line, cells }) => (
              <Table.Tr key={line}>
                {head.map((_, at) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: columns are known by where they stand
                  <Table.Td key={at}>{cells[at] ?? ''}</Table.Td>
                ))}
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </div>
      <p className={classes.soft}>
        {lines.length > SHOWN ? `${plural(lines.length - SHOWN, 'more line')}.` : ''}
      </p>
      <Line label="Dates are written">
        <Choose
          label="Order of dates"
          value={understood.dates}
          options={DATE_ORDERS}
          onValue={(order) => setUnderstood({ ...understood, dates: order })}
        />
      </Line>
      <Line label="Loads without a unit">
        <Choose
          label="Unit of loads"
          value={understood.unit}
          options={UNITS}
          onValue={(unit) => setUnderstood({ ...understood, unit })}
        />
      </Line>
      <Line label="Where none is noted, left">
        <Typed
          label="Reps in reserve where none are noted"
          className={form.number}
          text={String(understood.reserve)}
          read={(text) => readNumber(text, { field: 'reps in reserve', low: 0, high: 10 })}
          onValue={(reserve) => setUnderstood({ ...understood, reserve })}
        />
        <span className={classes.soft}>reps in reserve: an assumption, strength is reckoned by it</span>
      </Line>
      <h3 className={classes.head}>Exercises</h3>
      <ul className={classes.names}>
        {names.map((name) => {
          const { id = LEFT_OUT, how = 'unknown' } = meant.get(name) ?? {};
          return (
            <li key={name} data-how={said.has(name) ? 'said' : how}>
              <span>{capital(name)}</span>
              <NativeSelect
                aria-label={`What ${name} is`}
                value={said.get(name) ?? id}
                onChange={(event) => setSaid(new Map(said).set(name, event.target.value))}
                data={[
                  { value: LEFT_OUT, label: 'left out' },
                  ...catalogue.list.map((one) => ({ value: one.id, label: one.name })),
                ]}
              />
              <span className={classes.soft}>{said.has(name) ? 'remembered from now on' : HOW[how]}</span>
            </li>
          );
        })}
      </ul>
      <p role="status">
        {missing.length > 0
          ? `No column is said to be ${listed(missing.map((one) => `the ${MEANS[one]}`))}.`
          : sets.length === 0
            ? 'No set in it is understood yet.'
            : `${plural(sets.length, 'set')} on ${plural(new Set(dates).size, 'day')}, ${longDay(dates[0] ?? '')} to ${longDay(dates.at(-1) ?? '')}.${left > 0 ? ` ${plural(left, 'line')} of exercises that are left out.` : ''}`}
      </p>
      {problems.length === 0 || missing.length > 0 ? null : (
        <div role="alert" className={classes.problem}>
          {plural(wrong.size, 'line')} cannot be read:
          <ul>
            {problems.slice(0, 8).map((problem) => (
              <li key={problem.path}>
                <strong>line {problem.path.split('/')[1]}</strong>: {problemSentence(problem)}
              </li>
            ))}
          </ul>
          <Checkbox
            label={`Take in the rest without ${wrong.size === 1 ? 'it' : 'them'}`}
            checked={leaves}
            onChange={(event) => setLeaves(event.target.checked)}
          />
        </div>
      )}
      {button(missing.length === 0 && sets.length > 0 && isWhole ? asked : null)}
    </>
  );
}

const MEANS: Readonly<Record<Meaning, string>> = {
  date: 'date',
  exercise: 'exercise',
  sets: 'number of sets',
  reps: 'reps',
  load: 'load',
  unit: 'unit',
  rir: 'reps in reserve',
  effort: 'effort out of 10',
  note: 'note',
};

const HOW = {
  known: '',
  remembered: 'as you said before',
  likely: 'a guess: look at it',
  unknown: 'not known: choose one, or it is left out',
} as const;
