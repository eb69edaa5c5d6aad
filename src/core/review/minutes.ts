import type { LocalDate } from '../calendar';
import type { SessionPlan } from '../plan/session';
import type { Performed } from '../plan/week-state';
import { isAtLeast } from '../rounding';
import type { Reviewed } from './reviewed';

/** Actual and planned duration of a session, in seconds. */
export interface SessionMinutes {
  readonly week: number;
  readonly date: LocalDate;
  readonly session: string;
  readonly planned: SessionPlan['seconds'];
  /** From the first set or note to the last set. */
  readonly taken: number;
  readonly sets: number;
}

/** Durations of a block's sessions. */
export interface Minutes {
  readonly sessions: readonly SessionMinutes[];
  /** Median of actual relative to planned time, per cent; null: no data. */
  readonly share: number | null;
}

/** Sets a session needs for its duration to mean anything. */
const LEAST_SETS = 3;
/** Longer than this, the phone was left open. */
const LONGEST = 4 * 3600;
/** Below this share of the planned time the sets were entered all at once. */
const LEAST_SHARE = 1 / 3;

/** Durations of finished sessions against the middle of the planned ones; sets entered afterwards have none. */
export function sessionMinutes({ blockPlan }: Reviewed): Minutes {
  const sessions = blockPlan.weeks.flatMap(({ plan, issued, performed }) =>
    (issued?.plan ?? plan).sessions.flatMap((session): readonly SessionMinutes[] => {
      const work = performed.get(session.sessionId);
      const { name, seconds: planned } = session;
      const taken = work?.workout.finished === true ? actualSeconds(work) : null;
      if (work === undefined || taken === null || !isAtLeast(taken, LEAST_SHARE * planned.low)) return [];
      const { date } = work.workout;
      return [{ week: plan.week, date, session: name, planned, taken, sets: work.sets.size }];
    }),
  );
  const shares = sessions
    .map(({ planned, taken }) => (200 * taken) / (planned.low + planned.high))
    .sort((a, b) => a - b);
  return { sessions, share: shares[shares.length >> 1] ?? null };
}

/** Seconds from the first entry to the last set; null if the times are not usable. */
function actualSeconds({ workout, sets }: Performed): number | null {
  const logged = [...sets.values()].flatMap(({ set }) =>
    set.supersedes === null ? [Date.parse(set.at)] : [],
  );
  if (logged.length < LEAST_SETS) return null;
  const last = Math.max(...logged);
  const told = workout.notes.map(({ at }) => Date.parse(at)).filter((at) => at <= last);
  const taken = (last - Math.min(...logged, ...told)) / 1000;
  return taken > 0 && taken <= LONGEST ? taken : null;
}
