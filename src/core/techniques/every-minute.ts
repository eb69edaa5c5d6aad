import { whole } from '../fields';
import { fixedMinis, leadRirOf } from './stamina';
import { plainPart, type Technique } from './technique';

export interface EveryMinute {
  readonly kind: 'every-minute sets';
  /** Reps at the start of each minute. */
  readonly reps: number;
  readonly minutes: number;
  /** Sets that count as hard, set by the coach. */
  readonly hard: number;
}

const MOST_MINUTES = 30;
const MINUTE = 60;
/** What remains of a minute after some reps at the usual pace, in seconds per rep. */
const PACE = 3;
const pauseOf = ({ reps }: EveryMinute) => Math.max(10, MINUTE - PACE * reps);

/** r reps each minute for m minutes: r rises through the slot's range, then m; above the range only m rises. */
export const everyMinute: Technique<EveryMinute> = {
  kind: 'every-minute sets',
  fields: { reps: whole(1, 15), minutes: whole(3, MOST_MINUTES), hard: whole(0, 30) },
  start: { kind: 'every-minute sets', reps: 5, minutes: 8, hard: 3 },
  parts: (parameters) => {
    const reps = Array.from({ length: parameters.minutes }, () => parameters.reps);
    return [
      plainPart(1, {
        range: { low: parameters.reps, high: parameters.reps },
        leadRir: leadRirOf(reps, pauseOf(parameters)),
        minis: () => fixedMinis(reps.slice(1), pauseOf(parameters)),
        stated: Math.min(parameters.hard, parameters.minutes),
      }),
    ];
  },
  setCount: () => 1,
  withSetCount: (parameters) => parameters,
  setLimits: () => ({ least: 1, most: 1 }),
  reach: () => 'short of failure',
  heldBack: (parameters) => parameters,
  progress: 'earned',
  next: (parameters, done, { range }) => {
    if (!done.met) return parameters;
    if (parameters.reps < range.high) return { ...parameters, reps: Math.min(15, parameters.reps + 1) };
    if (parameters.minutes >= MOST_MINUTES) return parameters;
    const reps = parameters.reps > range.high ? parameters.reps : Math.min(15, range.low);
    return { ...parameters, reps, minutes: parameters.minutes + 1 };
  },
  loggedAs: 'reps',
  clock: (_, pieces) => ({ seconds: MINUTE * pieces, ends: 'by the clock' }),
  measures: false,
  across: true,
};
