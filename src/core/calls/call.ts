import type { z } from 'zod';
import { factsHash } from '../hash';
import type { Reason } from '../plan/reason';
import type { Observation } from '../recovery/observation';
import type { Zod } from '../zod';
import type { Evidence } from './evidence';
import type { Order } from './order';

/** Fields of every call. */
export interface Call {
  readonly kind: string;
  /** Subject and a hash of the facts: an answered call stays answered until its facts change. */
  readonly id: string;
  /** Kind and object: later answers to the same subject replace earlier ones. */
  readonly subject: string;
  /** The week it would change. */
  readonly week: number;
  readonly why: Reason;
}

/** A coach's answer to a call of one kind; declined keeps things as they were. */
export interface AnswerTo<P extends Call, C> {
  readonly id: string;
  readonly subject: string;
  readonly outcome: 'accepted' | 'changed' | 'declined';
  readonly proposal: P;
  /** What the coach chose instead; null: as proposed. */
  readonly choice: C | null;
}

/** A kind of call: when it is made, its id and the effect of an answer. One object, one file. */
export interface CallKind<P extends Call, C> {
  readonly kind: P['kind'];
  /** The calls of this kind for the evidence, without those already answered. */
  readonly propose: (evidence: Evidence) => readonly P[];
  /** The orders that an answer gives to the plan. */
  readonly orders: (answer: AnswerTo<P, C>) => readonly Order[];
  /** The id an observation gives to its call; an answer is valid only while it matches that of its observations. */
  readonly identify?: (observation: Observation) => { readonly subject: string; readonly id: string };
  /** What may be chosen instead of the proposal; absent: it can only be accepted or declined. */
  readonly choice?: (z: Zod) => z.ZodType<C>;
}

/** A call's id: its subject and its rounded facts. */
export function callId(subject: string, facts: readonly (string | number | boolean | null)[]): string {
  return `${subject}/${factsHash(facts)}`;
}
