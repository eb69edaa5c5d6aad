import { daysBetween } from '../../calendar';
import { callId } from '../../calls/call';
import { brokenRules, missedSessionOptions } from '../../schedule/missed-sessions';
import { applyToWeek } from '../../schedule/week-change';
import { checkInputForWeek, dueDay, runningWeek, type WatchKind } from '../alert-kind';
import { NOTED } from '../watch-call';
import { arrangeAction, weekSituation } from './days-lost';

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
        !optional && !performed.has(sessionId) && dueDay(plan, day) < watch.today,
    );
    const dayOf = (sessionId: string, planned: number) => {
      const date = performed.get(sessionId)?.workout.date;
      return date === undefined ? planned : daysBetween(plan.startDate, date);
    };
    const moved = plan.sessions.filter(({ sessionId, day }) => dayOf(sessionId, day) !== day);
    const last = moved.at(-1);
    const input = checkInputForWeek(watch, plan);
    if (isLost || last === undefined || input === undefined) return [];
    const sessions = plan.sessions.map((one) => ({ ...one, day: dayOf(one.sessionId, one.day) }));
    const options = missedSessionOptions(
      { ...input, week: { ...plan, sessions } },
      { ...weekSituation(watch, running), usual: brokenRules(input) },
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
            edit: applyToWeek(watch.block, plan.week, option),
          })),
          NOTED,
        ],
      },
    ];
  },
};
