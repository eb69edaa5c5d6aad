import { daysBetween } from '../../calendar';
import { callId } from '../../calls/call';
import { nextToIssue } from '../../unfold/issue';
import { lastDay, lastIssued, type WatchKind } from '../alert-kind';

/** The running week is done or about to end and the next is not sent; or the first is about to start. */
export const nextWeek: WatchKind = {
  kind: 'next week',
  propose: (watch) => {
    const { block, blockPlan, conventions, today } = watch;
    const next = nextToIssue(blockPlan);
    const plan = blockPlan.weeks.find((one) => one.plan.week === next)?.plan;
    if (next === undefined || plan === undefined || block.sessions.length === 0) return [];
    const last = lastIssued(watch);
    const endsIn =
      last === undefined
        ? daysBetween(today, plan.startDate)
        : daysBetween(today, lastDay(last.plan, block.cycleDays));
    if (last?.status !== 'done' && endsIn > conventions.issueAhead) return [];
    const subject = `next week/${next}`;
    return [
      {
        kind: 'next week',
        // Dismissed, it returns once the week is over, and every other day from then on.
        id: callId(subject, [next, Math.max(-1, Math.floor(-endsIn / 2))]),
        subject,
        week: next,
        evidence: { kind: 'next week', deload: plan.kind === 'deload', endsIn, first: last === undefined },
        options: [{ id: 'issue', does: { kind: 'issue', week: next }, edit: null }],
      },
    ];
  },
};
