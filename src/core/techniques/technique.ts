import type { RepRange } from '../block/rep-range';
import type { Fields } from '../fields';

/** A set's role in its slot. */
export const ROLES = ['work', 'top', 'back-off', 'easy'] as const;
export type Role = (typeof ROLES)[number];

/** How reps are done if they are not plain full ones; holds are counted in seconds. */
export const MANNERS = ['full', 'long half', 'short half', 'loose', 'slow', 'held', 'lowered'] as const;
export type Manner = (typeof MANNERS)[number];

export type Half = Extract<Manner, 'long half' | 'short half'>;

/** The half of the range in which an exercise is easier: the stretched one, unless it is hardest there. */
export function easierHalf({ hardest }: { readonly hardest: string }): Half {
  return hardest === 'stretched' ? 'short half' : 'long half';
}

/** Reps that follow a set's counted ones without a pause. */
export interface Section {
  readonly manner: Manner;
  readonly reps: number;
  /** Done past failure, so that it costs nothing of the remaining reps. */
  readonly past?: true;
}

/** A half rep costs half of a full one. */
const HALF_COST = 0.5;

/** The cost of a rep, in full reps. */
export function repCost(manner: Manner): number {
  return manner === 'long half' || manner === 'short half' ? HALF_COST : 1;
}

/** The cost of sections, in full reps; reps past failure cost nothing. */
export function sectionsCost(sections: readonly Section[]): number {
  return sections.reduce((sum, { manner, reps, past }) => (past ? sum : sum + reps * repCost(manner)), 0);
}

/** What follows a set's counted reps: partial and loose reps, held seconds, lowered reps. */
export interface After {
  readonly partials: number;
  readonly held: number;
  readonly lowered: number;
}

const NOTHING_AFTER: After = { partials: 0, held: 0, lowered: 0 };

export function afterReps(sections: readonly Section[]): After {
  if (sections.length === 0) return NOTHING_AFTER;
  let [partials, held, lowered] = [0, 0, 0];
  for (const { manner, reps } of sections) {
    if (manner === 'held') held += reps;
    else if (manner === 'lowered') lowered += reps;
    else partials += reps;
  }
  return { partials, held, lowered };
}

/** A part of a round, done after a short rest. */
export interface Mini {
  readonly reps: number;
  /** Seconds of rest before it. */
  readonly pause: number;
  /** Its load relative to the round's first. */
  readonly share: number;
  /** How its reps are done; absent: like the round's first set. */
  readonly manner?: Manner;
  /** Seconds beyond the pause in which the other exercises of the group do their parts. */
  readonly away?: number;
}

/** A round of a part whose load rises from round to round. */
export interface Rise {
  /** Its load relative to the first round's. */
  readonly share: number;
  /** Reps of its parts, in order. */
  readonly reps: readonly number[];
  /** Seconds between them. */
  readonly pause: number;
}

/** The round's planned first set, and the athlete's capacity. */
export interface Lead {
  readonly reps: number;
  /** RIR at the end of the round. */
  readonly rir: number;
  /** Reps to failure when fresh. */
  readonly reach: number;
  /** Reps left at a lighter load given those left at a heavier one; see Stamina. */
  readonly lighter: (left: number, ratio: number) => number;
  /** Reps restored per second of rest inside a round. */
  readonly back: number;
  /**
   * The makeable share of the first load nearest a wanted one, never above the previous share; absent: the wanted
   * one.
   */
  readonly made?: (share: number, before: number) => number;
}

/**
 * Sets at one load that is chosen and progressed separately. The first part of a technique has the slot's strength
 * estimate; later parts depend on it.
 */
export interface Part {
  readonly role: Role;
  /** Number of sets; rounds for a technique made of mini-sets. */
  readonly sets: number;
  /** Added to the slot's target RIR of the week. */
  readonly rirOffset: number;
  /** Added to both ends of the slot's rep range. */
  readonly repOffset: number;
  /** How much lighter it is than the first part, as a share of that load. Absent for the first part. */
  readonly drop?: number;
  /** The technique's own RIR, replacing the week's; and that of the slot's last set. */
  readonly rir?: number;
  readonly lastRir?: number;
  /** Lowest RIR, whatever the week or a set's own effort says. */
  readonly leastRir?: number;
  /** The technique's own rep range, replacing the slot's. */
  readonly range?: RepRange;
  /** Load as a share of the one-rep max. */
  readonly ofMax?: number;
  /** Whether that load rises once the top of the range was reached, and never falls. */
  readonly ofMaxRises?: boolean;
  /**
   * RIR to leave after the first reps so that the whole set or round ends at `rir`.
   * @param back reps restored per second of rest inside a round
   * @param away seconds beyond each pause in which the other exercises of the group do their parts
   */
  readonly leadRir?: (rir: number, back: number, away?: number) => number;
  /** What follows the round's first set. */
  readonly minis?: (lead: Lead) => readonly Mini[];
  /** Rounds with rising loads, one per set; replaces `minis` and `leadRir`. */
  readonly rises?: readonly Rise[];
  /**
   * Whether the slot's load rule progresses a lighter part from its own last time; otherwise it keeps its distance to
   * the first.
   */
  readonly ownRule?: true;
  /**
   * What follows the counted reps of each set without a pause; `last` for the slot's last set, `easier` for the half
   * in which the exercise is easier.
   */
  readonly sections?: (last: boolean, easier: Half) => readonly Section[];
  /** How the counted reps are done. */
  readonly manner?: Manner;
  /** Seconds after each set, replacing the slot's rest. */
  readonly rest?: (seconds: number) => number;
  /** Number of final parts that count as hard where RIR cannot be known; set by the coach. */
  readonly stated?: number;
  /** Counts as a round of hard parts, whatever RIR the model predicts. */
  readonly asRound?: true;
}

