import { share, whole, yes } from '../fields';
import { fixedMinis } from './stamina';
import { plainPart, type Technique } from './technique';

export interface RestrictedFlow {
  readonly kind: 'restricted blood flow';
  /** Reps of the long set and of the shorter ones after it. */
  readonly long: number;
  /** Number of long sets, 1 or 2. */
  readonly longs: number;
  readonly short: number;
  readonly shorts: number;
  /** Seconds between sets. */
  readonly pause: number;
  /** Load as a share of the one-rep max. */
  readonly share: number;
  /** The coach has confirmed that a clinician screened the athlete. */
  readonly screened: boolean;
}

/** Range of loads, as shares of the one-rep max, and the step within it. */
const BAND = { least: 0.2, most: 0.3, step: 0.02 };

/**
 * One or two long and some shorter sets at 20-30 % of 1RM with little or no rest, limbs only; the load rises within
 * the range.
 */
export const restrictedFlow: Technique<RestrictedFlow> = {
  kind: 'restricted blood flow',
  fields: {
    long: whole(15, 40),
    longs: whole(1, 2, 1),
    short: whole(8, 20),
    shorts: whole(1, 4),
    pause: whole(0, 45),
    share: share(BAND.least, BAND.most),
    screened: yes(),
  },
  start: {
    kind: 'restricted blood flow',
    long: 30,
    longs: 1,
    short: 15,
    shorts: 3,
    pause: 30,
    share: BAND.least,
    screened: false,
  },
  parts: ({ long, longs, short, shorts, pause, share }) => [
    plainPart(1, {
      range: { low: long, high: long },
      ofMax: share,
      minis: () =>
        fixedMinis(
          [...Array.from({ length: longs - 1 }, () => long), ...Array.from({ length: shorts }, () => short)],
          pause,
        ),
      asRound: true,
    }),
  ],
  setCount: () => 1,
  withSetCount: (parameters) => parameters,
  setLimits: () => ({ least: 1, most: 1 }),
  reach: () => 'short of failure',
  heldBack: (parameters) => parameters,
  progress: 'none',
  next: (parameters, done) =>
    done.met && done.running >= 2
      ? { ...parameters, share: Math.min(BAND.most, Math.round((parameters.share + BAND.step) * 100) / 100) }
      : parameters,
  loggedAs: 'reps',
  measures: false,
  across: true,
};
