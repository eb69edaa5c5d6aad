'use client';

import { plural } from '@/ui/words/figures';
import classes from './floor.module.css';
import { useFloorQueue } from './use-floor';

/** Sends what earlier pages of this phone have left, of whatever session, and says what still waits. */
export function OnItsWay() {
  const [, { waiting, refused, sending }] = useFloorQueue();
  if (waiting.length === 0 && refused.length === 0) return null;
  const kept = `${plural(waiting.length, 'note')} kept on this phone`;
  return (
    <p className={classes.soft} role="status">
      {waiting.length === 0
        ? ''
        : sending.status === 'sending'
          ? 'Sending …'
          : `${kept}, sent when there is a connection. `}
      {refused.length === 0
        ? ''
        : `${plural(refused.length, 'note')} not taken: open a session to settle it.`}
    </p>
  );
}
