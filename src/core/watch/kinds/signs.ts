import { callId } from '../../calls/call';
import { fatigueSigns, latestCheckIn } from '../../recovery/check-in';
import { fatigueScore, SIGNS } from '../../recovery/signs';
import { deloadNow } from '../../schedule/deload-now';
import { nextBuilding, type WatchKind } from '../alert-kind';
import { NOTED } from '../watch-call';

/** The latest check-in's fatigue score suggests a deload, and the next week is none. */
export const signs: WatchKind = {
  kind: 'signs',
  propose: (watch) => {
    const { block, blockPlan, checkIns, conventions, today } = watch;
    const latest = latestCheckIn(checkIns, today);
    const score = fatigueSigns(checkIns, blockPlan.observations, today);
    const next = nextBuilding(watch);
    if (latest === undefined || score === null || next === undefined) return [];
    // A deload that comes next anyway needs no alert.
    if (blockPlan.weeks.find(({ issued }) => issued === null) !== next) return [];
    const { sum, verdict } = fatigueScore(score, latest.drive === 'eager', conventions);
    if (verdict !== 'propose' && verdict !== 'urge') return [];
    const { week } = next.plan;
    const subject = `signs/${week}`;
    return [
      {
        kind: 'signs',
        id: callId(subject, [latest.id, sum]),
        subject,
        week,
        evidence: {
          kind: 'signs',
          sum,
          verdict,
          clear: SIGNS.filter((sign) => score[sign] === 2),
          date: latest.date,
        },
        options: [{ id: 'deload', does: { kind: 'deload', week }, edit: deloadNow(block, week) }, NOTED],
      },
    ];
  },
};
