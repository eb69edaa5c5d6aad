'use client';

import { TextInput, UnstyledButton } from '@mantine/core';
import { useState } from 'react';
import { type Day, type Instead, insteadToday, type NoteSummary, startLoad } from '@/core';
import { loadWithUnit } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/training';
import classes from './training.module.css';

interface InsteadListProps {
  readonly list: readonly Instead[];
  readonly day: Day;
  /** Reps to failure for the load. */
  readonly toFailure: number;
  readonly onTake: (exerciseId: string) => void;
}

/** Exercises to choose from, best first, each with its starting load and the basis of it. */
export function InsteadList({ list, day, toFailure, onTake }: InsteadListProps) {
  return (
    <div>
      {list.map((one) => {
        const exercise = day.exercises[one.exerciseId];
        return exercise === undefined ? null : (
          <UnstyledButton
            className={classes.setRow}
            key={one.exerciseId}
            onClick={() => onTake(one.exerciseId)}
          >
            <span>
              {capital(exercise.name)}
              {one.written ? <span className={classes.soft}> {screenWords.yourCoachsChoice}</span> : null}
            </span>
            <span className={classes.startFrom}>{startWords(one, day, toFailure)}</span>
          </UnstyledButton>
        );
      })}
      {list.length === 0 ? <p>{screenWords.noAlternativeFitsHereSkip}</p> : null}
    </div>
  );
}

/** `from 60 kg`, and for a guess, from which exercise. */
function startWords({ exerciseId, start }: Instead, day: Day, toFailure: number): string {
  const exercise = day.exercises[exerciseId];
  if (exercise === undefined || exercise.loading === 'none') return '';
  const from = startLoad(exercise, start, toFailure, day);
  if (start === null || from === null) return screenWords.findYourLoad;
  const load = loadWithUnit(from.value, exercise.loading, from.unit);
  if (start.from === exerciseId) return screenWords.fromLoad(load);
  return screenWords.aboutEstimatedFrom(
    load,
    day.exercises[start.from]?.name ?? screenWords.aSimilarExercise,
  );
}

interface AddExerciseProps extends Omit<InsteadListProps, 'toFailure'> {
  readonly told: NoteSummary;
}

/** Reps to failure for extra work: ten with two left. */
const EXTRA_TO_FAILURE = 12;

/** An extra exercise, found by name. */
export function AddExercise({ list, told, day, onTake }: AddExerciseProps) {
  const [filter, setFilter] = useState('');
  const words = filter.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = insteadToday(list, told, day).filter(({ exerciseId }) => {
    const name = day.exercises[exerciseId]?.name.toLowerCase() ?? '';
    return words.every((word) => name.includes(word));
  });
  return (
    <>
      <TextInput
        label={screenWords.extraExercise}
        placeholder={common.searchExercises}
        type="search"
        value={filter}
        onChange={(event) => setFilter(event.target.value)}
      />
      <InsteadList list={shown} day={day} toFailure={EXTRA_TO_FAILURE} onTake={onTake} />
    </>
  );
}
