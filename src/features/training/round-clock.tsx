import { UnstyledButton } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import { type Conventions, roundAt, roundSteps, secondsPerRep } from '@/core';
import { plural } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/training';
import { LEAD } from './held-at';
import type { AskedSet } from './order';
import { signal, wakeSound } from './signal';
import classes from './training.module.css';
import { useNow } from './use-now';

interface RoundClockProps {
  readonly round: readonly AskedSet[];
  readonly sides: number;
  readonly conventions: Conventions;
}

/**
 * A round that runs by itself: each part for as long as its reps take at their tempo, then its rest, signalled by
 * sound and vibration; every-minute sets by the minute. One tap starts it, and one tap at the end logs its sets.
 */
export function RoundClock({ round, sides, conventions }: RoundClockProps) {
  const [tapped, setTapped] = useState<number | null>(null);
  const now = useNow(tapped !== null, 200);
  const everyMinute = round[0]?.slot.technique.kind === 'every-minute sets';
  const steps = roundSteps(
    round.map(({ slot, set }) => {
      const rep = secondsPerRep({ measure: slot.measure, tempo: set.tempo ?? slot.tempo }, conventions);
      return { seconds: set.reps * rep * sides, rest: set.rest };
    }),
    everyMinute,
  );
  const since = tapped === null ? null : ((now ?? tapped) - tapped) / 1000 - LEAD;
  const at = since === null || since < 0 ? undefined : roundAt(steps, since);
  const isOver = since !== null && since >= 0 && at === undefined;
  const told = isOver ? 'over' : at === undefined ? null : `${at.step.kind} ${at.step.piece}`;
  const heard = useRef<string | null>(null);
  useEffect(() => {
    if (told !== null && told !== heard.current) signal();
    heard.current = told;
  }, [told]);
  const tap = () => {
    wakeSound();
    setTapped(tapped === null ? Date.now() : null);
  };
  const total = round.length;
  const repsOf = (piece: number) => {
    const one = round[piece];
    return one === undefined
      ? ''
      : one.slot.measure === 'seconds'
        ? screenWords.holdSeconds(one.set.reps)
        : plural(one.set.reps, 'rep');
  };
  const words = () => {
    if (since === null)
      return everyMinute ? screenWords.startTheMinutes(total) : screenWords.startTheRoundParts(total);
    if (since < 0) return screenWords.partInSeconds(repsOf(0), Math.ceil(-since));
    if (at === undefined) return screenWords.roundFinishedLogIt;
    const { step, left } = at;
    const part = screenWords.partOfTotal(
      everyMinute ? screenWords.minute : screenWords.part,
      step.piece + 1,
      total,
    );
    return step.kind === 'work'
      ? `${part}: ${repsOf(step.piece)}`
      : screenWords.restSThen(left, repsOf(step.piece));
  };
  return (
    <UnstyledButton className={classes.hold} data-running={since !== null && !isOver} onClick={tap}>
      {words()}
    </UnstyledButton>
  );
}
