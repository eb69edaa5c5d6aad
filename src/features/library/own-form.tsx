'use client';

import { Button } from '@mantine/core';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import type { Exercise, ExerciseUse } from '@/core';
import { decodeExercise } from '@/core/codecs';
import { formClasses as classes, Section } from '@/ui/form';
import { UnreadFields } from '@/ui/typed';
import { useAction } from '@/ui/use-action';
import { useUnreadableFields } from '@/ui/use-unreadable-fields';
import { plural } from '@/ui/words/figures';
import { outcomeSentence } from '@/ui/words/outcomes';
import { problemSentence } from '@/ui/words/problems';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/library';
import { AdoptRevision } from './adopt-revision';
import type { LibraryActions } from './contract';
import own from './library.module.css';
import { Cost, Doing, Identity, Making, Shares } from './own-form-parts';
import { OwnPreview } from './own-preview';
import { Variants } from './variants';

interface OwnFormProps {
  readonly start: Exercise;
  readonly fresh: boolean;
  readonly actions: Pick<LibraryActions, 'save' | 'adoptInBlocks'>;
  readonly onSaved: (exercise: Exercise) => void;
  readonly onClose: () => void;
}

/** A custom exercise, with a live preview of what it counts toward; saving makes a revision. */
export default function OwnForm({ start, fresh, actions, onSaved, onClose }: OwnFormProps) {
  const [exercise, setExercise] = useState(start);
  const [tried, setTried] = useState(false);
  const unread = useUnreadableFields();
  const router = useRouter();
  const saving = useAction(actions.save);
  const [message, setMessage] = useState<string | null>(null);
  const [saved, setSaved] = useState<{ exercise: Exercise; uses: readonly ExerciseUse[] } | null>(null);
  const form = useRef<HTMLFormElement>(null);
  // Focus goes to the form that was asked for.
  useEffect(() => form.current?.querySelector<HTMLInputElement>('input')?.focus(), []);
  const change = (part: Partial<Exercise>) => setExercise((before) => ({ ...before, ...part }));
  const decoded = decodeExercise(exercise);
  const problems = new Map(decoded.ok ? [] : decoded.problems.map((problem) => [problem.path, problem]));
  const problemAt = (path: string) => {
    const problem = problems.get(path);
    return problem === undefined || !tried ? undefined : problemSentence(problem);
  };
  const save = async () => {
    setTried(true);
    if (!decoded.ok || saving.isBusy || unread.count > 0) return;
    setMessage(null);
    const outcome = await saving.ask(decoded.value);
    switch (outcome.status) {
      case 'saved': {
        onSaved(outcome.exercise);
        // Earlier pages in the history are refreshed too.
        router.refresh();
        const behind = outcome.uses.filter(({ slots }) =>
          slots.some(({ revision }) => revision < outcome.exercise.revision),
        );
        if (behind.length === 0) onClose();
        else setSaved({ exercise: outcome.exercise, uses: behind });
        return;
      }
      case 'stale':
        change({ revision: outcome.newest.revision + 1 });
        setMessage(screenWords.thisWasChangedElsewhereMeanwhile(outcome.newest.revision));
        return;
      case 'refused':
        setMessage(outcome.problems.map(problemSentence).join(' '));
        return;
      default:
        setMessage(screenWords.notSavedNothingIsLost(outcomeSentence(outcome)));
    }
  };

  const part = { exercise, change, problemAt };
  if (saved !== null) return <AdoptRevision {...saved} adopt={actions.adoptInBlocks} onClose={onClose} />;
  return (
    <UnreadFields value={unread.report}>
      <form
        ref={form}
        className={own.detail}
        aria-label={fresh ? common.newExercise : screenWords.editLabel(start.name)}
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <h2>{fresh ? screenWords.ownExercise : screenWords.editLabel(start.name)}</h2>
        <OwnPreview exercise={exercise} />
        <Identity {...part} />
        <Shares {...part} />
        <Section title={screenWords.execution}>
          <Making {...part} />
          <Cost {...part} />
          <Doing {...part} />
        </Section>
        <Variants variants={exercise.variants} onChange={(variants) => change({ variants })} />
        {message === null ? null : (
          <p className={classes.problem} role="alert">
            {message}
          </p>
        )}
        {tried && unread.count > 0 ? (
          <p className={classes.problem}>{screenWords.aboveCannotBeReadYet(plural(unread.count, 'field'))}</p>
        ) : null}
        <div className={own.tools}>
          <Button type="submit" variant="filled" aria-disabled={saving.isBusy}>
            {fresh ? screenWords.addItToTheLibrary : screenWords.saveAsRevision(exercise.revision)}
          </Button>
          <Button variant="link" onClick={onClose}>
            {common.cancel}
          </Button>
        </div>
      </form>
    </UnreadFields>
  );
}
