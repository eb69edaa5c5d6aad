import { UnstyledButton } from '@mantine/core';
import { useEffect, useRef } from 'react';
import { clock } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/training';
import { Fact } from './fact';
import { signal, wakeSound } from './signal';
import classes from './training.module.css';
import { useNow } from './use-now';

interface StopwatchProps {
  /** When it was started, milliseconds; null before. */
  readonly startedAt: number | null;
  /** Seconds after which the work ends, finished or not. */
  readonly cap: number;
  readonly onStart: () => void;
}

/** One clock from the first set of timed work to its last; its time limit is signalled by sound and vibration. */
export function Stopwatch({ startedAt, cap, onStart }: StopwatchProps) {
  const now = useNow(startedAt !== null, 200);
  const seconds = startedAt === null || now === null ? 0 : Math.max(0, Math.floor((now - startedAt) / 1000));
  const over = seconds >= cap;
  const waited = useRef(false);
  useEffect(() => {
    if (over && waited.current) signal();
    waited.current = startedAt !== null && !over;
  }, [startedAt, over]);
  if (startedAt !== null)
    return (
      <dl className={classes.facts}>
        <Fact
          name="Stopwatch"
          value={screenWords.timeOfLimit(clock(seconds), clock(cap), over ? screenWords.stopHere : '')}
        />
      </dl>
    );
  return (
    <UnstyledButton
      className={classes.hold}
      onClick={() => {
        wakeSound();
        onStart();
      }}
    >
      {screenWords.startTheStopwatchUpTo(clock(cap))}
    </UnstyledButton>
  );
}
