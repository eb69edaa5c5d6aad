import type { Muscle } from '../anatomy/muscle';
import { isInGroup } from '../anatomy/roll-up';
import { primeMovers } from '../exercises/exercise';
import { isAtLeast, isAtMost } from '../rounding';
import { fatiguingSets, type SeenSession, sessionsOf } from './cycle';
import type { Check, CheckInput, Finding } from './finding';

const HOURS = 24;
const ARMS: readonly Muscle[] = ['biceps', 'triceps', 'forearms'];

function isolates({ slots }: SeenSession, muscle: Muscle): boolean {
  return slots.some(
    ({ exercise, hard }) =>
      hard > 0 && exercise.kind === 'isolation' && primeMovers(exercise).includes(muscle),
  );
}

/** Direct arm work after a day on which only compounds used that muscle: this order is fine, and often meant. */
function isArmsAfter(muscle: Muscle, first: SeenSession, second: SeenSession): boolean {
  return ARMS.includes(muscle) && !isolates(first, muscle) && isolates(second, muscle);
}

/** Recovery hours a muscle needs after this many sets. */
function gapNeeded(muscle: Muscle, sets: number, { near }: CheckInput): number {
  const conventions = near.ofMuscle(muscle);
  if (isAtMost(sets, conventions.trainedHardCredit)) return conventions.gapHoursLight;
  return isInGroup('small', muscle) ? conventions.gapHoursSmall : conventions.gapHours;
}

/**
 * A muscle trained hard again before its recovery gap has passed; one finding per pair of sessions, around the end of
 * the cycle.
 */
export const recoveryGap: Check = (input) => {
  const hard = input.conventions.trainedHardCredit;
  const { cycleDays } = input.block;
  const sessions = sessionsOf(input).map((seen) => ({ ...seen, credit: fatiguingSets(seen) }));
  return sessions.flatMap((first, at) =>
    sessions.flatMap((second, index): Finding[] => {
      const apart = (second.session.day - first.session.day + cycleDays) % cycleDays;
      if (apart === 0 && index < at) return [];
      // A session follows itself when the cycle repeats.
      const hours = (first === second ? cycleDays : apart) * HOURS;
      const gaps = [...first.credit].flatMap(([muscle, sets]) => {
        const needed = gapNeeded(muscle, sets, input);
        const isHard = isAtLeast(sets, hard) && isAtLeast(second.credit.get(muscle) ?? 0, hard);
        return isHard && hours < needed && !isArmsAfter(muscle, first, second) ? [{ muscle, needed }] : [];
      });
      if (gaps.length === 0) return [];
      return [
        {
          id: `recovery-gap/${first.session.sessionId}/${second.session.sessionId}`,
          severity: 'warn',
          subject: { sessionId: second.session.sessionId },
          detail: {
            rule: 'recovery gap',
            first: first.session.name,
            second: second.session.name,
            hours,
            gaps,
          },
          fixes: [],
        },
      ];
    }),
  );
};
