import type { z } from 'zod';
import { factsHash } from '../hash';
import type { Reason } from '../plan/reason';
import type { Observation } from '../recovery/observation';
import type { Zod } from '../zod';
import type { Evidence } from './evidence';
import type { Order } from './order';

/** What every call holds. */
export interface Call {
  readonly kind: string;
  /** Subject and a hash of the facts: an answered call stays answered until its facts change. */
  readonly id: string;
  /** Kind and what it is about: later answers to the same subject replace earlier ones. */
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

/** A kind of call: when it is made, what it is known by and what an answer to it does. One object, one file. */
export interface CallKind<P extends Call, C> {
  readonly kind: P['kind'];
  /** The calls of this kind that the evidence leads to, those already answered left out. */
  readonly propose: (evidence: Evidence) => readonly P[];
  /** What an answer asks of the plan. */
  readonly orders: (answer: AnswerTo<P, C>) => readonly Order[];
  /** The identity that an observation gives to its call; an answer stands only while it has that of its observations. */
  readonly identify?: (observation: Observation) => { readonly subject: string; readonly id: string };
  /** What may be chosen in place of the proposal; absent: it is taken or left. */
  readonly choice?: (z: Zod) => z.ZodType<C>;
}

/** A call's identity: its subject and what it was made from, quantised. */
export function callId(subject: string, facts: readonly (string | number | boolean | null)[]): string {
  return `${subject}/${factsHash(facts)}`;
}
