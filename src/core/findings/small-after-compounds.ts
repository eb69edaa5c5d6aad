import { MUSCLES } from '../anatomy/muscle';
import { isInGroup } from '../anatomy/roll-up';
import { findSlot } from '../block/block';
import { contribution, primeMovers } from '../exercises/exercise';
import { setCost } from '../timing/set-cost';
import { sessionsOf } from './cycle';
import type { Check, Finding, Fix } from './finding';

/** Share from which a compound fatigues a muscle trained after it. */
const TIRES = 0.5;

/**
 * A growing small muscle whose direct work always comes right after a compound that fatigues it. Arms fit well on leg
 * days.
 */
export const smallAfterCompounds: Check = (input) => {
  const sessions = sessionsOf(input);
  return MUSCLES.filter(
    (muscle) => isInGroup('small', muscle) && input.week.muscles[muscle].goal !== 'hold',
  ).flatMap((muscle): Finding[] => {
    const exercised = sessions.flatMap(({ session, slots }) =>
      slots.flatMap(({ slot, exercise, hard }, at) => {
        if (hard === 0 || exercise.kind !== 'isolation' || !primeMovers(exercise).includes(muscle)) return [];
        const before = slots[at - 1];
        const tired =
          before?.exercise.kind === 'compound' && contribution(before.exercise, muscle) >= TIRES
            ? before
            : undefined;
        return [{ session, slot, exercise, tired: tired?.exercise }];
      }),
    );
    const [first] = exercised;
    if (
      first?.tired === undefined ||
      exercised.length < 2 ||
      exercised.some(({ tired }) => tired === undefined)
    )
      return [];
    const limit = input.athlete.minutes * 60;
    const written = findSlot(input.block, first.slot.slotId)?.slot;
    if (written === undefined) return [];
    const seconds = first.slot.sets.length * setCost(written, first.exercise, input.conventions);
    const room = sessions.find(
      ({ session, half, slots }) =>
        half === 'lower' &&
        !slots.some(({ exercise }) => contribution(exercise, muscle) >= TIRES) &&
        session.seconds.high + seconds + input.conventions.changeOver <= limit,
    );
    const fixes: readonly Fix[] =
      room === undefined
        ? []
        : [
            {
              does: 'move slot to session',
              exerciseId: first.exercise.id,
              session: room.session.name,
              edit: {
                kind: 'slot/move',
                slot: first.slot.slotId,
                session: room.session.sessionId,
                after: room.slots.at(-1)?.slot.slotId ?? null,
              },
            },
          ];
    return [
      {
        id: `small-after-compounds/${muscle}`,
        severity: 'note',
        subject: { sessionId: first.session.sessionId, slotId: first.slot.slotId, muscle },
        detail: { rule: 'small after compounds', muscle, compound: first.tired.id },
        fixes,
      },
    ];
  });
};
