import type { RepRange } from '../block/rep-range';
import type { Fields } from '../fields';

/** What a set is for within its slot. */
export const ROLES = ['work', 'top', 'back-off', 'easy'] as const;
export type Role = (typeof ROLES)[number];

/** How reps are done when they are not plain full ones; what is held is counted in seconds. */
export const MANNERS = ['full', 'long half', 'short half', 'loose', 'slow', 'held', 'lowered'] as const;
export type Manner = (typeof MANNERS)[number];

export type Half = Extract<Manner, 'long half' | 'short half'>;

/** The half of the range in which an exercise is easier: the long one, unless it is hardest stretched. */
export function easierHalf({ hardest }: { readonly hardest: string }): Half {
  return hardest === 'stretched' ? 'short half' : 'long half';
}

/** Reps that follow the counted ones of a set without a pause. */
export interface Section {
  readonly manner: Manner;
  readonly reps: number;
  /** Done beyond failure, so that it takes nothing from what the set had left. */
  readonly past?: true;
}

/** A half rep takes half of a full one from what is left. */
const HALF_COST = 0.5;

/** What a rep takes from what is left, in full reps. */
export function repCost(manner: Manner): number {
  return manner === 'long half' || manner === 'short half' ? HALF_COST : 1;
}

/** What sections take from what a set has left, in full reps; what is done past failure takes nothing. */
export function sectionsCost(sections: readonly Section[]): number {
  return sections.reduce((sum, { manner, reps, past }) => (past ? sum : sum + reps * repCost(manner)), 0);
}

/** What follows a set's counted reps: partial and loose reps, seconds held, reps only lowered. */
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

/** One piece of a round, done after a short rest. */
export interface Mini {
  readonly reps: number;
  /** Seconds of rest before it. */
  readonly pause: number;
  /** Its load as a share of the round's first. */
  readonly share: number;
  /** How its reps are done; absent: as those of the round's first set. */
  readonly manner?: Manner;
  /** Seconds beyond the pause in which the other members of a group do theirs. */
  readonly away?: number;
}

/** A round of a part whose load rises from round to round. */
export interface Rise {
  /** Its load as a share of the first round's. */
  readonly share: number;
  /** Reps of its pieces, in order. */
  readonly reps: readonly number[];
  /** Seconds between them. */
  readonly pause: number;
}

/** The round's first set as asked, and what is known of the athlete's reach. */
export interface Lead {
  readonly reps: number;
  /** RIR that the round is to end at. */
  readonly rir: number;
  /** Reps to failure, fresh. */
  readonly reach: number;
  /** Reps left at a lighter load for someone who has so many left at a heavier one; see Stamina. */
  readonly lighter: (left: number, ratio: number) => number;
  /** Reps that a second of rest inside a round gives back. */
  readonly back: number;
  /** The share of the first load that the equipment makes of a wished one, never above the share before it; absent: the wished one. */
  readonly made?: (share: number, before: number) => number;
}

/**
 * A run of sets at one load, loaded and progressed on its own. The first part of a technique carries the slot's
 * strength estimate; later parts hang below it.
 */
export interface Part {
  readonly role: Role;
  /** Sets; of a technique made of mini-sets, rounds. */
  readonly sets: number;
  /** Added to the slot's target RIR of the week. */
  readonly rirOffset: number;
  /** Added to both ends of the slot's rep range. */
  readonly repOffset: number;
  /** How far below the first part's load, as fractions: least, wished, most. Absent for the first part. */
  readonly drop?: { readonly least: number; readonly wished: number; readonly most: number };
  /** RIR of the technique's own, in place of the week's; and that of the slot's last set. */
  readonly rir?: number;
  readonly lastRir?: number;
  /** RIR that is never gone below, whatever the week or a set's own effort says. */
  readonly leastRir?: number;
  /** Rep range of the technique's own, in place of the slot's. */
  readonly range?: RepRange;
  /** Load as a share of the one-rep max. */
  readonly ofMax?: number;
  /**
   * RIR to be left after the first reps so that the whole set or round ends at `rir`.
   * @param back reps that a second of rest inside a round gives back
   * @param away seconds beyond each pause in which the other members of a group do theirs
   */
  readonly leadRir?: (rir: number, back: number, away?: number) => number;
  /** What follows the round's first set. */
  readonly minis?: (lead: Lead) => readonly Mini[];
  /** Rounds whose loads rise, one for each set; in place of `minis` and `leadRir`. */
  readonly rises?: readonly Rise[];
  /** Whether the slot's load rule moves a lighter part from its own last time; else it keeps its distance to the first. */
  readonly ownRule?: true;
  /** What follows the counted reps of each set without a pause; `last` for the slot's last set, `easier` the half in which the exercise is easier. */
  readonly sections?: (last: boolean, easier: Half) => readonly Section[];
  /** How the counted reps are done. */
  readonly manner?: Manner;
  /** Seconds after each set, in place of the slot's rest. */
  readonly rest?: (seconds: number) => number;
  /** Pieces that count as hard, the last ones, where RIR cannot be known; the coach states it. */
  readonly stated?: number;
  /** Counts as a round of hard pieces, whatever the model makes of its RIR. */
  readonly asRound?: true;
}

