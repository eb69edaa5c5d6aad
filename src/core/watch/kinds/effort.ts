import { callId } from '../../calls/call';
import { curveOf } from '../../effort/curves';
import { rirBias } from '../../effort/rir-bias';
import { roundHalfUp } from '../../rounding';
import { lastIssued, type WatchKind } from '../watch';
import { NOTED } from '../watch-call';

/** Reported reserve is off one way, steadily: loads that follow from it are too. */
export const effort: WatchKind = {
  kind: 'effort',
  propose: (watch) => {
    const { athlete, exposures, conventions } = watch;
    const week = lastIssued(watch)?.plan.week;
    const bias = rirBias(exposures, curveOf(athlete.effort), conventions);
    if (week === undefined || bias?.steady !== true) return [];
    const subject = 'effort';
    return [
      {
        kind: 'effort',
        // To the half rep: a further exposure is not another fact.
        id: callId(subject, [roundHalfUp(bias.mean * 2)]),
        subject,
        week,
        evidence: { kind: 'effort', reps: bias.mean, pairs: bias.pairs },
        options: [NOTED],
      },
    ];
  },
};
