import { whole } from '../fields';
import { fixedMinis, leadRirOf } from './stamina';
import { bySets, plainPart, type Technique } from './technique';

export interface AscendingMinis {
  readonly kind: 'ascending mini-sets';
  /** Rounds. */
  readonly sets: number;
  /** Reps of the first and the last mini-set; each has one more than the previous one. */
  readonly from: number;
  readonly to: number;
  readonly pause: number;
}

const repsOf = ({ from, to }: AscendingMinis) =>
  Array.from({ length: Math.max(1, to - from + 1) }, (_, at) => from + at);

/** a, a + 1, ... b reps at one load with short rests, one or two rounds; complete twice in a row, the load rises. */
export const ascendingMinis: Technique<AscendingMinis> = {
  kind: 'ascending mini-sets',
  fields: { sets: whole(1, 3), from: whole(1, 10), to: whole(2, 15), pause: whole(5, 45) },
  start: { kind: 'ascending mini-sets', sets: 1, from: 2, to: 6, pause: 15 },
  parts: (parameters) => {
    const reps = repsOf(parameters);
    const [first = 1, ...others] = reps;
    return [
      plainPart(parameters.sets, {
        range: { low: first, high: first },
        leadRir: leadRirOf(reps, parameters.pause),
        minis: () => fixedMinis(others, parameters.pause),
      }),
    ];
  },
  ...bySets(1, 3),
  reach: () => 'short of failure',
  heldBack: (parameters) => parameters,
  progress: 'earned',
  earned: (_, done) => done.met && done.running >= 2,
  loggedAs: 'reps',
  measures: true,
};