/** How near failure the work comes. */
export const REACHES = ['short of failure', 'to failure', 'past failure'] as const;
export type Reach = (typeof REACHES)[number];

/** A slot's working sets last time, as they were logged or, for weeks ahead, planned. */
export interface Done {
  /** Reps of the first set. */
  readonly first: number;
  /** Reps of all sets and mini-sets, all sections. */
  readonly total: number;
  readonly sets: number;
  /** Fewest reps of any set that starts a round. */
  readonly least: number;
  /** Whether everything was done as asked, and how many sessions running. */
  readonly met: boolean;
  readonly running: number;
  /** The last set that more follows without a pause: full reps, partial ones and seconds held as done, full reps as asked. */
  readonly closing?: {
    readonly full: number;
    readonly partials: number;
    readonly held: number;
    readonly asked: number;
  };
}

/** What the slot itself prescribes. */
export interface Written {
  /** The technique as the coach wrote it. */
  readonly technique?: { readonly kind: string };
  readonly range: RepRange;
  /** Seconds after each set. */
  readonly rest: number;
}

/** What makes the load rise: the slot's load rule, reps through the range, earning it as the technique says, nothing. */
export type Progress = 'load rule' | 'reps' | 'earned' | 'none';

/** What is logged of its sets. */
export const LOGGED = ['reps', 'sum of reps', 'full and partial reps', 'seconds', 'time'] as const;
export type LoggedAs = (typeof LOGGED)[number];

/**
 * A set technique as data with parameters P. Sets, time, credit and progression follow from the parts; a new
 * technique is one file with one of these and one line in the registry.
 */
export interface Technique<P extends { readonly kind: string }> {
  readonly kind: P['kind'];
  readonly fields: Fields<P>;
  /** How it starts when a coach picks it. */
  readonly start: P;
  readonly parts: (parameters: P) => readonly Part[];
  /** Working sets, all parts together; rounds where it is made of mini-sets. */
  readonly setCount: (parameters: P) => number;
  /** The same technique with another number of working sets, as near as its shape allows. */
  readonly withSetCount: (parameters: P, sets: number) => P;
  /** Working sets the shape allows, least and most. */
  readonly setLimits: (parameters: P) => { readonly least: number; readonly most: number };
  readonly reach: (parameters: P) => Reach;
  /** The same held back from failure, for where going there is not safe or not wise. */
  readonly heldBack: (parameters: P) => P | null;
  readonly progress: Progress;
  /** Where progress is earned: whether the load goes up after what was done. */
  readonly earned?: (parameters: P, done: Done, written: Written) => boolean;
  /** Next time's parameters after what was done; absent: they stay. `given` are those the coach wrote. */
  readonly next?: (parameters: P, done: Done, written: Written, given: P) => P;
  readonly loggedAs: LoggedAs;
  /** Seconds its pieces take by the clock: all of them, or at most so many where its reps take less. */
  readonly clock?: (
    parameters: P,
    pieces: number,
  ) => { readonly seconds: number; readonly ends: 'by the clock' | 'when done' };
  /** Whether its first set says how strong the athlete is. */
  readonly measures: boolean;
  /** Whether its sets never count, being easy on purpose. */
  readonly uncounted?: true;
  /** Whether reps stay as they were last time while something else progresses. */
  readonly keepsReps?: true;
  /** Whether last time's reps are asked set by set at the same load, and one more in the set with most room. */
  readonly banks?: true;
  /** Whether a group of such techniques is done piece by piece, all members in turn under one clock: 1-1-1, 2-2-2. */
  readonly across?: true;
  /** Tempo of the technique's own. */
  readonly tempo?: (parameters: P, written: string | null) => string;
}

/** Set counting of a technique that keeps its number of sets in `sets`. */
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

/** The usual part: so many sets in the slot's range at the week's RIR. */
export function plainPart(sets: number, changes: Partial<Part> = {}): Part {
  return { role: 'work', sets, rirOffset: 0, repOffset: 0, ...changes };
}
