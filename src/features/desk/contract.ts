import type { Level, LocalDate, Phase, SentAnswer, SharedBy, Unanswered } from '@/core';

/** One athlete as the roster shows them, in words. */
export interface DeskLine {
  readonly athleteId: string;
  readonly name: string;
  readonly level: Level;
  readonly phase: Phase;
  readonly archived: boolean;
  readonly blockId: string | null;
  /** The name of their block; empty without one. */
  readonly block: string;
  readonly state: 'no block' | 'planned' | 'running' | 'done';
  /** The week handed out last of all; the first is 1, 0 before it. */
  readonly week: number;
  readonly weeks: number;
  readonly isDeload: boolean;
  readonly sessions: Share | null;
  readonly sets: Share | null;
  /** Sets done of planned over the latest weeks, per cent; null before the first. */
  readonly adherence: number | null;
  readonly signs: number | null;
  /** Whether the signs propose a deload or urge it. */
  readonly isWorn: boolean;
  readonly bias: number | null;
  readonly lastLog: LocalDate | null;
  readonly due: LocalDate | null;
  /** How many things of theirs wait for the coach. */
  readonly waits: number;
  readonly others: number;
  /** Whose athlete it is, where it is another coach's. */
  readonly shared: SharedBy | null;
}

export interface Share {
  readonly done: number;
  readonly planned: number;
}

/** Something that waits for the coach. */
export interface DeskItem {
  readonly key: string;
  readonly athleteId: string;
  readonly athlete: string;
  readonly kind: string;
  /** What is asked, and what it rests on. */
  readonly says: string;
  readonly evidence: string;
  /** Where to look closer. */
  readonly href: string;
  readonly ask: DeskAsk;
  readonly options: readonly DeskOption[];
  /** What leaving it as it is comes to; null: it cannot be left from here. */
  readonly leave: string | null;
}

export interface DeskOption {
  readonly id: string;
  readonly words: string;
  /** What it changes, in a sentence. */
  readonly change: string;
  /** Where it leads, in place of an answer. */
  readonly href?: string;
}

/** How an item is answered. */
export type DeskAsk =
  | { readonly kind: 'day'; readonly blockId: string; readonly id: string }
  | {
      readonly kind: 'log';
      readonly blockId: string;
      readonly ids: readonly string[];
      readonly choices: Readonly<Record<string, SentAnswer['choice']>>;
    }
  | { readonly kind: 'routine'; readonly blockId: string; readonly count: number }
  | { readonly kind: 'pain'; readonly athleteId: string }
  | { readonly kind: 'look' };

/** A week that may be handed out, with what is open about it. */
export interface ReadyLine {
  readonly blockId: string;
  readonly athlete: string;
  readonly week: number;
  readonly weekName: string;
  readonly calls: number;
  readonly findings: number;
}

/** What was answered of late, alike ones together. */
export interface GivenLine {
  readonly key: string;
  readonly athlete: string;
  readonly blockId: string;
  readonly says: string;
  readonly ids: readonly string[];
  readonly byRule: boolean;
  /** A week that was handed out, to be recalled; null: answers. */
  readonly week: number | null;
}

/** What the desk shows. */
export interface DeskData {
  readonly lines: readonly DeskLine[];
  readonly items: readonly DeskItem[];
  /** How many less urgent things wait that are not among them: they follow as these are answered. */
  readonly more: number;
  readonly ready: readonly ReadyLine[];
  readonly given: readonly GivenLine[];
  readonly today: LocalDate;
}

type Told<T> = Promise<T | Unanswered>;

export interface DeskActions {
  readonly take: (
    blockId: string,
    id: string,
    option: string | null,
  ) => Told<{ readonly status: 'done' | 'missed' | 'refused' | 'gone' }>;
  readonly answer: (
    blockId: string,
    answers: readonly SentAnswer[],
  ) => Told<{ readonly status: 'kept' | 'gone' }>;
  readonly seenPain: (athleteId: string) => Told<{ readonly status: 'seen' }>;
  readonly applyRoutine: (
    blockIds: readonly string[],
  ) => Told<{ readonly status: 'applied'; readonly count: number }>;
  readonly routineOf: (
    blockId: string,
  ) => Told<{ readonly status: 'found'; readonly lines: readonly string[] }>;
  readonly takeBack: (
    blockId: string,
    ids: readonly string[],
  ) => Told<{ readonly status: 'done' | 'refused' }>;
  readonly issueAll: (
    ready: readonly { readonly blockId: string; readonly week: number }[],
    line: string,
  ) => Told<{
    readonly status: 'issued';
    readonly left: readonly { readonly blockId: string; readonly why: string }[];
  }>;
  readonly recall: (blockId: string, week: number) => Told<{ readonly status: 'recalled' | 'refused' }>;
}
