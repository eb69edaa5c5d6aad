import type { Athlete } from '../athlete/athlete';
import type { Block } from '../block/block';
import { addDays, type LocalDate } from '../calendar';
import { conventionsWith } from '../conventions/conventions';
import type { Exposure } from '../effort/exposure';
import type { Log } from '../log/log';
import type { NoteContent, SessionNote } from '../on-the-day/session-note';
import type { IssuedWeek } from '../plan/week-state';
import type { CheckIn } from '../recovery/check-in';
import { unfold } from '../unfold/unfold';
import type { Watch } from '../watch/alert-kind';
import { dayAlerts } from '../watch/registry';
import type { WatchCall, WatchName } from '../watch/watch-call';
import { athlete, type Doing, lookup, performWeek } from './fixtures';

/** A block's past, for tests of the day's alerts. */
export interface Happened {
  readonly block: Block;
  readonly athlete?: Athlete;
  readonly today: LocalDate;
  /** Sent weeks with the sessions trained in each; all if none are named. */
  readonly weeks?: readonly (readonly string[] | 'all')[];
  /** Days by which a session was trained late, by `week/session`. */
  readonly late?: Readonly<Record<string, number>>;
  readonly told?: Readonly<Record<string, readonly NoteContent[]>>;
  readonly closed?: readonly number[];
  readonly checkIns?: readonly CheckIn[];
  readonly exposures?: readonly Exposure[];
  readonly isFollowed?: boolean;
  /** How sets were done in a week; as planned unless stated. */
  readonly doing?: (week: number) => Doing | undefined;
  readonly soreness?: Log['soreness'];
}

/** A block with that past, as a day finds it. */
export function watched(happened: Happened): Watch {
  const { block, today, late = {}, told = {}, closed = [] } = happened;
  const who = happened.athlete ?? athlete();
  let state: { issued: readonly IssuedWeek[]; log: Log } = {
    issued: [],
    log: { workouts: [], sets: [], soreness: [] },
  };
  for (const [at, trained] of (happened.weeks ?? []).entries()) {
    const week = at + 1;
    const done = performWeek({ block, athlete: who, ...state }, week, happened.doing?.(week));
    const isTrained = (sessionId: string) => trained === 'all' || trained.includes(sessionId);
    const kept = done.log.workouts.filter((one) => one.week < week || isTrained(one.sessionId));
    const ids = new Set(kept.map(({ id }) => id));
    state = {
      issued: done.issued,
      log: {
        ...done.log,
        workouts: kept.map((one) =>
          one.week < week
            ? one
            : {
                ...one,
                date: addDays(one.date, late[`${week}/${one.sessionId}`] ?? 0),
                notes: (told[`${week}/${one.sessionId}`] ?? []).map(
                  (telling, k): SessionNote => ({
                    ...telling,
                    id: `${one.id}-${k}`,
                    at: `2026-11-02T0${k}:00:00Z`,
                  }),
                ),
              },
        ),
        sets: done.log.sets.filter(({ workoutId }) => ids.has(workoutId)),
      },
    };
  }
  const issued = state.issued.map((one) =>
    closed.includes(one.week) ? { ...one, closedAt: '2026-11-08T20:00:00Z' } : one,
  );
  const checkIns = happened.checkIns ?? [];
  const log = { ...state.log, soreness: happened.soreness ?? [] };
  return {
    block,
    athlete: who,
    blockPlan: unfold({
      block,
      athlete: who,
      exercises: lookup,
      issued,
      log,
      answers: [],
      checkIns,
    }),
    log,
    checkIns,
    exposures: happened.exposures ?? [],
    exercises: lookup,
    conventions: conventionsWith(),
    isFollowed: happened.isFollowed ?? false,
    today,
  };
}

/** The day's calls of one kind. */
export function called(kind: WatchName, happened: Happened): readonly WatchCall[] {
  return dayAlerts(watched(happened), () => false).filter((call) => call.kind === kind);
}

/** A check-in without problems, except for these fields. */
export function checkIn(date: LocalDate, changes: Partial<CheckIn> = {}): CheckIn {
  return {
    id: `c-${date}`,
    date,
    slept: 'well',
    drive: 'usual',
    appetite: 'well',
    soreness: 'gone in time',
    aches: [],
    restingHeartRate: null,
    measured: [],
    line: '',
    ...changes,
  };
}
