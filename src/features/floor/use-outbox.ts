import { useCallback, useEffect, useRef, useState } from 'react';
import type { LogOutcome, Outgoing, Unanswered } from '@/core';
import type { SendAction } from './contract';
import { afterSend, isNothing, nothing, type Outbox, storedOutgoing, storeOutgoing } from './outbox';

const FIRST_WAIT_MS = 1500;
const LONGEST_WAIT_MS = 20_000;

/** Today by this phone's clock and place. */
export function localToday(): string {
  return new Intl.DateTimeFormat('sv-SE').format(new Date());
}

/**
 * Keeps what was tapped on this phone until the server has confirmed it: through lost signal, a closed page, a
 * restart. Everything carries an id, so sending twice is harmless.
 * @param onRestore told once what an earlier page of this phone had left in the outbox
 */
export function useOutbox(workoutId: string, send: SendAction, onRestore: (outgoing: Outgoing) => void) {
  const [outbox, setOutbox] = useState<Outbox>({ waiting: nothing(''), status: 'clear', refusal: null });
  const latest = useRef(outbox);
  const restore = useRef(onRestore);
  const inFlight = useRef(false);
  const wait = useRef(FIRST_WAIT_MS);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);

  const put = useCallback(
    (next: Outbox) => {
      latest.current = next;
      setOutbox(next);
      storeOutgoing(workoutId, next.waiting);
    },
    [workoutId],
  );

  const flush = useCallback(async () => {
    clearTimeout(timer.current);
    const sent = latest.current.waiting;
    if (inFlight.current || isNothing(sent)) return;
    inFlight.current = true;
    put({ ...latest.current, status: 'sending' });
    let answer: LogOutcome | Unanswered | undefined;
    try {
      answer = await send(sent);
    } catch {
      // Not reached: it stays in the outbox.
    }
    inFlight.current = false;
    const next = afterSend(latest.current, sent, answer);
    put(next);
    if (next.status === 'offline') {
      timer.current = setTimeout(flush, wait.current);
      wait.current = Math.min(LONGEST_WAIT_MS, wait.current * 2);
    } else {
      wait.current = FIRST_WAIT_MS;
      if (next.status === 'sending') void flush();
    }
  }, [put, send]);

  const post = useCallback(
    (change: (waiting: Outgoing) => Outgoing) => {
      const { waiting } = latest.current;
      const dated = waiting.localDate === '' ? { ...waiting, localDate: localToday() } : waiting;
      put({ ...latest.current, waiting: change(dated) });
      void flush();
    },
    [flush, put],
  );

  // What an earlier page of this phone could not send goes first.
  useEffect(() => {
    const stored = storedOutgoing(workoutId);
    if (stored !== undefined && isNothing(latest.current.waiting)) {
      restore.current(stored);
      put({ ...latest.current, waiting: stored });
      void flush();
    }
    const again = () => void flush();
    window.addEventListener('online', again);
    return () => {
      window.removeEventListener('online', again);
      clearTimeout(timer.current);
    };
  }, [workoutId, flush, put]);

  return { outbox, post };
}
