import type { LogOutcome, Outgoing, Unanswered } from '@/core';
import type { FloorSession } from './contract';

/**
 * Sends what a phone has for a session. By an address of its own and not by a call of this page: a page that was opened
 * before the server was made anew still finds it.
 * @returns what the server said; rejects where it was not reached or said nothing that can be read
 */
export function sendWork({
  issuedWeekId,
  session,
}: Pick<FloorSession, 'issuedWeekId' | 'session'>): (outgoing: Outgoing) => Promise<LogOutcome | Unanswered> {
  const ref = { issuedWeekId, sessionId: session.sessionId };
  return async (outgoing) => {
    const answer = await fetch('/floor/log', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ ref, outgoing }),
    });
    return (await answer.json()) as LogOutcome | Unanswered;
  };
}
