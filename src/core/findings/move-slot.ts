import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { isAtLeast } from '../rounding';
import { sessionsOf } from './cycle';
import type { CheckInput } from './finding';
import { leastFrequency } from './frequency';

/** The week with a slot moved to the end of another session. Nothing else is replanned. */
export function withSlotIn(input: CheckInput, slotId: string, target: string): CheckInput {
  const moved = input.week.sessions.flatMap(({ slots }) => slots).find((slot) => slot.slotId === slotId);
  if (moved === undefined) return input;
  const sessions = input.week.sessions.map((session) => {
    const slots = session.slots.filter((slot) => slot !== moved);
    return { ...session, slots: session.sessionId === target ? [...slots, moved] : slots };
  });
  return { ...input, week: { ...input.week, sessions } };
}

/** Sessions per week that train a muscle. */
function weeklyFrequency(muscle: Muscle, input: CheckInput): number {
  const least = input.conventions.exposureCredit;
  const exposed = sessionsOf(input).filter(({ credit }) => isAtLeast(credit.get(muscle) ?? 0, least));
  return (exposed.length * 7) / input.block.cycleDays;
}

/** Whether a move makes a growing muscle's training less frequent, to the point of a warning. */
export function makesTooInfrequent(before: CheckInput, after: CheckInput): boolean {
  return MUSCLES.some((muscle) => {
    if (before.week.muscles[muscle].goal === 'hold') return false;
    const times = weeklyFrequency(muscle, after);
    return !isAtLeast(times, leastFrequency(muscle, before)) && times < weeklyFrequency(muscle, before);
  });
}
