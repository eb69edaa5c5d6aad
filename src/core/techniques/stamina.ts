import type { Conventions } from '../conventions/conventions';
import { e1rm, type RepMaxCurve, repsToFailure } from '../effort/rep-max';
import { isHard } from '../volume/credit';
import { type Lead, type Manner, type Mini, type Part, type Rise, repCost } from './technique';

/** Reps left at a lighter load given those left at a heavier one; the ratio is of the two loads. */
export type Lighter = (left: number, ratio: number) => number;

/**
 * An athlete's remaining reps inside a round of mini-sets: reps done are subtracted, every second of inner rest
 * restores some, and never above the fresh capacity minus one rep for each mini-set done. A lighter load allows what
 * current strength can still do with it.
 */
export class Stamina {
  private fresh: number;
  private done = 0;

  constructor(
    private reach: number,
    private readonly lighter: Lighter,
    private readonly back: number,
  ) {
    this.fresh = reach;
  }

  /** Reps possible now. */
  left(): number {
    return this.fresh;
  }

  rest(seconds: number): void {
    if (seconds > 0) this.fresh = Math.min(this.reach - this.done, this.fresh + this.back * seconds);
  }

  do(reps: number, manner: Manner = 'full'): void {
    this.fresh -= reps * repCost(manner);
    this.done++;
  }

  /** Reduces the load to this share. */
  drop(ratio: number): void {
    if (ratio >= 1) return;
    this.fresh = this.lighter(this.fresh, ratio);
    this.reach = this.fresh + this.done;
  }
}

/** Remaining reps after a load reduction, by a rep-max curve. */
export function lighterBy(curve: RepMaxCurve): Lighter {
  return (left, ratio) => repsToFailure(e1rm(1, Math.max(1, left), curve), ratio, curve);
}

/** RIR at the end of each part of a round; below 0 it cannot be completed as written. */
export function roundRirs(
  lead: Pick<Lead, 'reps' | 'reach' | 'lighter' | 'back'>,
  minis: readonly Mini[],
): readonly number[] {
  const stamina = new Stamina(lead.reach, lead.lighter, lead.back);
  stamina.do(lead.reps);
  let load = 1;
  return [
    stamina.left(),
    ...minis.map(({ reps, pause, share, manner, away = 0 }) => {
      stamina.rest(pause + away);
      stamina.drop(share / load);
      load = share;
      stamina.do(reps, manner);
      return stamina.left();
    }),
  ];
}

/** More reps than anybody has at the start of a round. */
const MOST_REACH = 200;
/** Halvings of that until the start of a round is known to a hundredth of a rep. */
const HALVINGS = 15;

/** Reps possible at the start of a round whose last part left these reps, found by halving. */
export function reachOfRound(
  lead: Pick<Lead, 'reps' | 'lighter' | 'back'>,
  minis: readonly Mini[],
  end: number,
): number {
  let low = 0;
  let high = MOST_REACH;
  for (let step = 0; step < HALVINGS; step++) {
    const reach = (low + high) / 2;
    const left = roundRirs({ ...lead, reach }, minis).at(-1) ?? 0;
    if (left < end) low = reach;
    else high = reach;
  }
  return high;
}

/** RIR to leave after the first reps so that no part of a round with fixed reps ends below `rir`. */
export function leadRirOf(
  reps: readonly number[],
  pause: number | readonly number[],
): NonNullable<Part['leadRir']> {
  return (rir, back, away = 0) => {
    const [first = 0, ...others] = reps;
    const minis = fixedMinis(others, pause).map((mini) => ({ ...mini, away }));
    const lowest = Math.min(...roundRirs({ reps: first, reach: 0, lighter: (left) => left, back }, minis));
    return rir - lowest - first;
  };
}

/** Reps that a round leaves at its end, from which it is easy and tires the next one little. */
const EASY_END = 5;
/** Most reps that an easy round costs each later one. */
const EASY_COST = 0.5;

interface RisesAt {
  /** Reps possible at the first load before the first round. */
  readonly fresh: number;
  readonly back: number;
  /** Reps lost per further set. */
  readonly perSet: number;
}

