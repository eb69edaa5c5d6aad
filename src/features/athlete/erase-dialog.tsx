'use client';

import { Modal } from '@mantine/core';
import { useState } from 'react';
import { formClasses as classes } from '@/ui/form';
import own from './athlete.module.css';

interface EraseDialogProps {
  readonly open: boolean;
  readonly name: string;
  /** What goes with the athlete. */
  readonly holds: string;
  readonly onClose: () => void;
  readonly onErase: () => Promise<void>;
}

/** Erasing cannot be taken back: the name is written out before it is done. */
export default function EraseDialog({ open, name, holds, onClose, onErase }: EraseDialogProps) {
  const [typed, setTyped] = useState('');
  const ready = typed.trim() === name.trim();
  return (
    <Modal opened={open} onClose={onClose} title={`Erase ${name}`} size="md">
      <p>This removes {holds}, for good. There is no undo. Archiving keeps everything.</p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (ready) void onErase();
        }}
      >
        <label className={own.erase}>
          Write the name to go on
          <input
            className={classes.input}
            value={typed}
            data-autofocus
            onChange={(event) => setTyped(event.target.value)}
          />
        </label>
        <div className={own.actions}>
          <button type="submit" className={classes.strong} disabled={!ready}>
            Erase for good
          </button>
          <button type="button" className={classes.button} onClick={onClose}>
            Leave it
          </button>
        </div>
      </form>
    </Modal>
  );
}
