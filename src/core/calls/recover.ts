import type { Muscle } from '../anatomy/muscle';
import { wantedSets } from '../progression/set-response';
import { muscleGoal } from '../volume/goal';
import type { Call, CallKind } from './call';
import { observationFacts, whyResponse } from './response';

/**
 * A muscle was below target in two sessions in a row: half the sets in its next week, or in its next session only.
 */
export interface RecoverCall extends Call {
  readonly kind: 'recover';
  readonly muscle: Muscle;
}

function recoverSubject(muscle: Muscle, week: number): string {
  return `recover/${muscle}/${week}`;
}

/** How much of the week is a recovery week. */
export interface RecoverChoice {
  readonly recovers: 'half week';
}

export const recoverCall: CallKind<RecoverCall, RecoverChoice> = {
  kind: 'recover',
  propose: ({ block, athlete, next, observations, isAnswered }) => {
    const calls = new Map<string, RecoverCall>();
    for (const observation of observations) {
      const { muscle } = observation;
      if (muscleGoal(block, athlete, muscle) === 'hold') continue;
      const response = { ...observation, verdict: observation.performance.verdict };
      if (wantedSets(response, athlete.style) !== 'recover') continue;
      const identity = observationFacts(recoverSubject(muscle, next.week), observation);
      if (isAnswered(identity) || calls.has(identity.subject)) continue;
      const why = whyResponse(observation, athlete, { wanted: 0, add: 0, capped: null });
      calls.set(identity.subject, { kind: 'recover', ...identity, week: next.week, muscle, why });
    }
    return [...calls.values()];
  },
  orders: ({ outcome, proposal: { muscle, week }, choice }) =>
    outcome === 'declined'
      ? []
      : [{ kind: 'recover', muscle, week, ...(choice === null ? {} : { half: true }) }],
  choice: (z) => z.strictObject({ recovers: z.literal('half week') }),
  identify: (observation) =>
    observationFacts(recoverSubject(observation.muscle, observation.week + 1), observation),
};