/**
 * Rounds with rising loads: the reps that earlier rounds cost each, and the fewest left in it. An easy round costs half
 * a rep at most, so that a climb does not spend what its heavy end needs.
 */
export function climb(
  rises: readonly Pick<Rise, 'share' | 'reps' | 'pause'>[],
  lighter: Lighter,
  { fresh, back, perSet }: RisesAt,
): readonly { readonly cost: number; readonly least: number }[] {
  let cost = 0;
  return rises.map(({ share, reps, pause }) => {
    const [first = 0, ...others] = reps;
    const reach = (share === 1 ? fresh : lighter(fresh, share)) - cost;
    const ends = roundRirs({ reps: first, reach, lighter, back }, fixedMinis(others, pause));
    const made = { cost, least: Math.min(...ends) };
    cost += (ends.at(-1) ?? 0) >= EASY_END ? Math.min(perSet, EASY_COST) : perSet;
    return made;
  });
}

/**
 * RIR to leave after the first reps of the first round so that no round with rising loads ends below `rir`, found by
 * halving.
 */
export function leadRirOfRises(
  rises: readonly Rise[],
  lighter: Lighter,
  { rir, back, perSet }: { readonly rir: number } & Omit<RisesAt, 'fresh'>,
): number {
  let [low, high] = [0, MOST_REACH];
  for (let step = 0; step < HALVINGS; step++) {
    const fresh = (low + high) / 2;
    const least = Math.min(...climb(rises, lighter, { fresh, back, perSet }).map((round) => round.least));
    if (least < rir) low = fresh;
    else high = fresh;
  }
  return high - (rises[0]?.reps[0] ?? 0);
}

/** Mini-sets of fixed reps at one load; the same pause before all of them, or one for each. */
export function fixedMinis(reps: readonly number[], pause: number | readonly number[]): readonly Mini[] {
  const before = (at: number) => (typeof pause === 'number' ? pause : (pause[at] ?? pause.at(-1) ?? 0));
  return reps.map((each, at) => ({ reps: each, pause: before(at), share: 1 }));
}

/**
 * Mini-sets that each continue to the round's RIR.
 * @param more how many may follow, given the reps done so far; the last is cut to `room` reps
 */
export function minisToRir(
  { reps, rir, reach, lighter, back, made = (share) => share }: Lead,
  steps: readonly { readonly pause: number; readonly share: number; readonly manner?: Manner }[],
  room = Number.POSITIVE_INFINITY,
): readonly Mini[] {
  const stamina = new Stamina(reach, lighter, back);
  stamina.do(reps);
  let load = 1;
  let wanted = room;
  const minis: Mini[] = [];
  for (const { pause, share: wished, manner } of steps) {
    if (wanted <= 0) break;
    const share = made(wished, load);
    // If no lighter load is makeable there is no drop.
    if (pause === 0 && wished < load && share >= load) break;
    stamina.rest(pause);
    stamina.drop(share / load);
    load = share;
    const most = Math.floor((stamina.left() - rir) / repCost(manner ?? 'full') + 1e-9);
    const each = Math.max(1, Math.min(wanted, most));
    stamina.do(each, manner);
    wanted -= each;
    minis.push({ reps: each, pause, share, ...(manner === undefined ? {} : { manner }) });
  }
  return minis;
}

/**
 * Credit of the parts of a round: the first hard one counts 1, each further hard one 0.5 x min(1, reps / 8). A part
 * after a rest longer than a round's inner rest starts over.
 */
export function roundCredits(
  pieces: readonly { readonly reps: number; readonly rir: number; readonly pause: number }[],
  conventions: Conventions,
): readonly number[] {
  let isBegun = false;
  return pieces.map(({ reps, rir, pause }) => {
    if (pause > conventions.roundRest) isBegun = false;
    if (!isHard(rir, conventions)) return 0;
    if (!isBegun) {
      isBegun = true;
      return 1;
    }
    return conventions.miniCredit * Math.min(1, reps / conventions.miniReps);
  });
}
