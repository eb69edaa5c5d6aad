'use client';

import { Button, Group, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Contributions, Exercise } from '@/core';
import { outcomeSentence } from '@/ui/words/outcomes';
import { problemSentence } from '@/ui/words/problems';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/library';
import type { LibraryActions } from './contract';
import classes from './library.module.css';
import { readShares, sharesText } from './shares-text';

interface ChangeSharesProps {
  /** With the coach's shares. */
  readonly exercise: Exercise;
  readonly shipped: Exercise;
  readonly setShares: LibraryActions['setShares'];
  readonly onShares: (shares: Contributions | null) => void;
}

/** What a shipped exercise counts toward, changed in place for all of the coach's athletes. */
export function ChangeShares({ exercise, shipped, setShares, onShares }: ChangeSharesProps) {
  const [text, setText] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const isChanged = sharesText(exercise.contributions) !== sharesText(shipped.contributions);
  const save = async (shares: Contributions | null) => {
    const answer = await setShares(exercise.id, shares).catch(() => ({ status: 'unreachable' as const }));
    if (answer.status === 'refused') return setProblem(answer.problems.map(problemSentence).join(' '));
    if (answer.status !== 'saved') return setProblem(outcomeSentence(answer));
    setText(null);
    setProblem('');
    onShares(shares);
  };
  const read = (typed: string) => {
    const shares = readShares(typed);
    if (shares.ok) void save(shares.value);
    else setProblem(shares.problems.map(problemSentence).join(' '));
  };
  if (text === null)
    return (
      <Group gap="xs">
        <Button variant="link" onClick={() => setText(sharesText(exercise.contributions))}>
          {words.changeShares}
        </Button>
        {isChanged ? (
          <Button variant="link" onClick={() => void save(null)}>
            {words.originalShares(sharesText(shipped.contributions))}
          </Button>
        ) : null}
      </Group>
    );
  return (
    <form
      className={classes.changeShares}
      onSubmit={(event) => {
        event.preventDefault();
        read(text);
      }}
    >
      <TextInput
        aria-label={words.sharesOf(exercise.name)}
        description={words.sharesForAll}
        value={text}
        maxLength={400}
        error={problem === '' ? null : problem}
        data-autofocus
        onChange={(event) => setText(event.target.value)}
      />
      <Group gap="xs">
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
