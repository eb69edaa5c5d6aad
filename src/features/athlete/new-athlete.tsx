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
} from '@/core';
import { formClasses as classes, Line } from '@/ui/form';
import { readNumber } from '@/ui/read';
import { OneOf } from '@/ui/toggles';
import { useAction } from '@/ui/use-action';
import { outcomeSentence } from '@/ui/words/outcomes';
import { problemSentence } from '@/ui/words/problems';
import own from './athlete.module.css';

export interface FirstAnswers {
  readonly name: string;
  readonly level: Level;
  readonly phase: Phase;
  readonly unit: Unit;
  readonly bodyweight: number;
  readonly place: PlaceKind;
  readonly timeZone: string;
}

export type NewAthleteAnswer =
  | { readonly status: 'refused'; readonly problems: readonly Problem[] }
  | Unanswered;
/** Adds the athlete and leads on; answers only when it could not. */
export type AddAthlete = (answers: FirstAnswers, then: 'profile' | 'block') => Promise<NewAthleteAnswer>;

const LEVEL_WORDS: Readonly<Record<Level, string>> = {
  novice: 'novice: less than about a year',
  intermediate: 'intermediate: a few steady years',
  advanced: 'advanced: progress comes slowly',
};
const PLACE_WORDS: Readonly<Record<PlaceKind, string>> = {
  'full gym': 'machines, cables, bars, dumbbells',
  'home gym': 'bar, rack, bench, dumbbells, bands',
  'bodyweight and bands': 'a pull-up bar and bands',
};

/** The few things asked before a first block: a minute's work, all of it changeable afterwards. */
export function NewAthlete({ add, first }: { readonly add: AddAthlete; readonly first: boolean }) {
  const [name, setName] = useState('');
  const [level, setLevel] = useState<Level>('novice');
  const [phase, setPhase] = useState<Phase>('holding');
  const [unit, setUnit] = useState<Unit>('kg');
  const [weight, setWeight] = useState('');
  const [place, setPlace] = useState<PlaceKind>('full gym');
  const [tried, setTried] = useState(false);
  const adding = useAction(add);
  const [message, setMessage] = useState<string | null>(null);
  const bodyweight = readNumber(weight, { field: 'body weight', low: 20, high: 700 });
  const nameProblem =
    tried && name.trim() === '' ? problemSentence({ code: 'name-missing', path: 'name' }) : undefined;
  const [wrong] = bodyweight.ok ? [] : bodyweight.problems;
  const weightProblem =
    tried && wrong !== undefined
      ? weight.trim() === ''
        ? 'Needed for bodyweight work; a guess will do.'
        : problemSentence(wrong)
      : undefined;

  const go = async (then: 'profile' | 'block') => {
    setTried(true);
    if (name.trim() === '' || !bodyweight.ok || adding.isBusy) return;
    setMessage(null);
    const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone;
    const facts = { name: name.trim(), level, phase, unit, bodyweight: bodyweight.value, place, timeZone };
    const answer = await adding.ask(facts, then);
    // Nothing comes back when it leads on.
    if (answer === undefined) return;
    setMessage(
      answer.status === 'refused'
        ? answer.problems.map(problemSentence).join(' ')
        : `What you wrote stays here. ${outcomeSentence(answer)}`,
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
      <h2>{first ? 'Your first athlete' : 'A new athlete'}</h2>
      <p className={classes.soft}>
        Six things to begin with. Everything can be changed later; what is not known yet, week 1 finds out.
      </p>
      <Line label="Name" htmlFor="first-name" problem={nameProblem}>
        <TextInput
          id="first-name"
          className={classes.wide}
          value={name}
          maxLength={120}
          autoFocus
          error={nameProblem !== undefined}
          onChange={(event) => setName(event.target.value)}
        />
      </Line>
      <Line label="Training age">
        <OneOf
          label="Training age"
          value={level}
          options={LEVELS}
          names={(one) => LEVEL_WORDS[one]}
          onValue={setLevel}
        />
      </Line>
      <Line label="Phase">
        <OneOf label="Phase" value={phase} options={PHASES} onValue={setPhase} />
      </Line>
      <Line label="Trains at">
        <OneOf
          label="Trains at"
          value={place}
          options={PLACE_KINDS}
          names={(one) => `${one}: ${PLACE_WORDS[one]}`}
          onValue={setPlace}
        />
      </Line>
      <Line label="Weights in">
        <OneOf label="Weights in" value={unit} options={UNITS} onValue={setUnit} />
      </Line>
      <Line label="Body weight" htmlFor="first-weight" problem={weightProblem}>
        <TextInput
          id="first-weight"
          className={classes.number}
          inputMode="decimal"
          value={weight}
          error={weightProblem !== undefined}
          onChange={(event) => setWeight(event.target.value)}
        />
        <span className={classes.soft}>{unit}</span>
      </Line>
      {message === null ? null : (
        <p className={classes.problem} role="alert">
          {message}
        </p>
      )}
      <div className={own.actions}>
        <Button type="submit" variant="filled" aria-disabled={adding.isBusy}>
          Add and start a block
        </Button>
        <Button variant="link" aria-disabled={adding.isBusy} onClick={() => void go('profile')}>
          Add and fill in the profile
        </Button>
      </div>
    </form>
  );
}
