import type { Conventions } from '../conventions/conventions';
import { isHard } from '../volume/credit';
import type { Lead, Mini } from './technique';

/**
 * What an athlete has left inside one round of mini-sets: reps done come off, every second of inner rest gives some
 * back, and never more than the fresh reach less one rep for each mini-set already done.
 */
export class Stamina {
  /** Reps' worth of tiredness; each mini-set leaves at least one. */
  private spent = 0;
  private done = 0;

  constructor(
    private readonly reach: (share: number) => number,
    private readonly back: number,
  ) {}

  /** Reps that can be done now at a share of the round's first load. */
  left(share = 1): number {
    return this.reach(share) - this.spent;
  }

  rest(seconds: number): void {
    this.spent = Math.max(this.done, this.spent - this.back * seconds);
  }

  do(reps: number): void {
    this.spent += reps;
    this.done++;
  }
}

/** RIR at the end of each piece of a round; below 0 it cannot be completed as written. */
export function roundRirs(
  lead: Pick<Lead, 'reps' | 'reach' | 'back'>,
  minis: readonly Mini[],
): readonly number[] {
  const stamina = new Stamina(lead.reach, lead.back);
  stamina.do(lead.reps);
  return [
    stamina.left(),
    ...minis.map(({ reps, pause, share }) => {
      stamina.rest(pause);
      stamina.do(reps);
      return stamina.left(share);
    }),
  ];
}

/** A Lead's reach where all mini-sets use one load. */
export const sameLoad = (reach: number) => () => reach;

/** RIR to leave after the first reps so that no piece of a round of fixed reps ends below `rir`. */
export function leadRirOf(reps: readonly number[], pause: number): (rir: number, back: number) => number {
  return (rir, back) => {
    const [first = 0, ...others] = reps;
    const minis = others.map((each) => ({ reps: each, pause, share: 1 }));
    const lowest = Math.min(...roundRirs({ reps: first, reach: sameLoad(0), back }, minis));
    return rir - lowest - first;
  };
}

/** Mini-sets of fixed reps at one load. */
export function fixedMinis(reps: readonly number[], pause: number): readonly Mini[] {
  return reps.map((each) => ({ reps: each, pause, share: 1 }));
}

/**
 * Mini-sets that each go on until the round's RIR is left.
 * @param more how many may follow, by the reps done so far; the last is cut to `room` reps
 */
export function minisToRir(
  { reps, rir, reach, back }: Lead,
  steps: readonly { readonly pause: number; readonly share: number }[],
  room = Number.POSITIVE_INFINITY,
): readonly Mini[] {
  const stamina = new Stamina(reach, back);
  stamina.do(reps);
  let open = room;
  const minis: Mini[] = [];
  for (const { pause, share } of steps) {
    if (open <= 0) break;
    stamina.rest(pause);
    const each = Math.max(1, Math.min(open, Math.floor(stamina.left(share) - rir + 1e-9)));
    stamina.do(each);
    open -= each;
    minis.push({ reps: each, pause, share });
  }
  return minis;
}

/**
 * Credit of the pieces of one round: the first hard one counts 1, each further hard one 0.5 x min(1, reps / 8).
 * Pieces after a rest longer than a round's inner rest start anew.
 */
export function roundCredits(
  pieces: readonly { readonly reps: number; readonly rir: number; readonly pause: number }[],
  conventions: Conventions,
): readonly number[] {
  let counted = false;
  return pieces.map(({ reps, rir, pause }) => {
    if (pause > conventions.roundRest) counted = false;
    if (!isHard(rir, conventions)) return 0;
    if (!counted) {
      counted = true;
      return 1;
    }
    return conventions.miniCredit * Math.min(1, reps / conventions.miniReps);
  });
}
