import * as screenWords from '@/ui/words/screens/review';
import '@mantine/core/styles/Checkbox.layer.css';
import { Button, Checkbox } from '@mantine/core';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { changesOf, type Reviewed, type Suggestion, suggestionId } from '@/core';
import { useAction } from '@/ui/use-action';
import { plural } from '@/ui/words/figures';
import type { ExerciseNames } from '@/ui/words/names';
import { outcomeSentence } from '@/ui/words/outcomes';
import { changesText, suggestionText } from '@/ui/words/review';
import type { BlockActions } from '../contract';
import classes from './review.module.css';

interface SuggestionsProps {
  readonly reviewed: Reviewed;
  readonly suggestions: readonly Suggestion[];
  readonly names: ExerciseNames;
  readonly makeNext: BlockActions['makeNext'];
}

/** Suggestions: those that change the design are applied to the next block one by one, which is created here. */
export function Suggestions({ reviewed, suggestions, names, makeNext }: SuggestionsProps) {
  const [taken, setTaken] = useState<ReadonlySet<string>>(new Set());
  const [problem, setProblem] = useState('');
  const { ask, isBusy } = useAction(makeNext);
  const router = useRouter();
  const make = async () => {
    if (isBusy) return;
    const answer = await ask([...taken]);
    if (answer.status === 'made') router.push(`/blocks/${answer.blockId}`);
    else setProblem(outcomeSentence(answer));
  };
  const toggle = (id: string, isTaken: boolean) => {
    const now = new Set(taken);
    if (isTaken) now.add(id);
    else now.delete(id);
    setTaken(now);
  };
  return (
    <section aria-label={screenWords.suggestionsForTheNextBlock}>
      <h2>
        {screenWords.suggestionsForTheNextBlock} <span>{screenWords.tickedSuggestionsAreUsedIn}</span>
      </h2>
      {suggestions.length === 0 ? (
        <p className={classes.soft}>{screenWords.noChangesSuggestedContinueAs}</p>
      ) : null}
      <ul className={classes.said}>
        {suggestions.map((one) => {
          const id = suggestionId(one);
          const { says, evidence } = suggestionText(one, names);
          const changes = changesOf(one, reviewed);
          return (
            <li key={`${id} ${says}`}>
              {changes.length === 0 ? (
                <strong>{says}</strong>
              ) : (
                <Checkbox
                  label={<strong>{says}</strong>}
                  checked={taken.has(id)}
                  onChange={(event) => toggle(id, event.target.checked)}
                />
              )}
              <span>
                {evidence}
                {changes.length === 0 ? '' : `; ${changesText(one, changes, reviewed, names)}`}
              </span>
            </li>
          );
        })}
      </ul>
      <p className={classes.make}>
        <Button aria-disabled={isBusy} onClick={() => void make()}>
          {screenWords.createNextBlock}
        </Button>
        <span className={classes.soft}>
          {screenWords.sameDesignLoadsFromCurrent(
            taken.size === 0 ? '' : screenWords.withChanges(plural(taken.size, 'change')),
          )}
        </span>
      </p>
      <p role="alert" className={classes.problem}>
        {problem}
      </p>
    </section>
  );
}
