import { daysBetween } from '../../calendar';
import { callId } from '../../calls/call';
import { dueDay, runningWeek, type WatchKind } from '../alert-kind';
import { NOTED } from '../watch-call';

/** A week is running and nothing was logged for days although something was due. */
export const noLog: WatchKind = {
  kind: 'no log',
  propose: (watch) => {
    const running = runningWeek(watch);
    if (running === undefined) return [];
    const { plan } = running;
    const last =
      watch.log.workouts
        .map(({ date }) => date)
        .sort()
        .at(-1) ?? null;
    const isDue = plan.sessions.some(
      ({ optional, day }) => !optional && dueDay(plan, day) < watch.today && dueDay(plan, day) > (last ?? ''),
    );
    const days = daysBetween(last ?? plan.startDate, watch.today);
    if (!isDue || days < watch.conventions.quietDays) return [];
    const subject = `no log/${plan.week}`;
    return [
      {
        kind: 'no log',
        // Once noted, it returns after as many days again.
        id: callId(subject, [last, Math.floor(days / watch.conventions.quietDays)]),
        subject,
        week: plan.week,
        evidence: { kind: 'no log', days, last },
        options: [NOTED],
      },
    ];
  },
};
