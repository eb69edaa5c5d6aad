import {
  addDays,
  type CheckInput,
  credits,
  type LadderWeek,
  type LocalDate,
  MUSCLES,
  type Muscle,
  type SeenSession,
  sessionsOf,
} from '@/core';

/** Hard sets of a muscle on a day of the cycle, and the hours since it was last trained before that day. */
export interface DayCell {
  readonly sets: number;
  /** The whole cycle where it is trained on no other day; null where no day trains it enough to count. */
  readonly hours: number | null;
}

const HOURS = 24;

/** The muscle x day matrix: fractional hard sets, and hours since the last exposure, the cycle wrapping round. */
export function matrixOf(input: CheckInput): ReadonlyMap<Muscle, readonly (DayCell | null)[]> {
  const { cycleDays } = input.block;
  const byDay = new Map<Muscle, number[]>(MUSCLES.map((muscle) => [muscle, Array(cycleDays).fill(0)]));
  for (const { session, slots } of sessionsOf(input)) {
    for (const { exercise, hard } of slots) {
      for (const [muscle, share] of credits(exercise)) {
        const days = byDay.get(muscle) as number[];
        days[session.day] = (days[session.day] ?? 0) + hard * share;
      }
    }
  }
  const least = input.conventions.exposureCredit;
  return new Map(
    [...byDay].map(([muscle, sets]) => [
      muscle,
      sets.map((count, day): DayCell | null => {
        if (count === 0) return null;
        for (let back = 1; back <= cycleDays; back++) {
          const before = sets[(day - back + cycleDays) % cycleDays] ?? 0;
          if (before >= least) return { sets: count, hours: back * HOURS };
        }
        return { sets: count, hours: null };
      }),
    ]),
  );
}

/** Dates of a week's days, for the calendar view of a pass of the cycle. */
export function datesOf(week: Pick<LadderWeek, 'startDate'>, cycleDays: number): readonly LocalDate[] {
  return Array.from({ length: cycleDays }, (_, day) => addDays(week.startDate, day));
}

export const ZONES = ['1–5 strength', '6–12 size', '13+ endurance'] as const;

/** Share of hard sets by rep zone and of compounds, in per cent; a planned set by its own reps. */
export function sharesOf(sessions: readonly SeenSession[]): {
  readonly zones: readonly number[];
  readonly compounds: number;
} {
  const zones = [0, 0, 0];
  let [all, compounds] = [0, 0];
  for (const { slot, exercise, hard } of sessions.flatMap(({ slots }) => slots)) {
    all += hard;
    if (exercise.kind === 'compound') compounds += hard;
    if (exercise.measure === 'seconds') continue;
    for (const set of slot.sets) {
      if (!set.hard) continue;
      const zone = set.reps <= 5 ? 0 : set.reps <= 12 ? 1 : 2;
      zones[zone] = (zones[zone] ?? 0) + 1;
    }
  }
  const counted = Math.max(
    1,
    zones.reduce((sum, one) => sum + one, 0),
  );
  return {
    zones: zones.map((count) => (100 * count) / counted),
    compounds: all === 0 ? 0 : (100 * compounds) / all,
  };
}

/** What a plan really trains, by where most of its hard sets lie. */
export function goalByZones(zones: readonly number[]): string {
  const most = zones.indexOf(Math.max(...zones));
  return ['strength', 'size', 'endurance'][most] ?? 'size';
}
