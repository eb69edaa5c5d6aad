import { Button } from '@mantine/core';
import type { FloorItem } from '@/client/training-queue';
import type { FloorSession, FloorState } from '@/client/training-session';
import { plural } from '@/ui/words/figures';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/training';
import type { SessionData as Session } from './contract';
import { setsAsText } from './sets-as-text';
import classes from './training.module.css';

const REFUSED: Readonly<Record<string, string>> = {
  gone: screenWords.belongsToASessionThat,
  'id taken': screenWords.wasAlreadySentForAnother,
  malformed: screenWords.couldNotBeReadBy,
};

/** The sending state; null if there is nothing to say. */
export function queueSentence({ queue }: FloorState): string | null {
  const { waiting, sending, isStored } = queue;
  const sets = waiting.filter(({ kind }) => kind === 'set').length;
  const what = sets === 0 ? common.saved : screenWords.saved(plural(sets, 'set'));
  const kept = isStored ? screenWords.onThisPhone(what) : screenWords.onThisPageOnlyKeep(what);
  switch (sending.status) {
    case 'waiting':
      if (sending.because === 'signed out') return screenWords.signedOutSignInAgain(kept);
      return screenWords.noConnection(kept);
    case 'stopped':
    case 'clear':
    case 'sending':
      return isStored ? null : kept;
  }
}

function itemWords(item: FloorItem): string {
  return item.kind === 'set' ? screenWords.aSetOf(item.set.reps) : screenWords.aNote;
}

interface AsideListProps {
  readonly floor: FloorSession;
  readonly state: FloorState;
}

/** What the server refused: it is not sent again by itself and holds up nothing else. */
export function RefusedList({ floor, state }: AsideListProps) {
  const { refused } = state.queue;
  if (refused.length === 0) return null;
  return (
    <ul className={classes.refused} aria-label={screenWords.notAcceptedByTheServer}>
      {refused.map(({ item, why }) => (
        <li key={item.id}>
          {itemWords(item)} {REFUSED[why] ?? screenWords.wasRefused}.{' '}
          <Button variant="link" onClick={() => floor.settleRefused(item.id, 'send again')}>
            {screenWords.sendAgain}
          </Button>{' '}
          <Button variant="link" onClick={() => floor.settleRefused(item.id, 'drop')}>
            {common.removeText}
          </Button>
        </li>
      ))}
    </ul>
  );
}

/** Sets that may be lost, as text to copy. */
export function SetsAsText({ data, state }: { readonly data: Session; readonly state: FloorState }) {
  const { isStored, refused, sending } = state.queue;
  if (isStored && refused.length === 0 && sending.status !== 'stopped') return null;
  const text = setsAsText(state, data);
  if (text === '') return null;
  return (
    <details className={classes.asText}>
      <summary>{screenWords.showTheseSetsAsText}</summary>
      <pre>{text}</pre>
      <Button variant="link" onClick={() => void navigator.clipboard.writeText(text)}>
        {common.copy}
      </Button>
    </details>
  );
}
