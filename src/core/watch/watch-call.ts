import type { Muscle } from '../anatomy/muscle';
import type { Edit } from '../block/edits/edit';
import type { RepRange } from '../block/rep-range';
import type { LocalDate } from '../calendar';
import type { JointChange, JointEase } from '../findings/finding';
import type { PainPlace } from '../on-the-day/session-note';
import type { SignsVerdict } from '../recovery/signs';
import type { TechniqueKind } from '../techniques/registry';

/** An alert that waits for the coach, as figures; the interface words it. */
export interface WatchCall {
  readonly kind: WatchName;
  /** Subject and a hash of the facts: an answered alert stays answered until its facts change. */
  readonly id: string;
  /** Kind and object. */
  readonly subject: string;
  /** The week it concerns. */
  readonly week: number;
  readonly evidence: WatchEvidence;
  /** The options, best first, each chosen by its id. Declining keeps things as they are. */
  readonly options: readonly WatchOption[];
}

export type WatchName = WatchEvidence['kind'];

export type WatchEvidence =
  | {
      readonly kind: 'joint';
      readonly where: PainPlace;
      readonly times: number;
      readonly lifts: readonly string[];
    }
  | {
      readonly kind: 'signs';
      readonly sum: number;
      readonly verdict: SignsVerdict;
      readonly clear: readonly string[];
      readonly date: LocalDate;
    }
  | {
      readonly kind: 'stall';
      readonly exerciseId: string;
      readonly weeks: number;
      /** Gain over these weeks, per cent of the estimate before them. */
      readonly gain: number;
      /** Share of its sets that were done, per cent. */
      readonly done: number;
      /** The best estimate of each week, oldest first. */
      readonly line: readonly number[];
      /** Whether it rose before: a method that worked and has run its course. */
      readonly roseBefore: boolean;
    }
  | { readonly kind: 'days lost'; readonly sessions: readonly string[]; readonly daysLeft: number }
  | { readonly kind: 'rearrange'; readonly session: string; readonly planned: number; readonly done: number }
  | { readonly kind: 'next week'; readonly deload: boolean; readonly endsIn: number; readonly first: boolean }
  | { readonly kind: 'no log'; readonly days: number; readonly last: LocalDate | null }
  | { readonly kind: 'block ends'; readonly endsIn: number }
  | { readonly kind: 'split'; readonly session: string; readonly missed: number; readonly of: number }
  | { readonly kind: 'readiness'; readonly days: number }
  | { readonly kind: 'tired'; readonly times: number; readonly lifts: readonly string[] }
  | { readonly kind: 'same plan'; readonly weeks: number; readonly muscles: readonly Muscle[] }
  | { readonly kind: 'lift back'; readonly lifts: readonly string[] }
  | { readonly kind: 'further exercise'; readonly muscle: Muscle }
  | { readonly kind: 'effort'; readonly reps: number; readonly pairs: number };

/** Something a coach may do about it. */
export interface WatchOption {
  readonly id: string;
  readonly does: WatchAction;
  /** Its edit of the block; null: none. */
  readonly edit: Edit | null;
}

/** Weekly sets that muscles lose. */
export type Cost = readonly { readonly muscle: Muscle; readonly sets: number }[];

/** The parts of the score that ranks a substitute. */
export interface SwapParts {
  readonly similarity: number;
  readonly samePattern: boolean;
  readonly sparesJoints: boolean;
  readonly payoff: number;
  readonly longLength: boolean;
  readonly lately: boolean;
  readonly nearTwin: boolean;
  readonly total: number;
}

export type WatchAction =
  | {
      readonly kind: 'arrange';
      readonly how: 'move' | 'merge' | 'drop';
      /** Whether it applies from now on, not only for one week. */
      readonly lasting: boolean;
      readonly moves: readonly { readonly session: string; readonly to: number }[];
      readonly left: readonly string[];
      readonly into: string | null;
      readonly cost: Cost;
      readonly breaks: number;
    }
  | { readonly kind: 'close week'; readonly week: number; readonly cost: Cost }
  | { readonly kind: 'issue'; readonly week: number }
  | { readonly kind: 'deload'; readonly week: number }
  | { readonly kind: 'swap'; readonly from: string; readonly to: string; readonly parts: SwapParts }
  | {
      readonly kind: 'ease joint';
      readonly how: JointEase;
      readonly changes: readonly Omit<JointChange, 'edits'>[];
    }
  | { readonly kind: 'lift back'; readonly from: string; readonly to: string }
  | {
      readonly kind: 'further exercise';
      readonly exerciseId: string;
      readonly sets: number;
      readonly session: string;
    }
  | { readonly kind: 'weights'; readonly exerciseId: string }
  | { readonly kind: 'other range'; readonly exerciseId: string; readonly range: RepRange }
  | { readonly kind: 'other technique'; readonly exerciseId: string; readonly technique: TechniqueKind }
  | { readonly kind: 'next block' }
  | { readonly kind: 'noted' };

/** Noted: it stays quiet until its facts change. */
export const NOTED: WatchOption = { id: 'noted', does: { kind: 'noted' }, edit: null };
