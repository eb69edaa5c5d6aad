import type { LocalDate } from '../calendar';
import type { SessionPlan } from '../plan/session';
import type { Performed } from '../plan/week-state';
import { isAtLeast } from '../rounding';
import type { Reviewed } from './reviewed';

/** How long a session took beside what it was reckoned at. Seconds. */
export interface SessionMinutes {
  readonly week: number;
  readonly date: LocalDate;
  readonly session: string;
  readonly planned: SessionPlan['seconds'];
  /** From the first set or word told of it to the last set. */
  readonly taken: number;
  readonly sets: number;
}

/** What sessions took, over a block. */
export interface Minutes {
  readonly sessions: readonly SessionMinutes[];
  /** What was taken of what was planned, the middle one of all sessions, per cent; null: none to go by. */
  readonly share: number | null;
}

/** Sets that a session needs before its clock says anything. */
const LEAST_SETS = 3;
/** A phone that lay open overnight is no session. */
const LONGEST = 4 * 3600;
/** In less than this share of what is reckoned nobody trains: the sets were written down together. */
const LEAST_SHARE = 1 / 3;

/** How long finished sessions took against the middle of what was planned; sets written down later have no clock. */
export function sessionMinutes({ blockPlan }: Reviewed): Minutes {
  const sessions = blockPlan.weeks.flatMap(({ plan, issued, performed }) =>
    (issued?.plan ?? plan).sessions.flatMap((session): readonly SessionMinutes[] => {
      const work = performed.get(session.sessionId);
      const { name, seconds: planned } = session;
      const taken = work?.workout.finished === true ? clockOf(work) : null;
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

/** Seconds from the first thing told to the last set; null where no clock ran. */
function clockOf({ workout, sets }: Performed): number | null {
  const logged = [...sets.values()].flatMap(({ set }) =>
    set.supersedes === null ? [Date.parse(set.at)] : [],
  );
  if (logged.length < LEAST_SETS) return null;
  const last = Math.max(...logged);
  const told = workout.notes.map(({ at }) => Date.parse(at)).filter((at) => at <= last);
  const taken = (last - Math.min(...logged, ...told)) / 1000;
  return taken > 0 && taken <= LONGEST ? taken : null;
}
