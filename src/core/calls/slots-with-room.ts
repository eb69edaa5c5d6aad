import type { Muscle } from '../anatomy/muscle';
import { contribution, payoff } from '../exercises/exercise';
import { workingSets } from '../plan/working-sets';
import type { SlotRoom } from '../progression/set-response';
import { failureReach, setCount, setLimits } from '../techniques/registry';
import { setCost } from '../timing/set-cost';
import { setRoom } from '../volume/set-room';
import type { Evidence } from './evidence';

type Facts = Pick<Evidence, 'block' | 'next' | 'exerciseOf' | 'near'>;

/**
 * Where a muscle's next set may go: slots of the session with room for one, otherwise those of its other sessions. If
 * none has room, the session's own slots, with none.
 */
export function slotsForMore(muscle: Muscle, sessionId: string, facts: Facts): readonly SlotRoom[] {
  const own = slotsWithRoom(muscle, sessionId, facts);
  const hasRoom = (slots: readonly SlotRoom[]) => slots.some(({ room }) => room > 0);
  if (own.length === 0 || hasRoom(own)) return own;
  const others = facts.next.sessions
    .filter((session) => session.sessionId !== sessionId)
    .map((session) => slotsWithRoom(muscle, session.sessionId, facts));
  return others.find(hasRoom) ?? own;
}

/**
 * Slots of a session that train a muscle as prime mover and accept responses, with the sets that technique and range
 * can still take.
 */
function slotsWithRoom(
  muscle: Muscle,
  sessionId: string,
  { block, next, exerciseOf, near }: Facts,
): readonly SlotRoom[] {
  const session = next.sessions.find((one) => one.sessionId === sessionId);
  const written = block.sessions.find((one) => one.id === sessionId);
  return (session?.slots ?? []).flatMap((slot): SlotRoom[] => {
    const exercise = exerciseOf(slot);
    const prescription = written?.slots.find((one) => one.id === slot.slotId);
    if (prescription === undefined || prescription.setRule !== 'by response') return [];
    if (contribution(exercise, muscle) !== 1) return [];
    // More sets past failure are never a response: this limit comes before every cap.
    const gated = slot.gate !== null || failureReach(slot.technique) === 'past failure';
    const most = gated ? 0 : setLimits(prescription.technique).most;
    const left = Math.max(0, most - Math.max(workingSets(slot), setCount(prescription.technique)));
    return [
      {
        slotId: slot.slotId,
        sessionId,
        payoff: payoff(exercise),
        room: Math.min(left, setRoom({ slot: prescription, exercise, planned: slot, near, lastStep: true })),
        minutesPerSet: setCost(prescription, exercise, near.whole) / 60,
        credits: exercise.contributions,
      },
    ];
  });
}
