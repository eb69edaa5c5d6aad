import { MUSCLES, type Muscle } from '../anatomy/muscle';
import { sessionsOf } from '../findings/cycle';
import type { CheckInput } from '../findings/finding';

/** Hard sets of a muscle on a day of the cycle, and the hours since it was last trained before that day. */
export interface DayCell {
  readonly sets: number;
  /** The whole cycle if it is trained on no other day; null if no day trains it enough to count. */
  readonly hours: number | null;
}

const HOURS = 24;

/** The muscle x day matrix: fractional hard sets, and hours since the last exposure, around the cycle. */
export function dayMatrix(input: CheckInput): ReadonlyMap<Muscle, readonly (DayCell | null)[]> {
  const { cycleDays } = input.block;
  const days = Array.from({ length: cycleDays }, (_, day) => day);
  const sessions = sessionsOf(input);
  return new Map(
    MUSCLES.map((muscle) => {
      const sets = days.map((day) =>
        sessions.reduce(
          (sum, { session, credit }) => sum + (session.day === day ? (credit.get(muscle) ?? 0) : 0),
          0,
        ),
      );
      const exposed = (day: number) =>
        (sets[(day + cycleDays) % cycleDays] ?? 0) >= input.conventions.exposureCredit;
      return [
        muscle,
        sets.map((count, day): DayCell | null => {
          if (count === 0) return null;
          const back = days.find((one) => exposed(day - one - 1));
          return { sets: count, hours: back === undefined ? null : (back + 1) * HOURS };
        }),
      ];
    }),
  );
}
