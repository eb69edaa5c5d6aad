import type { Muscle } from '../anatomy/muscle';
import { isIn } from '../anatomy/roll-up';
import { credits } from '../exercises/exercise';
import { type SeenSession, sessionsOf } from './cycle';
import type { Check, CheckInput, Finding } from './finding';

const HOURS = 24;

/** Hours a muscle needs after so many sets. */
function gapNeeded(muscle: Muscle, sets: number, { conventions }: CheckInput): number {
  if (sets <= conventions.trainedHardCredit) return conventions.gapHoursLight;
  return isIn('small', muscle) ? conventions.gapHoursSmall : conventions.gapHours;
}

/** Hard sets without those of technical skills, which may be trained most days. */
function tiring({ slots }: SeenSession): ReadonlyMap<Muscle, number> {
  const credit = new Map<Muscle, number>();
  for (const { exercise, hard } of slots) {
    if (exercise.skill === 'technical') continue;
    for (const [muscle, share] of credits(exercise))
      credit.set(muscle, (credit.get(muscle) ?? 0) + hard * share);
  }
  return credit;
}

/** A muscle trained hard again before its recovery gap; one finding for a pair of sessions, the cycle wrapping round. */
export const recoveryGap: Check = (input) => {
  const hard = input.conventions.trainedHardCredit;
  const { cycleDays } = input.block;
  const sessions = sessionsOf(input).map((one) => ({ session: one.session, credit: tiring(one) }));
  return sessions.flatMap((first, at) =>
    sessions.flatMap((second, index): Finding[] => {
      if (first === second) return [];
      const days = (second.session.day - first.session.day + cycleDays) % cycleDays;
      if (days === 0 && index < at) return [];
      const hours = days * HOURS;
      let needed = 0;
      const muscles = [...first.credit].flatMap(([muscle, sets]) => {
        const gap = gapNeeded(muscle, sets, input);
        if (sets < hard || (second.credit.get(muscle) ?? 0) < hard || hours >= gap) return [];
        needed = Math.max(needed, gap);
        return [muscle];
      });
      if (muscles.length === 0) return [];
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
            needed,
            muscles,
          },
          fixes: [],
        },
      ];
    }),
  );
};