/** How close to failure the work comes. */
export const REACHES = ['short of failure', 'to failure', 'past failure'] as const;
export type Reach = (typeof REACHES)[number];

/** A slot's working sets last time, as logged or, for future weeks, as planned. */
export interface Done {
  /** Reps of the first set. */
  readonly first: number;
  /** Reps of all sets and mini-sets, including all sections. */
  readonly total: number;
  readonly sets: number;
  /** Fewest reps of any set that starts a round. */
  readonly least: number;
  /** Whether everything was done as planned, and in how many sessions in a row. */
  readonly met: boolean;
  readonly running: number;
  /** The last set with a continuation: full reps, partials and held seconds as done, full reps as planned. */
  readonly closing?: {
    readonly full: number;
    readonly partials: number;
    readonly held: number;
    readonly asked: number;
  };
}

/** The slot's own prescription. */
export interface Written {
  /** The technique as the coach wrote it. */
  readonly technique?: { readonly kind: string };
  readonly range: RepRange;
  /** Seconds after each set. */
  readonly rest: number;
}

/**
 * What makes the load rise: the slot's load rule, reps through the range, being earned by the technique, or nothing.
 */
export type Progress = 'load rule' | 'reps' | 'earned' | 'none';

/** What is logged for its sets. */
export const LOGGED = ['reps', 'sum of reps', 'full and partial reps', 'seconds', 'time'] as const;
export type LoggedAs = (typeof LOGGED)[number];

/**
 * A set technique as data with parameters P. Sets, time, credit and progression follow from its parts; a new
 * technique is one file with one of these and one line in the registry.
 */
export interface Technique<P extends { readonly kind: string }> {
  readonly kind: P['kind'];
  readonly fields: Fields<P>;
  /** Default parameters when a coach chooses it. */
  readonly start: P;
  readonly parts: (parameters: P) => readonly Part[];
  /** Working sets of all parts; rounds if it is made of mini-sets. */
  readonly setCount: (parameters: P) => number;
  /** The same technique with another number of working sets, as close as its shape allows. */
  readonly withSetCount: (parameters: P, sets: number) => P;
  /** Fewest and most working sets the shape allows. */
  readonly setLimits: (parameters: P) => { readonly least: number; readonly most: number };
  readonly reach: (parameters: P) => Reach;
  /** The same held back from failure, where going there is not safe or not advisable. */
  readonly heldBack: (parameters: P) => P | null;
  readonly progress: Progress;
  /** For earned progress: whether the load rises after these results. */
  readonly earned?: (parameters: P, done: Done, written: Written) => boolean;
  /** Next time's parameters given the results; absent: unchanged. `given` are those the coach wrote. */
  readonly next?: (parameters: P, done: Done, written: Written, given: P) => P;
  readonly loggedAs: LoggedAs;
  /** Seconds its parts take by the clock: exactly, or at most if its reps take less. */
  readonly clock?: (
    parameters: P,
    pieces: number,
  ) => { readonly seconds: number; readonly ends: 'by the clock' | 'when done' };
  /** Whether its first set measures the athlete's strength. */
  readonly measures: boolean;
  /** Whether its sets never count, because they are easy on purpose. */
  readonly uncounted?: true;
  /** Whether reps stay as last time while something else progresses. */
  readonly keepsReps?: true;
  /** Whether last time's reps are repeated set by set at the same load, with one added to the set with most room. */
  readonly banks?: true;
  /** Whether a group of such techniques alternates piece by piece under one clock: 1-1-1, 2-2-2. */
  readonly across?: true;
  /** The technique's own tempo. */
  readonly tempo?: (parameters: P, written: string | null) => string;
}

/** Set counting for a technique that keeps its number of sets in `sets`. */
export function bySets<P extends { readonly kind: string; readonly sets: number }>(
  least: number,
  most: number,
): Pick<Technique<P>, 'setCount' | 'withSetCount' | 'setLimits'> {
  return {
    setCount: ({ sets }) => sets,
    withSetCount: (parameters, sets) => ({ ...parameters, sets }),
    setLimits: () => ({ least, most }),
  };
}

/** The default part: this many sets in the slot's range at the week's RIR. */
export function plainPart(sets: number, changes: Partial<Part> = {}): Part {
  return { role: 'work', sets, rirOffset: 0, repOffset: 0, ...changes };
}
