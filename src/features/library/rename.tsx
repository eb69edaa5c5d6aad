'use client';

import { Button, Group, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Exercise } from '@/core';
import { outcomeSentence } from '@/ui/words/outcomes';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/library';
import type { LibraryActions, RenameOutcome } from './contract';

interface RenameProps {
  readonly exercise: Exercise;
  /** The shipped name, if the coach has renamed it. */
  readonly original: string | null;
  readonly rename: LibraryActions['rename'];
  readonly onRenamed: (name: string | null) => void;
}

/** A coach's own name for an exercise, edited in place. Athletes see it too. */
export function Rename({ exercise, original, rename, onRenamed }: RenameProps) {
  const [text, setText] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const save = async (name: string | null) => {
    const answer = await rename(exercise.id, name).catch(() => ({ status: 'unreachable' as const }));
    if (answer.status !== 'saved') return setProblem(problemOf(answer));
    setText(null);
    setProblem('');
    onRenamed(name === original ? null : name);
  };
  if (text === null)
    return (
      <>
        <Button variant="link" onClick={() => setText(exercise.name)}>
          {words.rename}
        </Button>
        {original === null ? null : (
          <Button variant="link" onClick={() => void save(null)}>
            {words.originalName(original)}
          </Button>
        )}
      </>
    );
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() === '') setProblem(common.enterAName);
        else void save(text.trim());
      }}
    >
      <Group gap="xs" align="flex-start">
        <TextInput
          aria-label={words.yourNameFor(exercise.name)}
          description={words.yourAthletesSeeIt}
          value={text}
          maxLength={120}
          error={problem === '' ? null : problem}
          data-autofocus
          onChange={(event) => setText(event.target.value)}
        />
        <Button type="submit" variant="default">
          {common.save}
        </Button>
        <Button
          variant="link"
          onClick={() => {
            setText(null);
            setProblem('');
          }}
        >
          {common.cancel}
        </Button>
      </Group>
    </form>
  );
}

function problemOf(
  answer: Exclude<RenameOutcome, { readonly status: 'saved' }> | { readonly status: 'unreachable' },
): string {
  return answer.status === 'taken' ? words.nameIsTaken(answer.name) : outcomeSentence(answer);
}
