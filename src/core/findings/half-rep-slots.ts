import type { Muscle } from '../anatomy/muscle';
import { findSlot } from '../block/block';
import { primeMovers } from '../exercises/exercise';
import { innerTechnique } from '../techniques/registry';
import { sessionsOf } from './cycle';
import type { Check, Finding } from './finding';

/** More slots of lengthened partials for a muscle in a session than it recovers from well. */
export const halfRepSlots: Check = (input) =>
  sessionsOf(input).flatMap(({ session, slots }): Finding[] => {
    const most = input.conventions.halfRepSlots;
    const counts = new Map<Muscle, number>();
    for (const { slot, exercise } of slots) {
      const written = findSlot(input.block, slot.slotId)?.slot;
      const isHalf =
        slot.motion === 'long half' || innerTechnique(slot.technique).kind === 'lengthened partials';
      if (written === undefined || !isHalf) continue;
      for (const muscle of primeMovers(exercise)) counts.set(muscle, (counts.get(muscle) ?? 0) + 1);
    }
    return [...counts].flatMap(([muscle, slotsOfIt]): Finding[] =>
      slotsOfIt <= most
        ? []
        : [
            {
              id: `half-rep-slots/${session.sessionId}/${muscle}`,
              severity: 'note',
              subject: { sessionId: session.sessionId, muscle },
              detail: { rule: 'half-rep slots', session: session.name, muscle, slots: slotsOfIt, most },
              fixes: [],
            },
          ],
    );
  });
