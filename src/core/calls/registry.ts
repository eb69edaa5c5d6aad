import type { Observation } from '../recovery/observation';
import type { AnswerTo, Call, CallKind } from './call';
import { deloadCall } from './deload';
import type { Evidence } from './evidence';
import { loadCall } from './load';
import type { Order } from './order';
import { recoverCall } from './recover';
import { setsCall } from './sets';

/** Every kind of call, in display order. */
export const CALLS = {
  load: loadCall,
  recover: recoverCall,
  sets: setsCall,
  deload: deloadCall,
} as const;

type Kinds = (typeof CALLS)[keyof typeof CALLS];
type ProposalOf<K> = K extends CallKind<infer P, infer _> ? P : never;
type ChoiceOf<K> = K extends CallKind<infer _, infer C> ? C : never;

/** A response to the log that waits for the coach. */
export type Proposal = ProposalOf<Kinds>;
export type Choice = ChoiceOf<Kinds>;
export type CallName = Proposal['kind'];

/** A coach's answer. */
export type Answer = AnswerTo<Proposal, Choice>;

/** Kinds connected with their proposals and choices: an answer carries the kind it answers. */
const KINDS = Object.values(CALLS) as readonly unknown[] as readonly CallKind<Call & Proposal, Choice>[];
const BY_NAME = CALLS as unknown as Readonly<Record<CallName, CallKind<Call & Proposal, Choice>>>;

/** All calls for the evidence. */
export function proposeCalls(evidence: Evidence): readonly Proposal[] {
  return KINDS.flatMap((kind) => kind.propose(evidence));
}

/** The orders an answer gives to the plan. */
export function answerOrders(answer: Answer): readonly Order[] {
  return BY_NAME[answer.proposal.kind].orders(answer);
}

/** The ids that an observation gives to the calls of the following week. */
export function callIdentities(
  observation: Observation,
): readonly { readonly subject: string; readonly id: string }[] {
  return KINDS.flatMap(({ identify }) => (identify === undefined ? [] : [identify(observation)]));
}
