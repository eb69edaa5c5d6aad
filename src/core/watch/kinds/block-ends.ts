import { daysBetween } from '../../calendar';
import { callId } from '../../calls/call';
import { lastDay, lastIssued, type WatchKind } from '../alert-kind';
import { NOTED } from '../watch-call';

/** A block's last sent week ends soon, and no other block follows. */
export const blockEnds: WatchKind = {
  kind: 'block ends',
  propose: (watch) => {
    const { block, blockPlan, conventions, today, isFollowed } = watch;
    const last = lastIssued(watch);
    if (last === undefined || isFollowed || last !== blockPlan.weeks.at(-1)) return [];
    const endsIn = daysBetween(today, lastDay(last.plan, block.cycleDays));
    if (last.status !== 'done' && endsIn > conventions.blockEndsAhead) return [];
    const subject = 'block ends';
    return [
      {
        kind: 'block ends',
        id: callId(subject, [last.plan.week, endsIn < 0]),
        subject,
        week: last.plan.week,
        evidence: { kind: 'block ends', endsIn },
        options: [{ id: 'next block', does: { kind: 'next block' }, edit: null }, NOTED],
      },
    ];
  },
};
