import { Button } from '@mantine/core';
import type { FloorItem } from '@/client/floor-queue';
import type { FloorSession, FloorState } from '@/client/floor-session';
import { plural } from '@/ui/words/figures';
import type { FloorSession as Session } from './contract';
import classes from './floor.module.css';
import { setsAsText } from './sets-as-text';

const REFUSED: Readonly<Record<string, string>> = {
  gone: 'belongs to a session that is no longer there',
  'id taken': 'was sent for another session',
  malformed: 'could not be read by the server',
};

/** How what was tapped stands towards the coach; null while there is nothing to say. */
export function queueSentence({ queue }: FloorState): string | null {
  const { waiting, sending, isStored } = queue;
  const sets = waiting.filter(({ kind }) => kind === 'set').length;
  const what = sets === 0 ? 'Kept' : `${plural(sets, 'set')} kept`;
  const kept = isStored ? `${what} on this phone.` : `${what} on this page only: do not close it.`;
  switch (sending.status) {
    case 'waiting':
      if (sending.because === 'signed out') return `Signed out. Sign in again in another tab. ${kept}`;
      return `No connection. ${kept}`;
    case 'stopped':
    case 'clear':
    case 'sending':
      return isStored ? null : kept;
  }
}

function itemWords(item: FloorItem): string {
  return item.kind === 'set' ? `A set of ${item.set.reps}` : 'A report';
}

interface AsideListProps {
  readonly floor: FloorSession;
  readonly state: FloorState;
}

/** What the server refused: nothing of it goes by itself, and none of it holds up the rest. */
export function RefusedList({ floor, state }: AsideListProps) {
  const { refused } = state.queue;
  if (refused.length === 0) return null;
  return (
    <ul className={classes.refused} aria-label="Not taken by the server">
      {refused.map(({ item, why }) => (
        <li key={item.id}>
          {itemWords(item)} {REFUSED[why] ?? 'was refused'}.{' '}
          <Button variant="link" onClick={() => floor.settleRefused(item.id, 'send again')}>
            Send again
          </Button>{' '}
          <Button variant="link" onClick={() => floor.settleRefused(item.id, 'drop')}>
            Put away
          </Button>
        </li>
      ))}
    </ul>
  );
}

/** Sets that may be lost, or that nobody takes, as text to copy. */
export function AsText({ data, state }: { readonly data: Session; readonly state: FloorState }) {
  const { isStored, refused, sending } = state.queue;
  if (isStored && refused.length === 0 && sending.status !== 'stopped') return null;
  const text = setsAsText(state, data);
  if (text === '') return null;
  return (
    <details className={classes.asText}>
      <summary>Show these sets as text</summary>
      <pre>{text}</pre>
      <Button variant="link" onClick={() => void navigator.clipboard.writeText(text)}>
        Copy
      </Button>
    </details>
  );
}
