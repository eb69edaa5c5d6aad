import type { SessionPlan } from '../plan/session';
import type { SlotPlan } from '../plan/slot';

/** A slot without its last round. */
function withoutLastRound(slot: SlotPlan): SlotPlan {
  const last = slot.sets.at(-1)?.round;
  return { ...slot, sets: slot.sets.filter(({ round }) => round !== last) };
}

/**
 * A session cut to a maximum length: the last rounds are dropped first, one at a time.
 * @param made the session's figures with these slots
 */
export function withinMinutes(
  slots: readonly SlotPlan[],
  minutes: number,
  made: (slots: readonly SlotPlan[]) => SessionPlan,
): SessionPlan {
  let left = slots;
  let session = made(left);
  while (session.seconds.high > minutes * 60) {
    const at = left.findLastIndex(({ sets }) => sets.length > 0);
    if (at < 0) break;
    left = left.map((slot, k) => (k === at ? withoutLastRound(slot) : slot));
    session = made(left);
  }
  return session;
}
