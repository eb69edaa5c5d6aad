import { callId } from '../../calls/call';
import { chosenCurve } from '../../effort/curves';
import { rirBias } from '../../effort/rir-bias';
import { roundHalfUp } from '../../rounding';
import { lastIssued, type WatchKind } from '../alert-kind';
import { NOTED } from '../watch-call';

/** Reported RIR is consistently wrong in one direction, and so are the loads computed from it. */
export const effort: WatchKind = {
  kind: 'effort',
  propose: (watch) => {
    const { athlete, exposures, conventions } = watch;
    const week = lastIssued(watch)?.plan.week;
    const bias = rirBias(exposures, chosenCurve(athlete.effort), conventions);
    if (week === undefined || bias?.steady !== true) return [];
    const subject = 'effort';
    return [
      {
        kind: 'effort',
        // Rounded to half a rep, so that another exposure is not a new fact.
        id: callId(subject, [roundHalfUp(bias.mean * 2)]),
        subject,
        week,
        evidence: { kind: 'effort', reps: bias.mean, pairs: bias.pairs },
        options: [NOTED],
      },
    ];
  },
};
