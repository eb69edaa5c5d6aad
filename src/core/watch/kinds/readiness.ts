import { callId } from '../../calls/call';
import { summariseNotes } from '../../on-the-day/session-note';
import { deloadNow } from '../../schedule/deload-now';
import { nextBuilding, type WatchKind } from '../alert-kind';
import { NOTED, type WatchOption } from '../watch-call';

/** The latest sessions in a row all started after a poor night or feeling poorly. */
export const readiness: WatchKind = {
  kind: 'readiness',
  propose: (watch) => {
    const { block, log, conventions } = watch;
    const told = [...log.workouts]
      .sort((a, b) => a.date.localeCompare(b.date))
      .flatMap((workout) => {
        const { readiness: said } = summariseNotes(workout.notes);
        return said === null ? [] : [{ workout, poor: said.slept === 'poorly' || said.feels === 'poorly' }];
      });
    const latest = told.slice(-conventions.poorDays);
    if (latest.length < conventions.poorDays || !latest.every(({ poor }) => poor)) return [];
    const workout = latest.at(-1)?.workout;
    // Reports of an earlier block do not count.
    if (workout === undefined || workout !== log.workouts.at(-1)) return [];
    const next = nextBuilding(watch);
    const days = told.length - told.findLastIndex(({ poor }) => !poor) - 1;
    const subject = 'readiness';
    const deload: readonly WatchOption[] =
      next === undefined
        ? []
        : [
            {
              id: 'deload',
              does: { kind: 'deload', week: next.plan.week },
              edit: deloadNow(block, next.plan.week),
            },
          ];
    return [
      {
        kind: 'readiness',
        id: callId(subject, [workout.id]),
        subject,
        week: workout.week,
        evidence: { kind: 'readiness', days },
        // Sleep comes first; a deload is the second option.
        options: [NOTED, ...deload],
      },
    ];
  },
};
