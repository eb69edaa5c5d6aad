import type { Observation } from '../recovery/observation';
import type { Order } from './order';
import { type Answer, answerOrders, callIdentities } from './registry';

/** The coach's answers: the latest for each subject, with its orders to the plan. */
export interface Answered {
  readonly bySubject: ReadonlyMap<string, Answer>;
  readonly given: readonly { readonly answer: Answer; readonly orders: readonly Order[] }[];
}

export function latestAnswers(answers: readonly Answer[]): Answered {
  const bySubject = new Map(answers.map((answer) => [answer.subject, answer]));
  return {
    bySubject,
    given: [...bySubject.values()].map((answer) => ({ answer, orders: answerOrders(answer) })),
  };
}

/** The ids that observations so far give to calls, by subject. */
export type Identities = ReadonlyMap<string, ReadonlySet<string>>;

/** The ids with those of further observations: the calls of the following week depend on these. */
export function withObservations(identities: Identities, observations: readonly Observation[]): Identities {
  if (observations.length === 0) return identities;
  const all = new Map(identities);
  for (const { subject, id } of observations.flatMap(callIdentities))
    all.set(subject, new Set([...(all.get(subject) ?? []), id]));
  return all;
}

const NONE: readonly Order[] = [];

/**
 * The orders of all valid answers: those whose facts have not changed. Once its week is sent an answer stays valid.
 */
export function validOrders(
  { given }: Answered,
  identities: Identities,
  isIssued: (week: number) => boolean,
): readonly Order[] {
  if (given.length === 0) return NONE;
  return given.flatMap(({ answer, orders }) => {
    const now = identities.get(answer.subject);
    const stands = now === undefined || now.has(answer.id) || isIssued(answer.proposal.week);
    return stands ? orders : [];
  });
}
