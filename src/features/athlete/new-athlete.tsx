'use client';

import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import {
  LEVELS,
  type Level,
  PHASES,
  type Phase,
  PLACE_KINDS,
  type PlaceKind,
  type Problem,
  UNITS,
  type Unanswered,
  type Unit,
  WEEKDAYS,
} from '@/core';
import { formClasses as classes, FormRow } from '@/ui/form';
import { readNumber } from '@/ui/read';
import { OneOf, Toggles } from '@/ui/toggles';
import { useAction } from '@/ui/use-action';
import { outcomeSentence } from '@/ui/words/outcomes';
import { problemSentence } from '@/ui/words/problems';
import * as screenWords from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import own from './athlete.module.css';

export interface FirstAnswers {
  readonly name: string;
  readonly level: Level;
  readonly phase: Phase;
  readonly unit: Unit;
  readonly bodyweight: number;
  readonly place: PlaceKind;
  readonly timeZone: string;
  readonly days: readonly number[];
}

export type NewAthleteAnswer =
  | { readonly status: 'refused'; readonly problems: readonly Problem[] }
  | Unanswered;
/** Adds the athlete and navigates on; only returns if it could not. */
export type AddAthlete = (answers: FirstAnswers, then: 'profile' | 'block') => Promise<NewAthleteAnswer>;

const DAYS = WEEKDAYS.map((_, day) => day);
const LEVEL_WORDS: Readonly<Record<Level, string>> = {
  novice: screenWords.noviceLessThanAYear,
  intermediate: screenWords.intermediateAFewSteadyYears,
  advanced: screenWords.advancedProgressIsSlow,
};
const PLACE_WORDS: Readonly<Record<PlaceKind, string>> = {
  'full gym': screenWords.machinesCablesBarsDumbbells,
  'home gym': screenWords.barRackBenchDumbbellsBands,
  'bodyweight and bands': screenWords.pullUpBarAndBands,
};

/** The few questions before a first block: a minute's work, all of it changeable later. */
export function NewAthlete({ add, first }: { readonly add: AddAthlete; readonly first: boolean }) {
  const [name, setName] = useState('');
  const [level, setLevel] = useState<Level>('novice');
  const [phase, setPhase] = useState<Phase>('holding');
  const [unit, setUnit] = useState<Unit>('kg');
  const [weight, setWeight] = useState('');
  const [place, setPlace] = useState<PlaceKind>('full gym');
  // Nobody can guess these, so none is chosen beforehand.
  const [days, setDays] = useState<readonly number[]>([]);
  const [tried, setTried] = useState(false);
  const adding = useAction(add);
  const [message, setMessage] = useState<string | null>(null);
  const bodyweight = readNumber(weight, { field: screenWords.bodyWeight, low: 20, high: 700 });
  const nameProblem =
    tried && name.trim() === '' ? problemSentence({ code: 'name-missing', path: 'name' }) : undefined;
  const daysProblem = tried && days.length === 0 ? screenWords.chooseTrainingDays : undefined;
  const [wrong] = bodyweight.ok ? [] : bodyweight.problems;
  const weightProblem =
    tried && wrong !== undefined
      ? weight.trim() === ''
        ? screenWords.neededForBodyweightExercisesAn
        : problemSentence(wrong)
      : undefined;

  const go = async (then: 'profile' | 'block') => {
    setTried(true);
    if (name.trim() === '' || !bodyweight.ok || days.length === 0 || adding.isBusy) return;
    setMessage(null);
    const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone;
    const facts = {
      name: name.trim(),
      level,
      phase,
      unit,
      bodyweight: bodyweight.value,
      place,
      timeZone,
      days,
    };
    const answer = await adding.ask(facts, then);
    // Does not return when it navigates away.
    if (answer === undefined) return;
    setMessage(
      answer.status === 'refused'
        ? answer.problems.map(problemSentence).join(' ')
        : screenWords.yourEntriesAreStillHere(outcomeSentence(answer)),
    );
  };

  return (
    <form
      className={own.first}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void go('block');
      }}
    >
      <h2>{first ? screenWords.addYourFirstAthlete : common.newAthlete}</h2>
      <p className={classes.soft}>{screenWords.sevenThingsToStartWith}</p>
      <FormRow label={common.name} htmlFor="first-name" problem={nameProblem}>
        <TextInput
          id="first-name"
          className={classes.wide}
          value={name}
          maxLength={120}
          autoFocus
          error={nameProblem !== undefined}
          onChange={(event) => setName(event.target.value)}
        />
      </FormRow>
      <FormRow label={screenWords.level}>
        <OneOf
          label={screenWords.level}
          value={level}
          options={LEVELS}
          names={(one) => LEVEL_WORDS[one]}
          onValue={setLevel}
        />
      </FormRow>
      <FormRow label={screenWords.phase}>
        <OneOf label={screenWords.phase} value={phase} options={PHASES} onValue={setPhase} />
      </FormRow>
      <FormRow label={screenWords.days} problem={daysProblem}>
        <Toggles
          label={screenWords.trainingDays}
          value={days}
          options={DAYS}
          names={(day) => WEEKDAYS[day] ?? ''}
          onValue={setDays}
        />
      </FormRow>
      <FormRow label={screenWords.trainsAt}>
        <OneOf
          label={screenWords.trainsAt}
          value={place}
          options={PLACE_KINDS}
          names={(one) => `${one}: ${PLACE_WORDS[one]}`}
          onValue={setPlace}
        />
      </FormRow>
      <FormRow label={screenWords.weightUnit}>
        <OneOf label={screenWords.weightUnit} value={unit} options={UNITS} onValue={setUnit} />
      </FormRow>
      <FormRow label={common.bodyWeight} htmlFor="first-weight" problem={weightProblem}>
        <TextInput
          id="first-weight"
          className={classes.number}
          inputMode="decimal"
          value={weight}
          error={weightProblem !== undefined}
          onChange={(event) => setWeight(event.target.value)}
        />
        <span className={classes.soft}>{unit}</span>
      </FormRow>
      {message === null ? null : (
        <p className={classes.problem} role="alert">
          {message}
        </p>
      )}
      <div className={own.actions}>
        <Button type="submit" variant="filled" aria-disabled={adding.isBusy}>
          {screenWords.addAthleteAndStartA}
        </Button>
        <Button variant="link" aria-disabled={adding.isBusy} onClick={() => void go('profile')}>
          {screenWords.addAthleteAndFillIn}
        </Button>
      </div>
    </form>
  );
}
