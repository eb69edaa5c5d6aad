import { daysBetween } from '../../calendar';
import { callId } from '../../calls/call';
import { brokenBy, missedSessionOptions } from '../../schedule/missed-sessions';
import { arrangedWeek } from '../../schedule/week-change';
import { checksOf, dueOn, runningWeek, type WatchKind } from '../watch';
import { NOTED } from '../watch-call';
import { arrangeAction, situationOf } from './days-lost';

/**
 * A session was trained on another day than planned, and the rest of the week now breaks a calendar rule it kept
 * before: the rest rearranged. Nothing if a day was missed: that alert covers it.
 */
export const rearrange: WatchKind = {
  kind: 'rearrange',
  propose: (watch) => {
    const running = runningWeek(watch);
    if (running === undefined) return [];
    const { plan, performed } = running;
    const isLost = plan.sessions.some(
      ({ sessionId, optional, day }) =>
        !optional && !performed.has(sessionId) && dueOn(plan, day) < watch.today,
    );
    const dayOf = (sessionId: string, planned: number) => {
      const date = performed.get(sessionId)?.workout.date;
      return date === undefined ? planned : daysBetween(plan.startDate, date);
    };
    const moved = plan.sessions.filter(({ sessionId, day }) => dayOf(sessionId, day) !== day);
    const last = moved.at(-1);
    const input = checksOf(watch, plan);
    if (isLost || last === undefined || input === undefined) return [];
    const sessions = plan.sessions.map((one) => ({ ...one, day: dayOf(one.sessionId, one.day) }));
    const options = missedSessionOptions(
      { ...input, week: { ...plan, sessions } },
      { ...situationOf(watch, running), usual: brokenBy(input) },
    ).filter(({ kind, moves, breaks }) => kind === 'move' && moves.length > 0 && breaks.length === 0);
    if (options.length === 0) return [];
    const subject = `rearrange/${plan.week}`;
    const days = sessions.map(({ sessionId, day }) => `${sessionId} ${day}`);
    return [
      {
        kind: 'rearrange',
        id: callId(subject, days),
        subject,
        week: plan.week,
        evidence: {
          kind: 'rearrange',
          session: last.name,
          planned: last.day,
          done: dayOf(last.sessionId, last.day),
        },
        options: [
          ...options.map((option) => ({
            id: option.kind,
            does: arrangeAction(option, watch, false),
            edit: arrangedWeek(watch.block, plan.week, option),
          })),
          NOTED,
        ],
      },
    ];
  },
};
