import { Button } from '@mantine/core';
import { useState } from 'react';
import type { AnsweredLesson } from '@/core';
import { type Unreachable, useAction } from '@/ui/use-action';
import type { ExerciseNames } from '@/ui/words/names';
import { outcomeSentence } from '@/ui/words/outcomes';
import { lessonText } from '@/ui/words/review';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/review';
import type { BlockActions } from '../contract';
import classes from './review.module.css';

interface LessonsProps {
  readonly lessons: readonly AnsweredLesson[];
  readonly name: string;
  readonly names: ExerciseNames;
  readonly learn: BlockActions['learn'];
  readonly onChanged: () => void;
}

const ANSWERED = { taken: screenWords.applied, refused: common.dismissed } as const;

type Answered = Awaited<ReturnType<BlockActions['learn']>> | Unreachable;

function sentence(answered: Answered): string {
  switch (answered.status) {
    case 'kept':
      return '';
    case 'stale':
      return screenWords.theAthleteWasChangedMeanwhile;
    case 'gone':
      return screenWords.thisFindingNoLongerApplies;
    default:
      return outcomeSentence(answered);
  }
}

/** Lessons of the block: each can be applied to the athlete or dismissed, and either undone. */
export function Lessons({ lessons, name, names, learn, onChanged }: LessonsProps) {
  const [problem, setProblem] = useState('');
  const { ask, isBusy } = useAction(learn);
  const answer = async (about: string, how: 'take' | 'refuse' | 'forget') => {
    if (isBusy) return;
    const answered = await ask(about, how);
    setProblem(sentence(answered));
    onChanged();
  };
  return (
    <section aria-label={screenWords.whatWeLearned}>
      <h2>
        {screenWords.whatWeLearned} <span>{screenWords.aboutAthlete(name)}</span>
      </h2>
      {lessons.length === 0 ? <p className={classes.soft}>{screenWords.nothingNewThatStandsOut}</p> : null}
      <ul className={classes.said}>
        {lessons.map(({ about, lesson, outcome }) => {
          const { says, evidence } = lessonText(lesson, names);
          const button = (words: string, how: 'take' | 'refuse' | 'forget') => (
            <Button
              variant="link"
              aria-disabled={isBusy}
              aria-label={`${words}: ${says}`}
              onClick={() => void answer(about, how)}
            >
              {words}
            </Button>
          );
          return (
            <li key={about}>
              <strong className={outcome === 'refused' ? classes.refused : ''}>{says}</strong>
              <span>{evidence}</span>
              <span className={classes.answers}>
                {outcome === null ? (
                  <>
                    {button(common.apply, 'take')}
                    {button(common.dismissText, 'refuse')}
                  </>
                ) : (
                  <>
                    <em>{ANSWERED[outcome]}</em>
                    {button(common.undo, 'forget')}
                  </>
                )}
              </span>
            </li>
          );
        })}
      </ul>
      <p role="alert" className={classes.problem}>
        {problem}
      </p>
    </section>
  );
}
