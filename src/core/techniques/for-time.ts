import { whole } from '../fields';
import { fixedMinis } from './stamina';
import { plainPart, type Technique } from './technique';

export interface ForTime {
  readonly kind: 'for time';
  /** Reps of each part, in order. */
  readonly list: readonly number[];
  /** Seconds after which it ends, finished or not. */
  readonly cap: number;
  /** Parts that count as hard, set by the coach. */
  readonly hard: number;
}

/** A list of reps as fast as possible, with a time limit. The time improves; the load stays. */
export const forTime: Technique<ForTime> = {
  kind: 'for time',
  fields: {
    list: { type: 'list', least: 1, most: 100, longest: 20 },
    cap: whole(30, 3600),
    hard: whole(0, 20),
  },
  start: { kind: 'for time', list: [20, 15, 10], cap: 480, hard: 2 },
  parts: ({ list, hard }) => {
    const [first = 1, ...others] = list;
    return [
      plainPart(1, {
        range: { low: first, high: first },
        minis: () => fixedMinis(others, 0),
        stated: Math.min(hard, list.length),
      }),
    ];
  },
  setCount: () => 1,
  withSetCount: (parameters) => parameters,
  setLimits: () => ({ least: 1, most: 1 }),
  reach: () => 'short of failure',
  heldBack: (parameters) => parameters,
  progress: 'earned',
  loggedAs: 'time',
  clock: ({ cap }) => ({ seconds: cap, ends: 'when done' }),
  measures: false,
  across: true,
};
