'use client';

import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Exercise, ExerciseUse } from '@/core';
import { formClasses as classes } from '@/ui/form';
import { Toggles } from '@/ui/toggles';
import { useAction } from '@/ui/use-action';
import { plural } from '@/ui/words/figures';
import { outcomeSentence } from '@/ui/words/outcomes';
import * as screenWords from '@/ui/words/screens/library';
import type { LibraryActions } from './contract';
import own from './library.module.css';

interface AdoptProps {
  readonly exercise: Exercise;
  readonly uses: readonly ExerciseUse[];
  readonly adopt: LibraryActions['adoptInBlocks'];
  readonly onClose: () => void;
}

/** Blocks keep the revision they were written with; this offers to move them to the new one. */
export function AdoptRevision({ exercise, uses, adopt, onClose }: AdoptProps) {
  const [chosen, setChosen] = useState<readonly string[]>(uses.map(({ blockId }) => blockId));
  const [message, setMessage] = useState<string | null>(null);
  const names = new Map(
    uses.map(({ blockId, blockName, athleteName }) => [blockId, `${athleteName}, ${blockName}`]),
  );
  const adopting = useAction(adopt);
  const go = async () => {
    const failed = await adopting.ask(chosen, { id: exercise.id, revision: exercise.revision });
    if ('status' in failed) setMessage(outcomeSentence(failed));
    else if (failed.length === 0) onClose();
    else setMessage(screenWords.notUpdatedOpenTheBlock(failed.map((id) => names.get(id) ?? id).join('; ')));
  };
  return (
    <div className={own.detail}>
      <h2>{screenWords.savedAsRevision(exercise.revision)}</h2>
      <p>{screenWords.stillUseAnEarlierRevision(uses.length, exercise.name)}</p>
      <Toggles
        label={screenWords.blocksToUpdate}
        value={chosen}
        options={uses.map(({ blockId }) => blockId)}
        names={(id) => names.get(id) ?? id}
        onValue={setChosen}
      />
      {message === null ? null : (
        <p className={classes.problem} role="alert">
          {message}
        </p>
      )}
      <div className={own.tools}>
        <Button variant="filled" disabled={chosen.length === 0} onClick={() => void go()}>
          {screenWords.update(plural(chosen.length, 'block'))}
        </Button>
        <Button variant="link" onClick={onClose}>
          {screenWords.leaveAsTheyAre}
        </Button>
      </div>
    </div>
  );
}
