import { Button, Table } from '@mantine/core';
import { useState } from 'react';
import {
  type Athlete,
  type BestSet,
  carriedWeight,
  chosenCurve,
  conventionsWith,
  currentStrength,
  displayedStrength,
  type Exercise,
  type Exposure,
  type LocalDate,
  loadGrid,
  missingEquipment,
  ok,
  placeFor,
  type RepRange,
  type Result,
  refused,
  valueIn,
} from '@/core';
import { DateField } from '@/ui/date-field';
import { exerciseChoices } from '@/ui/exercise-choices';
import { formClasses as classes, Section } from '@/ui/form';
import { pickedExercise } from '@/ui/picked-exercise';
import { Picker } from '@/ui/picker';
import { readText } from '@/ui/read';
import { readSet } from '@/ui/read-set';
import { Typed } from '@/ui/typed';
import { estimate, figure, loadWithUnit, setAtRirWithUnit, setText } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import own from './athlete.module.css';
import { byExercise, type StrengthProps } from './strength-props';

const conventions = conventionsWith();

/** Strength from the log: `148.2 kg, 105 × 10`. */
function nowWords(exercise: Exercise, exposures: readonly Exposure[], athlete: Athlete): string {
  const now = currentStrength(exposures, chosenCurve(athlete.effort));
  if (now === undefined) return '';
  const carried = carriedWeight(exercise, athlete, athlete.unit);
  const set = setText(Math.round((now.set.load - carried) * 100) / 100, now.set.reps, exercise);
  const shown = displayedStrength(now.set, false, chosenCurve(athlete.effort), conventions);
  return shown.kind === 'one-rep max' ? screenWords.phaseFrom(estimate(shown.value), set) : set;
}

function setWords(set: BestSet, exercise: Exercise): string {
  return setAtRirWithUnit(set.load.value, set.reps, set.rir, exercise, set.load.unit);
}

/** That the usual place makes no load as heavy as a best set's; null if it does, or lacks the equipment anyway. */
function beyondEquipment(set: BestSet, exercise: Exercise, athlete: Athlete): string | null {
  const place = placeFor(athlete, null);
  if (exercise.loading === 'none' || missingEquipment(exercise, place).length > 0) return null;
  const { steps, unit } = loadGrid(exercise.loading, place.loads);
  const heaviest = (steps.at(-1) ?? 0) / 100;
  return valueIn(unit, set.load) > heaviest
    ? screenWords.heavierThanThePlaceMakes(place.name, loadWithUnit(heaviest, exercise.loading, unit))
    : null;
}

function strengthWords(set: BestSet, exercise: Exercise, athlete: Athlete): string {
  const { unit } = set.load;
  const moved = carriedWeight(exercise, athlete, unit) + set.load.value;
  const held = exercise.measure === 'seconds';
  if (moved <= 0 && !held) return '';
  const shown = displayedStrength({ ...set, load: moved }, held, chosenCurve(athlete.effort), conventions);
  switch (shown.kind) {
    case 'one-rep max':
      return `${estimate(shown.value)} ${unit}`;
    case 'longest hold':
      return screenWords.secondsAtMost(figure(shown.seconds, 0));
    case 'too many reps':
      return screenWords.tooManyRepsForAn;
  }
}

/** A set done anywhere: the usual place need not be able to make its load. */
function reader(exercise: Exercise, athlete: Athlete) {
  return (text: string): Result<BestSet | null> => {
    const { unit } = loadGrid(exercise.loading, placeFor(athlete, null).loads);
    const read = readSet(text, exercise, unit, screenWords.bestSet);
    return !read.ok || read.value === null ? (read as Result<null>) : ok({ ...read.value, date: null });
  };
}

/** What an athlete's profile says about single exercises. */
const BY_ID = ['bestSets', 'setUps', 'ranges', 'depths'] as const;
type ById = (typeof BY_ID)[number];

/** All of it without an exercise. */
function without(athlete: Athlete, id: string): Partial<Athlete> {
  return Object.fromEntries(
    BY_ID.map((field) => [
      field,
      Object.fromEntries(Object.entries(athlete[field]).filter(([key]) => key !== id)),
    ]),
  );
}

