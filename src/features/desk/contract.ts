import type { Level, LocalDate, Phase, SentAnswer, SharedBy, Unanswered } from '@/core';

/** An athlete in the roster, in words. */
export interface DeskLine {
  readonly athleteId: string;
  readonly name: string;
  readonly level: Level;
  readonly phase: Phase;
  readonly archived: boolean;
  readonly blockId: string | null;
  /** Their block's name; empty without one. */
  readonly block: string;
  readonly state: 'no block' | 'planned' | 'running' | 'done';
  /** The overall last sent week; 0 before the first. */
  readonly week: number;
  readonly weeks: number;
  readonly isDeload: boolean;
  readonly sessions: Share | null;
  readonly sets: Share | null;
  /** Sets done against planned over the latest weeks, per cent; null before the first. */
  readonly adherence: number | null;
  readonly signs: number | null;
  /** Whether fatigue suggests or urges a deload. */
  readonly isWorn: boolean;
  readonly bias: number | null;
  readonly lastLog: LocalDate | null;
  readonly due: LocalDate | null;
  /** Number of their waiting items. */
  readonly waits: number;
  readonly others: number;
  /** The athlete's coach, if it is another one. */
  readonly shared: SharedBy | null;
}

export interface Share {
  readonly done: number;
  readonly planned: number;
}

/** An item that waits for the coach. */
export interface DeskItem {
  readonly key: string;
  readonly athleteId: string;
  readonly athlete: string;
  readonly kind: string;
  /** The question and its evidence. */
  readonly says: string;
  readonly evidence: string;
  /** A link to the details. */
  readonly href: string;
  readonly ask: DeskAsk;
  readonly options: readonly DeskOption[];
  /** The effect of dismissing it; null: it cannot be dismissed here. */
  readonly leave: string | null;
}

export interface DeskOption {
  readonly id: string;
  readonly words: string;
  /** Its effect, in a sentence. */
  readonly change: string;
  /** A link, instead of an answer. */
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

/** A week that can be sent, with its open problems. */
export interface ReadyLine {
  readonly blockId: string;
  readonly athlete: string;
  readonly week: number;
  readonly weekName: string;
  readonly calls: number;
  readonly findings: number;
}

/** Recent answers, equal ones grouped. */
export interface GivenLine {
  readonly key: string;
  readonly athlete: string;
  readonly blockId: string;
  readonly says: string;
  readonly ids: readonly string[];
  readonly byRule: boolean;
  /** A sent week that can be recalled; null: answers. */
  readonly week: number | null;
}

/** What the desk shows. */
export interface DeskData {
  readonly lines: readonly DeskLine[];
  readonly items: readonly DeskItem[];
  /** Number of less urgent items not listed: they follow as these are answered. */
  readonly more: number;
  readonly ready: readonly ReadyLine[];
  readonly given: readonly GivenLine[];
  readonly today: LocalDate;
}

type Answered<T> = Promise<T | Unanswered>;

export interface DeskActions {
  readonly applyOption: (
    blockId: string,
    id: string,
    option: string | null,
  ) => Answered<{ readonly status: 'done' | 'missed' | 'refused' | 'gone' }>;
  readonly answer: (
    blockId: string,
    answers: readonly SentAnswer[],
  ) => Answered<{ readonly status: 'kept' | 'gone' }>;
  readonly markAllPainSeen: (athleteId: string) => Answered<{ readonly status: 'seen' }>;
  readonly applyRoutine: (
    blockIds: readonly string[],
  ) => Answered<{ readonly status: 'applied'; readonly count: number }>;
  readonly routineLines: (
    blockId: string,
  ) => Answered<{ readonly status: 'found'; readonly lines: readonly string[] }>;
  readonly undoAnswers: (
    blockId: string,
    ids: readonly string[],
  ) => Answered<{ readonly status: 'done' | 'refused' }>;
  readonly sendWeeks: (
    ready: readonly { readonly blockId: string; readonly week: number }[],
    line: string,
  ) => Answered<{
    readonly status: 'issued';
    readonly left: readonly { readonly blockId: string; readonly why: string }[];
  }>;
  readonly recall: (blockId: string, week: number) => Answered<{ readonly status: 'recalled' | 'refused' }>;
}
