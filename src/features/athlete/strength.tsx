'use client';

import { Button, Table } from '@mantine/core';
import { useState } from 'react';
import {
  type Athlete,
  type BestSet,
  beatsDefault,
  CAUTIOUS_TABLE,
  type Catalogue,
  CURVES,
  type CurveKind,
  carriedWeight,
  conventionsOf,
  conventionsWith,
  currentStrength,
  curveOf,
  type Exercise,
  type Exposure,
  fitPersonalCurve,
  type LocalDate,
  loadGrid,
  ok,
  type PersonalFit,
  placeFor,
  type RepRange,
  type Result,
  refused,
  rirBias,
  shownStrength,
  sidesApart,
} from '@/core';
import { DateField } from '@/ui/date-field';
import { exerciseChoices } from '@/ui/exercise-choices';
import { Choose, formClasses as classes, Line, Section } from '@/ui/form';
import { pickedExercise } from '@/ui/picked-exercise';
import { Picker } from '@/ui/picker';
import { readNumber, readText } from '@/ui/read';
import { readSet } from '@/ui/read-set';
import { Typed } from '@/ui/typed';
import { estimate, figure, plural, setText } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import own from './athlete.module.css';
import { CurveChart } from './charts';
import type { DraftTools } from './use-draft';

const conventions = conventionsWith();

interface StrengthProps {
  readonly tools: DraftTools;
  readonly catalogue: Catalogue;
  readonly exposures: readonly Exposure[];
  readonly today: LocalDate;
}

/** Recent best sets with what they say of strength, set-up notes, and the curve that loads are found by. */
export default function Strength({ tools, catalogue, exposures, today }: StrengthProps) {
  return (
    <div className={own.strength}>
      <BestSets tools={tools} catalogue={catalogue} exposures={exposures} today={today} />
      <div className={own.strengthFacts}>
        <Sides tools={tools} catalogue={catalogue} exposures={exposures} />
        <Curve tools={tools} exposures={exposures} />
      </div>
    </div>
  );
}

/** What was logged, by exercise. */
function byExercise(exposures: readonly Exposure[]): ReadonlyMap<string, readonly Exposure[]> {
  const found = new Map<string, Exposure[]>();
  for (const exposure of exposures)
    found.set(exposure.exerciseId, [...(found.get(exposure.exerciseId) ?? []), exposure]);
  return found;
}

/** Strength by the log: `148.2 kg, 105 × 10`. */
function nowWords(exercise: Exercise, exposures: readonly Exposure[], athlete: Athlete): string {
  const now = currentStrength(exposures, curveOf(athlete.effort));
  if (now === undefined) return '';
  const carried = carriedWeight(exercise, athlete, athlete.unit);
  const set = setText(Math.round((now.set.load - carried) * 100) / 100, now.set.reps, exercise);
  const shown = shownStrength(now.set, false, curveOf(athlete.effort), conventions);
  return shown.kind === 'one-rep max' ? `${estimate(shown.value)}, by ${set}` : set;
}

function setWords(set: BestSet, exercise: Exercise): string {
  const unit = exercise.loading === 'none' || (exercise.loading === 'bodyweight' && set.load.value === 0);
  return `${setText(set.load.value, set.reps, exercise).replace(' × ', '×')}${unit ? '' : ` ${set.load.unit}`} @ ${figure(set.rir)}`;
}

function strengthWords(set: BestSet, exercise: Exercise, athlete: Athlete): string {
  const { unit } = set.load;
  const moved = carriedWeight(exercise, athlete, unit) + set.load.value;
  const held = exercise.measure === 'seconds';
  if (moved <= 0 && !held) return '';
  const shown = shownStrength({ ...set, load: moved }, held, curveOf(athlete.effort), conventions);
  switch (shown.kind) {
    case 'one-rep max':
      return `${estimate(shown.value)} ${unit}`;
    case 'longest hold':
      return `${figure(shown.seconds, 0)} s at most`;
    case 'too many reps':
      return 'too many reps';
  }
}

/** A set done anywhere: its load need not be one that the usual place makes. */
function reader(exercise: Exercise, athlete: Athlete) {
  return (text: string): Result<BestSet | null> => {
    const { unit } = loadGrid(exercise.loading, placeFor(athlete, null).loads);
    const read = readSet(text, exercise, unit, 'best set');
    return !read.ok || read.value === null ? (read as Result<null>) : ok({ ...read.value, date: null });
  };
}

