import { Button } from '@mantine/core';
import { useSyncExternalStore } from 'react';
import type { BlockSession } from '@/client/block-session';
import classes from './block.module.css';

const WAITING = {
  unavailable: 'not saved yet: the database does not answer',
  unreachable: 'not saved yet: no connection',
  'signed out': 'not saved yet: signed out, sign in in another tab',
} as const;

function clock(at: number): string {
  return new Date(at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
}

/** Whether the block is safe with the server, in a few words; asks when two tabs changed the same thing. */
export function SavingNote({ session }: { readonly session: BlockSession }) {
  const { saving, pending, document, isStored } = useSyncExternalStore(
    session.subscribe,
    session.getState,
    session.getState,
  );
  switch (saving.status) {
    case 'saved':
      return (
        <span className={classes.saving} role="status" data-short={!document.tookIn}>
          {document.tookIn ? 'Changes made elsewhere were taken in. ' : ''}
          {saving.at === null ? 'saved' : `saved ${clock(saving.at)}`} · rev {document.revision}
        </span>
      );
    case 'saving':
      return (
        <span className={classes.saving} role="status" data-short>
          saving …
        </span>
      );
    case 'waiting':
      return (
        <span className={classes.saving} role="status" data-waiting="true">
          {WAITING[saving.because]}; {pending.length}{' '}
          {isStored ? 'kept here' : 'on this page only, do not close it'}, trying again
        </span>
      );
    case 'collision':
      return (
        <Asking text="Another tab changed the same thing.">
          <Choice name="Take theirs" onChoose={() => session.settle('theirs')} />
          <Choice name="Keep mine" onChoose={() => session.settle('mine')} />
        </Asking>
      );
    case 'malformed':
      return (
        <Asking text={`The server cannot read what this page sends; ${pending.length} kept here.`}>
          <Choice
            name="Copy as text"
            onChoose={() => void navigator.clipboard.writeText(session.exported())}
          />
        </Asking>
      );
    case 'gone':
      return <Asking text="This block is no longer there." />;
  }
}

function Asking({ text, children }: { readonly text: string; readonly children?: React.ReactNode }) {
  return (
    <span className={classes.saving} role="alert" data-waiting="true">
      {text} {children}
    </span>
  );
}

function Choice({ name, onChoose }: { readonly name: string; readonly onChoose: () => void }) {
  return (
    <Button variant="link" onClick={onChoose}>
      {name}
    </Button>
  );
}
