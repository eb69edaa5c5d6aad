'use client';

import type { Exercise } from '@/core';
import { outcomeSentence } from '@/ui/words/outcomes';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/library';
import type { LibraryActions } from './contract';
import { EditInPlace } from './edit-in-place';

interface RenameProps {
  readonly exercise: Exercise;
  /** The shipped name, if the coach has renamed it. */
  readonly original: string | null;
  readonly rename: LibraryActions['rename'];
  readonly onRenamed: (name: string | null) => void;
}

/** A coach's own name for an exercise, edited in place. Athletes see it too. */
export function Rename({ exercise, original, rename, onRenamed }: RenameProps) {
  const save = async (name: string | null): Promise<string> => {
    const answer = await rename(exercise.id, name).catch(() => ({ status: 'unreachable' as const }));
    if (answer.status === 'taken') return words.nameIsTaken(answer.name);
    if (answer.status !== 'saved') return outcomeSentence(answer);
    onRenamed(name === original ? null : name);
    return '';
  };
  return (
    <EditInPlace
      open={words.rename}
      label={words.yourNameFor(exercise.name)}
      description={words.yourAthletesSeeIt}
      value={exercise.name}
      most={120}
      save={async (text) => (text.trim() === '' ? common.enterAName : save(text.trim()))}
      restore={original === null ? null : { label: words.originalName(original), run: () => save(null) }}
    />
  );
}
