import type { Block } from '../block/block';
import { skippedSessions } from '../block/sessions-in-week';
import type { LocalDate } from '../calendar';
import type { WeekState } from '../plan/week-state';
import { lastDay } from './alert-kind';

export interface OfPlanned {
  readonly done: number;
  readonly planned: number;
}

/** What was done of a week's plan. Parts skipped for that week count as planned; optional work does not. */
export interface WeekDone {
  readonly week: number;
  readonly sessions: OfPlanned;
  /** Working sets, counting each part of a round by its share. */
  readonly sets: OfPlanned;
  /** Planned sessions that were never started, by id. */
  readonly missed: readonly string[];
}

/** A sent week, as far as it was done. */
export function weekAdherence(block: Block, { plan, performed }: WeekState): WeekDone {
  const asked = plan.sessions.filter(({ optional }) => !optional);
  const gone = skippedSessions(block, plan.week).filter(
    ({ id, optional }) => !optional && !plan.sessions.some(({ sessionId }) => sessionId === id),
  );
  const sets = asked.map(({ sessionId, slots }) => {
    const own = slots.flatMap((slot) =>
      slot.sets
        .filter(({ piece, optional }) => piece === 1 && !optional)
        .map(({ id }) => `${slot.slotId}/${id}`),
    );
    const done = performed.get(sessionId)?.sets;
    return { planned: own.length, done: own.filter((key) => done?.has(key) === true).length };
  });
  const isBegun = (id: string) => (performed.get(id)?.sets.size ?? 0) > 0;
  return {
    week: plan.week,
    sessions: {
      planned: asked.length + gone.length,
      done: asked.filter(({ sessionId }) => performed.get(sessionId)?.workout.finished === true).length,
    },
    sets: {
      planned: sets.reduce((sum, { planned }) => sum + planned, 0),
      done: sets.reduce((sum, { done }) => sum + done, 0),
    },
    missed: [
      ...asked.filter(({ sessionId }) => !isBegun(sessionId)).map(({ sessionId }) => sessionId),
      ...gone.map(({ id }) => id),
    ],
  };
}

/** Sent weeks that are over on a day: done, closed, or past their last day. */
export function finishedWeeks(
  block: Block,
  weeks: readonly WeekState[],
  today: LocalDate,
): readonly WeekState[] {
  return weeks.filter(
    ({ issued, status, plan }) =>
      issued !== null && (status === 'done' || lastDay(plan, block.cycleDays) < today),
  );
}

/** Sums over weeks. */
export function addAdherence(weeks: readonly WeekDone[]): Pick<WeekDone, 'sessions' | 'sets'> {
  const sum = (of: (week: WeekDone) => OfPlanned): OfPlanned => ({
    done: weeks.reduce((total, week) => total + of(week).done, 0),
    planned: weeks.reduce((total, week) => total + of(week).planned, 0),
  });
  return { sessions: sum(({ sessions }) => sessions), sets: sum(({ sets }) => sets) };
}