/** Recent best sets with their strength, best rep ranges, set-up notes and agreed range of motion. */
export function BestSets({ tools, catalogue, exposures, today }: StrengthProps) {
  const { athlete, change } = tools;
  const [adding, setAdding] = useState(false);
  const logged = byExercise(exposures);
  const ids = [...new Set(BY_ID.flatMap((field) => Object.keys(athlete[field])))];
  const rows = ids.flatMap((id) => catalogue.newest(id) ?? []).sort((a, b) => a.name.localeCompare(b.name));
  /** Sets or removes what is known about an exercise. */
  const put = <K extends ById>(field: K, id: string, value: Athlete[K][string] | null) => {
    const { [id]: _, ...rest } = athlete[field];
    change({ [field]: value === null ? rest : { ...rest, [id]: value } });
  };
  const putText = (field: 'setUps' | 'depths', id: string, text: string) =>
    put(field, id, text.trim() === '' ? null : text);
  const add = (value: string) => {
    const { id } = pickedExercise(value);
    setAdding(false);
    if (athlete.setUps[id] === undefined && athlete.bestSets[id] === undefined)
      change({ setUps: { ...athlete.setUps, [id]: '' } });
  };
  const remove = (id: string) => change(without(athlete, id));
  return (
    <Section
      title={screenWords.bestSets}
      aside={
        <Button variant="link" onClick={() => setAdding(true)}>
          {common.addExercise}
        </Button>
      }
    >
      {adding ? (
        <div className={own.picker}>
          <Picker
            label={screenWords.exerciseForTheBestSet}
            choices={exerciseChoices(catalogue, { athlete, place: placeFor(athlete, null), today }).filter(
              ({ value }) => !value.includes('#'),
            )}
            initial=""
            onPick={add}
            onCancel={() => setAdding(false)}
          />
        </div>
      ) : null}
      {rows.length === 0 && !adding ? (
        <p className={classes.soft}>{screenWords.noBestSetsYetEnter}</p>
      ) : (
        <Table className={classes.table}>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">{common.exercise}</Table.Th>
              <Table.Th scope="col">{screenWords.bestSet}</Table.Th>
              <Table.Th scope="col">{screenWords.date}</Table.Th>
              <Table.Th scope="col" className={classes.figure}>
                {screenWords.e1rm}
              </Table.Th>
              <Table.Th scope="col" className={classes.figure}>
                {screenWords.currentEstimate}
              </Table.Th>
              <Table.Th scope="col">{screenWords.bestRepRange}</Table.Th>
              <Table.Th scope="col">{screenWords.setUpSeatPinsStance}</Table.Th>
              <Table.Th scope="col">{screenWords.rangeOfMotionAgreed}</Table.Th>
              <Table.Th scope="col">
                <span className={own.hidden}>{common.remove}</span>
              </Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {rows.map((exercise) => (
              <BestSetRow
                key={exercise.id}
                exercise={exercise}
                athlete={athlete}
                exposures={logged.get(exercise.id) ?? []}
                today={today}
                onSet={(set) => put('bestSets', exercise.id, set)}
                onRange={(range) => put('ranges', exercise.id, range)}
                onNote={(text) => putText('setUps', exercise.id, text)}
                onDepth={(text) => putText('depths', exercise.id, text)}
                onRemove={() => remove(exercise.id)}
              />
            ))}
          </Table.Tbody>
        </Table>
      )}
    </Section>
  );
}

interface BestSetRowProps {
  readonly exercise: Exercise;
  readonly athlete: Athlete;
  readonly exposures: readonly Exposure[];
  readonly today: LocalDate;
  readonly onSet: (set: BestSet | null) => void;
  readonly onRange: (range: RepRange | null) => void;
  readonly onNote: (text: string) => void;
  readonly onDepth: (text: string) => void;
  readonly onRemove: () => void;
}

/** `8-12`: the athlete's best rep range; empty: unknown. */
function readRange(text: string): Result<RepRange | null> {
  if (text.trim() === '') return ok(null);
  const parts = /^\s*(\d{1,3})\s*(?:-|–|to)\s*(\d{1,3})\s*$/.exec(text);
  const [low, high] = [Number(parts?.[1]), Number(parts?.[2])];
  return parts === null || low < 1 || low > high
    ? refused({ code: 'not-understood', path: 'range', text: text.trim(), example: '8-12' })
    : ok({ low, high });
}

function BestSetRow(props: BestSetRowProps) {
  const { exercise, athlete, exposures, today, onSet, onRange, onNote, onDepth, onRemove } = props;
  const set = athlete.bestSets[exercise.id];
  const range = athlete.ranges[exercise.id];
  const beyond = set === undefined ? null : beyondEquipment(set, exercise, athlete);
  return (
    <Table.Tr>
      <Table.Th scope="row" className={own.name}>
        {exercise.name}
      </Table.Th>
      <Table.Td>
        <Typed
          label={screenWords.bestSetLabel(exercise.name)}
          className={own.set}
          placeholder={exercise.loading === 'none' ? '30@2' : '60x10@2'}
          text={set === undefined ? '' : setWords(set, exercise)}
          read={reader(exercise, athlete)}
          onValue={(value) => onSet(value === null ? null : { ...value, date: set?.date ?? today })}
        />
        {beyond === null ? null : <p className={classes.caution}>{beyond}</p>}
      </Table.Td>
      <Table.Td>
        {set === undefined ? null : (
          <DateField
            label={screenWords.dateOfTheBestSet(exercise.name)}
            className={own.date}
            date={set.date}
            onDate={(date) => onSet({ ...set, date })}
            onClear={() => onSet({ ...set, date: null })}
          />
        )}
      </Table.Td>
      <Table.Td className={classes.figure}>
        {set === undefined ? '' : strengthWords(set, exercise, athlete)}
      </Table.Td>
      <Table.Td className={`${classes.figure} ${classes.soft}`}>
        {nowWords(exercise, exposures, athlete)}
      </Table.Td>
      <Table.Td>
        <Typed
          label={screenWords.bestRepRangeLabel(exercise.name)}
          className={own.short}
          placeholder={exercise.measure === 'seconds' ? 'seconds' : 'reps'}
          text={range === undefined ? '' : `${range.low}-${range.high}`}
          read={readRange}
          onValue={onRange}
        />
      </Table.Td>
      <Table.Td>
        <Typed
          label={screenWords.setUp(exercise.name)}
          className={own.note}
          text={athlete.setUps[exercise.id] ?? ''}
          read={readText(400)}
          onValue={onNote}
        />
      </Table.Td>
      <Table.Td>
        <Typed
          label={screenWords.rangeOfMotionAgreedLabel(exercise.name)}
          className={own.note}
          placeholder={screenWords.forExampleBarToChest}
          text={athlete.depths[exercise.id] ?? ''}
          read={readText(200)}
          onValue={onDepth}
        />
      </Table.Td>
      <Table.Td>
        <Button
          variant="link"
          className={own.quiet}
          aria-label={screenWords.remove(exercise.name)}
          onClick={onRemove}
        >
          {common.removeText}
        </Button>
      </Table.Td>
    </Table.Tr>
  );
}
