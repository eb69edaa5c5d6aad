import type { Muscle } from '../anatomy/muscle';
import { isInGroup } from '../anatomy/roll-up';
import { primeMovers } from '../exercises/exercise';
import type { SessionPlan } from '../plan/session';
import { isAtLeast, isAtMost } from '../rounding';
import { fatiguingSets, sessionsOf } from './cycle';
import type { Check, CheckInput, Finding } from './finding';

const HOURS = 24;
const ARMS: readonly Muscle[] = ['biceps', 'triceps', 'forearms'];

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
  const seen = sessionsOf(input);
  const sessions = seen.map((one) => ({ session: one.session, credit: fatiguingSets(one) }));
  const armSets = new Map(seen.map((one) => [one.session, one]));
  const isolates = (session: SessionPlan, muscle: Muscle) =>
    (armSets.get(session)?.slots ?? []).some(
      ({ exercise, hard: sets }) =>
        sets > 0 && exercise.kind === 'isolation' && primeMovers(exercise).includes(muscle),
    );
  /** Direct arms after a day on which only compounds used them: that order is fine, and often meant. */
  const isArmsAfter = (muscle: Muscle, first: SessionPlan, second: SessionPlan) =>
    ARMS.includes(muscle) && !isolates(first, muscle) && isolates(second, muscle);
  return sessions.flatMap((first, at) =>
    sessions.flatMap((second, index): Finding[] => {
      const apart = (second.session.day - first.session.day + cycleDays) % cycleDays;
      if (apart === 0 && index < at) return [];
      // A session follows itself when the cycle repeats.
      const hours = (first === second ? cycleDays : apart) * HOURS;
      const gaps = [...first.credit].flatMap(([muscle, sets]) => {
        const needed = gapNeeded(muscle, sets, input);
        const isHard = isAtLeast(sets, hard) && isAtLeast(second.credit.get(muscle) ?? 0, hard);
        if (isArmsAfter(muscle, first.session, second.session)) return [];
        return isHard && hours < needed ? [{ muscle, needed }] : [];
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
