import { choice, yes } from '../fields';
import { minisToRir } from './stamina';
import { plainPart, type Technique } from './technique';

export interface HighRepFinisher {
  readonly kind: 'high-rep finisher';
  /** One long set, or a load good for ten taken on to twenty with breaths between. */
  readonly shape: 'long set' | 'ten to twenty';
  readonly toFailure: boolean;
}

const LONG = { low: 17, high: 30 };
const TEN = 10;
const TWENTY = 20;
/** Seconds of a few breaths. */
const BREATHS = 15;

/** One set of 17-30, or a ten-rep load taken to twenty. At the top of the range the load rises. */
export const highRepFinisher: Technique<HighRepFinisher> = {
  kind: 'high-rep finisher',
  fields: { shape: choice(['long set', 'ten to twenty']), toFailure: yes() },
  start: { kind: 'high-rep finisher', shape: 'long set', toFailure: false },
  parts: ({ shape, toFailure }) => {
    const rir = toFailure ? { rir: 0 } : { leastRir: 1 };
    if (shape === 'long set') return [plainPart(1, { ...rir, range: LONG })];
    const breaths = Array.from({ length: TEN }, () => ({ pause: BREATHS, share: 1 }));
    return [
      plainPart(1, {
        ...rir,
        range: { low: TEN, high: TEN },
        minis: (lead) => minisToRir(lead, breaths, TWENTY - lead.reps),
      }),
    ];
  },
  setCount: () => 1,
  withSetCount: (parameters) => parameters,
  setLimits: () => ({ least: 1, most: 1 }),
  reach: ({ toFailure }) => (toFailure ? 'past failure' : 'short of failure'),
  heldBack: (parameters) => ({ ...parameters, toFailure: false }),
  progress: 'reps',
  loggedAs: 'reps',
  measures: true,
};
