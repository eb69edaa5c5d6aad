import { UnstyledButton } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import { type Pace, type Pattern, paceAt, parseTempo } from '@/core';
import * as screenWords from '@/ui/words/screens/training';
import { LEAD } from './held-at';
import { beat, wakeSound } from './signal';
import classes from './training.module.css';
import { useNow } from './use-now';

const PHASE_WORDS: Readonly<Record<Pace['phase'], string>> = {
  lowering: 'down',
  stretch: screenWords.pauseInTheStretch,
  lifting: 'up',
  squeeze: screenWords.pauseInTheSqueeze,
};

interface PacerProps {
  /** As written: `3110`. */
  readonly tempo: string;
  readonly pattern: Pattern;
  readonly reps: number;
}

/**
 * Beats the tempo of a set: a tick each second, a higher one where the weight turns or stops, and a bar that moves
 * like the weight. Based on the phone's clock, from the tap on.
 */
export function Pacer({ tempo: written, pattern, reps }: PacerProps) {
  const tempo = parseTempo(written);
  const [tapped, setTapped] = useState<number | null>(null);
  const now = useNow(tapped !== null, 40);
  const since = tapped === null ? null : ((now ?? tapped) - tapped) / 1000 - LEAD;
  const pace = since === null || since < 0 || tempo === undefined ? undefined : paceAt(tempo, pattern, since);
  const second = since === null ? null : Math.floor(since);
  const phase = pace === undefined ? null : `${pace.rep} ${pace.phase}`;
  const heard = useRef<string | null>(null);
  useEffect(() => {
    if (second === null || second < 0) return;
    const turned = phase !== heard.current;
    heard.current = phase;
    beat(turned);
  }, [second, phase]);

  const first = tempo === undefined ? undefined : paceAt(tempo, pattern, 0);
  if (first === undefined) return null;
  const tap = () => {
    wakeSound();
    setTapped(tapped === null ? Date.now() : null);
  };
  const words =
    since === null
      ? screenWords.metronome(written)
      : pace === undefined
        ? screenWords.firstRepInS(Math.ceil(-since))
        : screenWords.repOf(pace.rep, reps, PHASE_WORDS[pace.phase], pace.left);
  return (
    <UnstyledButton className={classes.pacer} data-running={since !== null} onClick={tap}>
      {since === null ? null : (
        <span className={classes.track} aria-hidden="true">
          <span className={classes.weight} style={{ bottom: `${(pace ?? first).height * 100}%` }} />
        </span>
      )}
      {words}
    </UnstyledButton>
  );
}
