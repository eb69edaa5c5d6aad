import classes from './block.module.css';
import type { DocumentState } from './document-state';

const WAITING = {
  unavailable: 'not saved yet: the database does not answer',
  unreachable: 'not saved yet: no connection',
  'signed out': 'not saved yet: signed out, sign in in another tab',
} as const;

interface SavingNoteProps {
  readonly state: DocumentState;
  readonly onSettle: (keep: 'mine' | 'theirs') => void;
}

/** Whether the block is safe with the server, in a few words; asks when two tabs changed the same thing. */
export function SavingNote({ state, onSettle }: SavingNoteProps) {
  const { saving, pending, revision, notice } = state;
  switch (saving.status) {
    case 'saved':
      return (
        <span className={classes.saving} role="status">
          {notice === null ? '' : `${notice} `}
          {saving.at === null ? 'saved' : `saved ${saving.at}`} · rev {revision}
        </span>
      );
    case 'saving':
      return (
        <span className={classes.saving} role="status">
          saving …
        </span>
      );
    case 'waiting':
      return (
        <span className={classes.saving} role="status" data-waiting="true">
          {WAITING[saving.because]}; {pending.length} kept here, trying again
        </span>
      );
    case 'collision':
      return (
        <span className={classes.saving} role="alert" data-waiting="true">
          Another tab changed the same thing.{' '}
          <button type="button" className={classes.linkButton} onClick={() => onSettle('theirs')}>
            Take theirs
          </button>
          <button type="button" className={classes.linkButton} onClick={() => onSettle('mine')}>
            Keep mine
          </button>
        </span>
      );
    case 'gone':
      return (
        <span className={classes.saving} role="alert" data-waiting="true">
          This block is no longer there.
        </span>
      );
  }
}
