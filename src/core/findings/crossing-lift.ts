import { isInGroup } from '../anatomy/roll-up';
import { credits } from '../exercises/exercise';
import { isAtLeast } from '../rounding';
import { type SeenSession, sessionsOf } from './cycle';
import type { Check, Finding, Fix } from './finding';

/** A session is a push or pull day from this share of its pushing and pulling work. */
const DAY_SHARE = 0.7;

/** Whether a session is a push or a pull day without one of its slots; null: neither. */
function dayOf({ slots }: SeenSession, but: string): 'push' | 'pull' | null {
  let [push, pull] = [0, 0];
  for (const { slot, exercise, hard } of slots) {
    if (slot.slotId === but) continue;
    for (const [muscle, share] of credits(exercise)) {
      if (isInGroup('push', muscle)) push += hard * share;
      if (isInGroup('pull', muscle)) pull += hard * share;
    }
  }
  if (push + pull === 0) return null;
  if (isAtLeast(push / (push + pull), DAY_SHARE)) return 'push';
  return isAtLeast(pull / (push + pull), DAY_SHARE) ? 'pull' : null;
}

/**
 * A lift that is both push and pull is on the day of its easier half; the fix moves it to a day of its harder half.
 */
export const crossingLift: Check = (input) => {
  const sessions = sessionsOf(input);
  return sessions.flatMap((seen) =>
    seen.slots.flatMap(({ slot, exercise }): Finding[] => {
      const half = exercise.harderHalf;
      const day = dayOf(seen, slot.slotId);
      if (half === undefined || day === null || day === half) return [];
      const { sessionId, name } = seen.session;
      const fixes = sessions.flatMap((other): Fix[] => {
        const holds = other.session.slots.some(({ exerciseId }) => exerciseId === exercise.id);
        const last = other.session.slots.at(-1);
        if (other === seen || holds || last === undefined || dayOf(other, slot.slotId) !== half) return [];
        const to = other.session;
        return [
          {
            does: 'move slot to session',
            exerciseId: exercise.id,
            session: to.name,
            edit: { kind: 'slot/move', slot: slot.slotId, session: to.sessionId, after: last.slotId },
          },
        ];
      });
      return [
        {
          id: `crossing-lift/${slot.slotId}`,
          severity: 'note',
          subject: { sessionId, slotId: slot.slotId },
          detail: { rule: 'crossing lift', exerciseId: exercise.id, session: name, half },
          fixes,
        },
      ];
    }),
  );
};
