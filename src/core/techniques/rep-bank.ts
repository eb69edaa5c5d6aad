import { whole, yes } from '../fields';
import { bySets, plainPart, type Technique } from './technique';

export interface RepBank {
  readonly kind: 'rep bank';
  readonly sets: number;
  /** Sum of reps at which the load rises, or assistance falls. */
  readonly sum: number;
  /** As many as possible; otherwise to the week's RIR. */
  readonly toFailure: boolean;
}

/** n sets of as many reps as possible with fixed rest; the sum of their reps progresses: last time's plus one. */
export const repBank: Technique<RepBank> = {
  kind: 'rep bank',
  fields: { sets: whole(2, 10), sum: whole(5, 200), toFailure: yes() },
  start: { kind: 'rep bank', sets: 4, sum: 40, toFailure: true },
  parts: ({ sets, toFailure }) => [plainPart(sets, toFailure ? { rir: 0 } : { leastRir: 1 })],
  ...bySets(2, 10),
  reach: ({ toFailure }) => (toFailure ? 'to failure' : 'short of failure'),
  heldBack: (parameters) => ({ ...parameters, toFailure: false }),
  progress: 'earned',
  earned: ({ sum }, done) => done.total >= sum,
  banks: true,
  loggedAs: 'sum of reps',
  measures: true,
};