function BestSets({ tools, catalogue, exposures, today }: StrengthProps) {
  const { athlete, change } = tools;
  const [adding, setAdding] = useState(false);
  const logged = byExercise(exposures);
  const { bestSets, setUps, ranges, depths } = athlete;
  const ids = [...new Set([bestSets, setUps, ranges, depths].flatMap((known) => Object.keys(known)))];
  const rows = ids.flatMap((id) => catalogue.newest(id) ?? []).sort((a, b) => a.name.localeCompare(b.name));
  const put = (id: string, set: BestSet | null) => {
    const { [id]: _, ...rest } = athlete.bestSets;
    change({ bestSets: set === null ? rest : { ...rest, [id]: set } });
  };
  const putRange = (id: string, range: RepRange | null) => {
    const { [id]: _, ...rest } = athlete.ranges;
    change({ ranges: range === null ? rest : { ...rest, [id]: range } });
  };
  const putDepth = (id: string, text: string) => {
    const { [id]: _, ...rest } = athlete.depths;
    change({ depths: text.trim() === '' ? rest : { ...rest, [id]: text } });
  };
  const note = (id: string, text: string) => {
    const { [id]: _, ...rest } = athlete.setUps;
    change({ setUps: text.trim() === '' ? rest : { ...rest, [id]: text } });
  };
  const add = (value: string) => {
    const { id } = pickedExercise(value);
    setAdding(false);
    if (athlete.setUps[id] === undefined && athlete.bestSets[id] === undefined)
      change({ setUps: { ...athlete.setUps, [id]: '' } });
  };
  const remove = (id: string) => {
    const { [id]: _set, ...bestSets } = athlete.bestSets;
    const { [id]: _note, ...setUps } = athlete.setUps;
    const { [id]: _range, ...ranges } = athlete.ranges;
    const { [id]: _depth, ...depths } = athlete.depths;
    change({ bestSets, setUps, ranges, depths });
  };
  return (
    <Section
      title="Recent best sets"
      aside={
        <Button variant="link" onClick={() => setAdding(true)}>
          Add an exercise
        </Button>
      }
    >
      {adding ? (
        <div className={own.picker}>
          <Picker
            label="Exercise of the best set"
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
        <p className={classes.soft}>
          None yet. A set such as 60x10@2 lets every load follow from it; without one, week 1 looks for the
          load.
        </p>
      ) : (
        <Table className={classes.table}>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">exercise</Table.Th>
              <Table.Th scope="col">best set</Table.Th>
              <Table.Th scope="col">on</Table.Th>
              <Table.Th scope="col" className={classes.figure}>
                e1RM
              </Table.Th>
              <Table.Th scope="col" className={classes.figure}>
                now, by the log
              </Table.Th>
              <Table.Th scope="col">felt best at</Table.Th>
              <Table.Th scope="col">set-up: seat, pins, stance, gear</Table.Th>
              <Table.Th scope="col">full means</Table.Th>
              <Table.Th scope="col">
                <span className={own.hidden}>remove</span>
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
                onSet={(set) => put(exercise.id, set)}
                onRange={(range) => putRange(exercise.id, range)}
                onNote={(text) => note(exercise.id, text)}
                onDepth={(text) => putDepth(exercise.id, text)}
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

/** `8-12`: the range in which it is felt in the muscle and not the joint; nothing: not known. */
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
  return (
    <Table.Tr>
      <Table.Th scope="row" className={own.name}>
        {exercise.name}
      </Table.Th>
      <Table.Td>
        <Typed
          label={`Best set of ${exercise.name}`}
          className={own.set}
          placeholder={exercise.loading === 'none' ? '30@2' : '60x10@2'}
          text={set === undefined ? '' : setWords(set, exercise)}
          read={reader(exercise, athlete)}
          onValue={(value) => onSet(value === null ? null : { ...value, date: set?.date ?? today })}
        />
      </Table.Td>
      <Table.Td>
        {set === undefined ? null : (
          <DateField
            label={`Day of the best set of ${exercise.name}`}
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
          label={`Reps at which ${exercise.name} is felt best`}
          className={own.short}
          placeholder={exercise.measure === 'seconds' ? 'seconds' : 'reps'}
          text={range === undefined ? '' : `${range.low}-${range.high}`}
          read={readRange}
          onValue={onRange}
        />
      </Table.Td>
      <Table.Td>
        <Typed
          label={`Set-up of ${exercise.name}`}
          className={own.note}
          text={athlete.setUps[exercise.id] ?? ''}
          read={readText(400)}
          onValue={onNote}
        />
      </Table.Td>
      <Table.Td>
        <Typed
          label={`What full means in ${exercise.name}`}
          className={own.note}
          placeholder="touch points, depth"
          text={athlete.depths[exercise.id] ?? ''}
          read={readText(200)}
          onValue={onDepth}
        />
      </Table.Td>
      <Table.Td>
        <Button
          variant="link"
          className={own.quiet}
          aria-label={`Remove ${exercise.name}`}
          onClick={onRemove}
        >
          Remove
        </Button>
      </Table.Td>
    </Table.Tr>
  );
}

/** Left against right in what is trained one side at a time. */
function Sides({ tools, catalogue, exposures }: Omit<StrengthProps, 'today'>) {
  const figures = conventionsOf({ own: tools.athlete.conventions, block: {} });
  const rows = [...byExercise(exposures)].flatMap(([id, done]) => {
    const exercise = catalogue.newest(id);
    const apart = exercise?.sides === 2 ? sidesApart(done, figures) : undefined;
    return exercise === undefined || apart === undefined ? [] : [{ exercise, apart }];
  });
  return (
    <Section title="Left and right" aside="where they differed, over the latest sessions">
      {rows.length === 0 ? (
        <p className={classes.soft}>
          No difference was noted. In one-sided sets the floor asks for both sides where they differ.
        </p>
      ) : (
        <Table className={classes.table}>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">exercise</Table.Th>
              <Table.Th scope="col" className={classes.figure}>
                last left, right
              </Table.Th>
              <Table.Th scope="col" className={classes.figure}>
                apart
              </Table.Th>
              <Table.Th scope="col">says</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {rows.map(({ exercise, apart }) => (
              <Table.Tr key={exercise.id}>
                <Table.Th scope="row" className={own.name}>
                  {exercise.name}
                </Table.Th>
                <Table.Td className={classes.figure}>
                  {apart.last.left}, {apart.last.right}
                </Table.Td>
                <Table.Td className={classes.figure}>{estimate(Math.abs(apart.mean))}</Table.Td>
                <Table.Td className={classes.soft}>
                  {apart.weaker === null
                    ? `no steady difference in ${plural(apart.sessions, 'session')}`
                    : `${apart.weaker} is behind: start with it, and let the other do no more`}
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      )}
    </Section>
  );
}

const CURVE_WORDS: Readonly<Record<CurveKind, string>> = {
  Epley: 'Epley: 1 / (1 + n/30)',
  Brzycki: 'Brzycki: (37 − n)/36 to ten reps',
  table: 'table, cautious as shipped',
  personal: 'personal, from logged sets',
};

function fitSentence(fit: PersonalFit | undefined): string {
  if (fit === undefined)
    return 'A personal curve asks for 6 logged sets at 3 different counts, two of a week in one exercise.';
  const verdict = beatsDefault(fit) ? 'It tells the loads better' : 'It does not beat the default yet';
  return `${fit.sets} logged sets of ${figure(fit.from, 0)} to ${figure(fit.to, 0)} reps put the slope at ${figure(fit.slope, 3)}, off by ${estimate(fit.error)} %; Epley by ${estimate(fit.epleyError)} %. ${verdict}.`;
}

function Curve({ tools, exposures }: Pick<StrengthProps, 'tools' | 'exposures'>) {
  const { athlete, change, problemAt } = tools;
  const { effort } = athlete;
  const fit = fitPersonalCurve(exposures, conventions);
  const bias = rirBias(exposures, curveOf(effort), conventions);
  const table = effort.table ?? CAUTIOUS_TABLE;
  const choose = (curve: CurveKind) =>
    change({
      effort: {
        ...effort,
        curve,
        personal: curve === 'personal' ? (fit ?? effort.personal) : effort.personal,
      },
    });
  return (
    <div>
      <Section title="Effort: reps to failure and load">
        <Line label="Loads are found by" htmlFor="curve">
          <Choose
            id="curve"
            label="Curve of reps to failure"
            value={effort.curve}
            options={CURVES.filter(
              (curve) => curve !== 'personal' || fit !== undefined || effort.personal !== null,
            )}
            names={(curve) => CURVE_WORDS[curve]}
            onValue={choose}
          />
        </Line>
        <CurveChart effort={effort} fit={fit ?? effort.personal} exposures={exposures} />
        <p className={classes.soft}>
          Per cent of 1RM by reps to failure; points are logged sets. {fitSentence(fit)}
        </p>
        {effort.curve !== 'personal' && fit !== undefined && beatsDefault(fit) ? (
          <Button variant="link" onClick={() => choose('personal')}>
            Use the personal curve
          </Button>
        ) : null}
      </Section>
      {effort.curve === 'table' ? (
        <Section
          title="The table: per cent of 1RM"
          aside={
            <Button
              variant="link"
              disabled={effort.table === null}
              onClick={() => change({ effort: { ...effort, table: null } })}
            >
              As shipped
            </Button>
          }
        >
          <div className={own.cells}>
            {table.map((value, at) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: the place in the table is the rep count
              <div key={at} className={own.cell}>
                <span className={classes.soft}>{at + 1}</span>
                <Typed
                  label={`Per cent at ${at + 1} reps`}
                  className={own.short}
                  text={figure(value * 100, 1)}
                  read={(text) => readNumber(text, { field: 'per cent', low: 1, high: 100 })}
                  onValue={(percent) =>
                    change({
                      effort: { ...effort, table: table.map((one, k) => (k === at ? percent / 100 : one)) },
                    })
                  }
                  problem={problemAt(`effort/table/${at}`)}
                />
              </div>
            ))}
          </div>
        </Section>
      ) : null}
      <Section title="Reported reps in reserve">
        <p>
          {bias === undefined
            ? 'Not enough to tell yet: four slots that came a rep nearer to failure the next time.'
            : bias.steady
              ? `${capital(tools.athlete.name.split(' ')[0] ?? 'The athlete')} reports steadily ${bias.mean > 0 ? 'too few' : 'too many'} left: about ${estimate(Math.abs(bias.mean))} reps, over ${bias.pairs} pairs of sessions.`
              : `Honest so far: ${bias.mean >= 0 ? '+' : '−'}${estimate(Math.abs(bias.mean))} reps on average over ${bias.pairs} pairs of sessions.`}
        </p>
      </Section>
    </div>
  );
}
