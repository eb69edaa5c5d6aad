import type { RepRange } from '../block/rep-range';
import { choice, yes } from '../fields';
import { minisToRir } from './stamina';
import { plainPart, type Technique } from './technique';

export interface HighRepFinisher {
  readonly kind: 'high-rep finisher';
  /** One long set, or a ten-rep load extended to twenty with short breaths. */
  readonly shape: 'long set' | 'ten to twenty';
  /** Reps of the long set; at the top the load rises. */
  readonly band: RepRange;
  /** How the long set's load is found: from its reps, or as half of the one-rep max. */
  readonly load: 'by reps' | 'half of 1RM';
  readonly toFailure: boolean;
}

const LONG = { low: 17, high: 25 };
const BAND = { least: 12, most: 50 };
const HALF = 0.5;
const TEN = 10;
const TWENTY = 20;
/** Seconds of a few breaths. */
const BREATHS = 15;

/** One set in its own rep range, or a ten-rep load extended to twenty. At the top of the range the load rises. */
export const highRepFinisher: Technique<HighRepFinisher> = {
  kind: 'high-rep finisher',
  fields: {
    shape: choice(['long set', 'ten to twenty']),
    // Documents without this choice were written when this was the only range.
    band: { type: 'band', ...BAND, otherwise: { low: 17, high: 30 } },
    load: choice(['by reps', 'half of 1RM'], 'by reps'),
    toFailure: yes(),
  },
  start: {
    kind: 'high-rep finisher',
    shape: 'long set',
    band: LONG,
    load: 'by reps',
    toFailure: false,
  },
  parts: ({ shape, band, load, toFailure }) => {
    const rir = toFailure ? { rir: 0 } : { leastRir: 1 };
    const ofMax = load === 'half of 1RM' ? { ofMax: HALF, ofMaxRises: true } : {};
    if (shape === 'long set') return [plainPart(1, { ...rir, ...ofMax, range: band })];
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
