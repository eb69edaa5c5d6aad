import { Button } from '@mantine/core';
import { useSyncExternalStore } from 'react';
import type { BlockSession } from '@/client/block-session';
import { useTimes } from '@/ui/clock';
import * as screenWords from '@/ui/words/screens/block';
import * as common from '@/ui/words/screens/common';
import classes from './block.module.css';

const WAITING = {
  unavailable: screenWords.notSavedYetTheDatabase,
  unreachable: screenWords.notSavedYetNoConnection,
  'signed out': screenWords.notSavedYetYouAre,
} as const;

/** The saving state in a few words; asks when two tabs changed the same thing. */
export function SavingNote({ session }: { readonly session: BlockSession }) {
  const { saving, pending, document, isStored } = useSyncExternalStore(
    session.subscribe,
    session.getState,
    session.getState,
  );
  const { time } = useTimes();
  switch (saving.status) {
    case 'saved':
      return (
        <span className={classes.saving} role="status" data-short={!document.tookIn}>
          {screenWords.revisionNote(
            document.tookIn ? screenWords.changesMadeElsewhereWereAdded : '',
            saving.at === null ? screenWords.savedText : screenWords.saved(time(saving.at)),
            document.revision,
          )}
        </span>
      );
    case 'saving':
      return (
        <span className={classes.saving} role="status" data-short>
          {common.saving}
        </span>
      );
    case 'waiting':
      return (
        <span className={classes.saving} role="status" data-waiting="true">
          {screenWords.tryingAgain(
            WAITING[saving.because],
            pending.length,
            isStored ? screenWords.savedOnThisDevice : screenWords.onlyOnThisPageKeep,
          )}
        </span>
      );
    case 'collision':
      return (
        <ConflictDialog text={screenWords.anotherTabChangedTheSame}>
          <Choice name={screenWords.takeTheirs} onChoose={() => session.settle('theirs')} />
          <Choice name={screenWords.keepMine} onChoose={() => session.settle('mine')} />
        </ConflictDialog>
      );
    case 'malformed':
      return (
        <ConflictDialog text={screenWords.theServerCannotReadWhat(pending.length)}>
          <Choice
            name={screenWords.copyAsText}
            onChoose={() => void navigator.clipboard.writeText(session.exported())}
          />
        </ConflictDialog>
      );
    case 'gone':
      return <ConflictDialog text={screenWords.thisBlockNoLongerExists} />;
  }
}

function ConflictDialog({ text, children }: { readonly text: string; readonly children?: React.ReactNode }) {
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
