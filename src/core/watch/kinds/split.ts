import { callId } from '../../calls/call';
import { missedSessionOptions } from '../../schedule/missed-sessions';
import { applyPermanently } from '../../schedule/week-change';
import { finishedWeeks, weekAdherence } from '../adherence';
import { checkInputForWeek, nextBuilding, type WatchKind } from '../alert-kind';
import { NOTED } from '../watch-call';
import { arrangeAction } from './days-lost';

/**
 * The same day missed in most weeks of a month: the split does not fit the athlete's life; another day or another
 * split, with its cost.
 */
export const split: WatchKind = {
  kind: 'split',
  propose: (watch) => {
    const { block, blockPlan, conventions, today } = watch;
    const weeks = finishedWeeks(block, blockPlan.weeks, today)
      .slice(-conventions.missedOf)
      .map((week) => weekAdherence(block, week));
    const next = nextBuilding(watch);
    const input = next === undefined ? undefined : checkInputForWeek(watch, next.plan);
    if (weeks.length < conventions.missedOf || next === undefined || input === undefined) return [];
    return block.sessions.flatMap((session) => {
      const missed = weeks.filter((week) => week.missed.includes(session.id)).length;
      const day = next.plan.sessions.find(({ sessionId }) => sessionId === session.id)?.day;
      if (session.optional || missed < conventions.missedTimes || day === undefined) return [];
      const options = missedSessionOptions(input, { done: new Set(), today: 0, gone: new Set([day]) });
      const subject = `split/${session.id}`;
      return [
        {
          kind: 'split' as const,
          id: callId(subject, [day, missed]),
          subject,
          week: next.plan.week,
          evidence: { kind: 'split' as const, session: session.name, missed, of: weeks.length },
          options: [
            ...options.map((option) => ({
              id: option.kind,
              does: arrangeAction(option, watch, true),
              edit: applyPermanently(block, option),
            })),
            NOTED,
          ],
        },
      ];
    });
  },
};
