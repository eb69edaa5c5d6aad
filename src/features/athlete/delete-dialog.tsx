'use client';

import { Button, Modal, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Unsure } from '@/core';
import { formClasses } from '@/ui/form';
import { useAction } from '@/ui/use-action';
import { outcomeSentence } from '@/ui/words/outcomes';
import * as screenWords from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import own from './athlete.module.css';

interface EraseDialogProps {
  readonly open: boolean;
  readonly name: string;
  /** What is deleted with the athlete. */
  readonly holds: string;
  readonly onClose: () => void;
  readonly onErase: () => Promise<Unsure>;
}

/** Deleting ends with everything gone, so the name must be typed first. */
export default function DeleteDialog({ open, name, holds, onClose, onErase }: EraseDialogProps) {
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState('');
  const { ask, isBusy } = useAction(onErase);
  const ready = typed.trim() === name.trim() && !isBusy;
  const erase = async () => {
    const answer = await ask();
    // Does not return when it navigates away.
    if (answer !== undefined) setProblem(outcomeSentence(answer));
  };
  return (
    // One dialog at a time: the password dialog replaces it meanwhile.
    <Modal opened={open && !isBusy} onClose={onClose} title={screenWords.deleteWord(name)} size="md">
      <p>{screenWords.thisDeletesIn14Days(holds)}</p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (ready) void erase();
        }}
      >
        <TextInput
          className={own.erase}
          label={screenWords.typeTheNameToConfirm}
          value={typed}
          data-autofocus
          onChange={(event) => setTyped(event.target.value)}
        />
        {problem === '' ? null : (
          <p role="alert" className={formClasses.problem}>
            {problem}
          </p>
        )}
        <div className={own.actions}>
          <Button type="submit" variant="filled" disabled={!ready}>
            {screenWords.deleteIn14Days}
          </Button>
          <Button variant="link" onClick={onClose}>
            {common.cancel}
          </Button>
        </div>
      </form>
    </Modal>
  );
}
