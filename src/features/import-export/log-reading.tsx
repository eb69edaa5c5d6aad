import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/import-export';
import '@mantine/core/styles/Checkbox.layer.css';
import { Checkbox, NativeSelect, Table } from '@mantine/core';
import { useMemo, useState } from 'react';
import { UNITS } from '@/core';
import {
  DATE_ORDERS,
  guessReading,
  MEANINGS,
  type Meaning,
  NEEDED,
  namesIn,
  readLog,
  type SourceLine,
  type Understanding,
} from '@/formats/log-import/reading';
import { FormRow, formClasses as form, SelectField } from '@/ui/form';
import { guessExercise } from '@/ui/guess-exercise';
import { readNumber } from '@/ui/read';
import { Typed } from '@/ui/typed';
import { longDay } from '@/ui/words/dates';
import { listed, plural } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import { problemSentence } from '@/ui/words/problems';
import type { FilesView, TakeIn } from './contract';
import classes from './files.module.css';

interface LogReadingProps {
  readonly head: readonly string[];
  readonly lines: readonly SourceLine[];
  readonly athleteId: string;
  readonly data: FilesView;
  readonly button: (asked: TakeIn | null) => React.ReactNode;
}

/** Lines of the source shown. */
const SHOWN = 6;
const LEFT_OUT = '';

/** A log and how it is understood: columns, names and the result; each is corrected once. */
export function LogReading({ head, lines, athleteId, data, button }: LogReadingProps) {
  const { catalogue, names: remembered } = data;
  const [understood, setUnderstood] = useState<Understanding>(() => guessReading(head, lines, 'kg'));
  const [said, setSaid] = useState<ReadonlyMap<string, string>>(new Map());
  const [leaves, setLeaves] = useState(false);
  const names = useMemo(() => namesIn(lines, understood), [lines, understood]);
  const meant = useMemo(
    () => new Map(names.map((name) => [name, guessExercise(name, catalogue, remembered)])),
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
        <Table aria-label={screenWords.theFileAndWhatIts} className={classes.table}>
          <Table.Thead>
            <Table.Tr>
              {head.map((text, at) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: columns are known by where they stand
                <Table.Th scope="col" key={at}>
                  <span className={classes.said}>{text}</span>
                  <NativeSelect
                    aria-label={screenWords.meaningOf(text)}
                    value={meaningOf(at)}
                    onChange={(event) => column(at, event.target.value)}
                    data={[
                      { value: LEFT_OUT, label: screenWords.ignore },
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
      <FormRow label={screenWords.dateFormat}>
        <SelectField
          label={screenWords.orderOfDates}
          value={understood.dates}
          options={DATE_ORDERS}
          onValue={(order) => setUnderstood({ ...understood, dates: order })}
        />
      </FormRow>
      <FormRow label={screenWords.loadsWithoutAUnitAre}>
        <SelectField
          label={screenWords.unitOfLoads}
          value={understood.unit}
          options={UNITS}
          onValue={(unit) => setUnderstood({ ...understood, unit })}
        />
      </FormRow>
      <FormRow label={screenWords.rirWhereNoneIsGiven}>
        <Typed
          label={screenWords.rirWhereNoneIsGiven}
          className={form.number}
          text={String(understood.reserve)}
          read={(text) => readNumber(text, { field: common.repsInReserve, low: 0, high: 10 })}
          onValue={(reserve) => setUnderstood({ ...understood, reserve })}
        />
        <span className={classes.soft}>{screenWords.repsInReserveAnAssumption}</span>
      </FormRow>
      <h3 className={classes.head}>{common.exercises}</h3>
      <ul className={classes.names}>
        {names.map((name) => {
          const { id = LEFT_OUT, how = 'unknown' } = meant.get(name) ?? {};
          return (
            <li key={name} data-how={said.has(name) ? 'said' : how}>
              <span>{capital(name)}</span>
              <NativeSelect
                aria-label={screenWords.exerciseFor(name)}
                value={said.get(name) ?? id}
                onChange={(event) => setSaid(new Map(said).set(name, event.target.value))}
                data={[
                  { value: LEFT_OUT, label: screenWords.ignore },
                  ...catalogue.list.map((one) => ({ value: one.id, label: one.name })),
                ]}
              />
              <span className={classes.soft}>{said.has(name) ? screenWords.savedForNextTime : HOW[how]}</span>
            </li>
          );
        })}
      </ul>
      <p role="status">
        {missing.length > 0
          ? screenWords.noColumnIsSetTo(listed(missing.map((one) => screenWords.theColumn(MEANS[one]))))
          : sets.length === 0
            ? screenWords.noSetsRecognizedYet
            : screenWords.setsOnDays(
                plural(sets.length, 'set'),
                plural(new Set(dates).size, 'day'),
                longDay(dates[0] ?? ''),
                longDay(dates.at(-1) ?? ''),
                left > 0 ? screenWords.withIgnoredExercises(plural(left, 'line')) : '',
              )}
      </p>
      {problems.length === 0 || missing.length > 0 ? null : (
        <div role="alert" className={classes.problem}>
          {screenWords.linesCannotBeRead(plural(wrong.size, 'line'))}
          <ul>
            {problems.slice(0, 8).map((problem) => (
              <li key={problem.path}>
                <strong>
                  {screenWords.line} {problem.path.split('/')[1]}
                </strong>
                : {problemSentence(problem)}
              </li>
            ))}
          </ul>
          <Checkbox
            label={screenWords.importTheRestWithout(wrong.size === 1 ? 'it' : 'them')}
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
  sets: screenWords.numberOfSets,
  reps: 'reps',
  load: 'load',
  unit: 'unit',
  rir: common.repsInReserve,
  effort: screenWords.effortOutOf10,
  note: 'note',
};

const HOW = {
  known: '',
  remembered: screenWords.fromLastTime,
  likely: screenWords.aGuessPleaseCheck,
  unknown: screenWords.unknownChooseAnExerciseOr,
} as const;
