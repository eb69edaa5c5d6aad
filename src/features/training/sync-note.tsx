'use client';

import { plural } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/training';
import classes from './training.module.css';
import { useTrainingQueue } from './use-training';

/** Sends what earlier pages of this phone have left, for any session, and says what still waits. */
export function SyncNote() {
  const [, { waiting, refused, sending }] = useTrainingQueue();
  if (waiting.length === 0 && refused.length === 0) return null;
  const kept = screenWords.savedOnThisPhone(plural(waiting.length, 'note'));
  return (
    <p className={classes.soft} role="status">
      {waiting.length === 0
        ? ''
        : sending.status === 'sending'
          ? screenWords.sending
          : screenWords.sentWhenYouAreBack(kept)}
      {refused.length === 0 ? '' : screenWords.notAcceptedOpenASession(plural(refused.length, 'note'))}
    </p>
  );
}
