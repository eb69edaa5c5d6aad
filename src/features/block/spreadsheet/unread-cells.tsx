import type { Catalogue } from '@/core';
import { plural } from '@/ui/words/figures';
import { namesOf } from '@/ui/words/names';
import { problemSentence } from '@/ui/words/problems';
import * as screenWords from '@/ui/words/screens/spreadsheet';
import type { Guess } from '../sheet/columns/column';
import type { UnreadCell } from './from-sheets';
import classes from './spreadsheet.module.css';

/** Unreadable cells, by their spreadsheet names. */
export function UnreadCells({ unread }: { readonly unread: readonly UnreadCell[] }) {
  if (unread.length === 0) return null;
  return (
    <div role="alert" className={classes.problem}>
      {screenWords.couldNotBeReadAnd(plural(unread.length, 'cell'), unread.length === 1 ? 'is' : 'are')}
      <ul>
        {unread.map(({ sheet, cell, problem }) => (
          <li key={`${sheet} ${cell}`}>
            <strong>
              {sheet}, {cell}
            </strong>
            : {problemSentence(problem)}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** Exercises matched by similar names, to be checked. */
export function GuessedNames({
  guessed,
  catalogue,
}: {
  readonly guessed: readonly Guess[];
  readonly catalogue: Catalogue;
}) {
  if (guessed.length === 0) return null;
  const names = namesOf(catalogue);
  return (
    <div role="status">
      {screenWords.guessedExercises}
      <ul>
        {guessed.map(({ slotId, text, exerciseId }) => (
          <li key={slotId}>{screenWords.guessedAs(text, names(exerciseId))}</li>
        ))}
      </ul>
    </div>
  );
}
