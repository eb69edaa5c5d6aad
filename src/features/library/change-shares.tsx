'use client';

import type { Contributions, Exercise } from '@/core';
import { outcomeSentence } from '@/ui/words/outcomes';
import { problemSentence } from '@/ui/words/problems';
import * as words from '@/ui/words/screens/library';
import type { LibraryActions } from './contract';
import { EditInPlace } from './edit-in-place';
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
  const [mine, original] = [sharesText(exercise.contributions), sharesText(shipped.contributions)];
  const save = async (shares: Contributions | null): Promise<string> => {
    const answer = await setShares(exercise.id, shares).catch(() => ({ status: 'unreachable' as const }));
    if (answer.status === 'refused') return answer.problems.map(problemSentence).join(' ');
    if (answer.status !== 'saved') return outcomeSentence(answer);
    onShares(shares);
    return '';
  };
  return (
    <EditInPlace
      open={words.changeShares}
      label={words.sharesOf(exercise.name)}
      description={words.sharesForAll}
      value={mine}
      most={400}
      save={async (text) => {
        const shares = readShares(text);
        return shares.ok ? save(shares.value) : shares.problems.map(problemSentence).join(' ');
      }}
      restore={mine === original ? null : { label: words.originalShares(original), run: () => save(null) }}
    />
  );
}
