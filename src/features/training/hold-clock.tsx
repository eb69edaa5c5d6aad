import { UnstyledButton } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import * as screenWords from '@/ui/words/screens/training';
import { heldAt } from './held-at';
import { signal, wakeSound } from './signal';
import classes from './training.module.css';
import { useNow } from './use-now';

/**
 * Clock for a hold: a tap, time to get into position, a countdown to the target with sound and vibration, then
 * counting on. Based on the phone's clock, so that sleep loses no time.
 */
export function HoldClock({
  of,
  onHeld,
}: {
  readonly of: number;
  readonly onHeld: (seconds: number) => void;
}) {
  const [tapped, setTapped] = useState<number | null>(null);
  const now = useNow(tapped !== null, 200);
  const at = tapped === null ? null : heldAt(tapped, now ?? tapped, of);
  const told = useRef<string | null>(null);
  const phase = at?.phase ?? null;
  useEffect(() => {
    if (phase !== null && told.current !== null && told.current !== phase) signal();
    told.current = phase;
  }, [phase]);

  const tap = () => {
    wakeSound();
    if (tapped === null) {
      setTapped(Date.now());
      return;
    }
    const { held } = heldAt(tapped, Date.now(), of);
    setTapped(null);
    if (held > 0) onHeld(held);
  };
  return (
    <UnstyledButton className={classes.hold} data-running={at !== null} onClick={tap}>
      {at === null ? screenWords.startTheClockS(of) : screenWords.tapToStop(at.words)}
    </UnstyledButton>
  );
}
