import * as z from 'zod';
import { malformed, ok, type Result } from '../result';
import { type Answer, CALLS, type CallName, type Choice, type Proposal } from './registry';

const CALL_NAMES = Object.keys(CALLS) as CallName[];

const proposalSchema = z.looseObject({
  kind: z.enum(CALL_NAMES as [CallName, ...CallName[]]),
  id: z.string(),
  subject: z.string(),
  week: z.int().min(1),
  why: z.looseObject({ code: z.string() }),
});

/** Reads a stored call. The fields of its kind were made by the engine and are not checked. */
export function decodeProposal(unchecked: unknown): Result<Proposal> {
  const parsed = proposalSchema.safeParse(unchecked);
  return parsed.success ? ok(unchecked as Proposal) : malformed(parsed.error);
}

const choices = CALL_NAMES.flatMap((name) => {
  const kind = CALLS[name];
  return 'choice' in kind && kind.choice !== undefined ? [kind.choice(z) as z.ZodType<Choice>] : [];
});

/** What a coach may choose in place of a proposal, of any kind; null: as proposed. */
export const choiceSchema: z.ZodType<Choice | null> = z.union(choices).nullable();

/**
 * A received answer: the call's id, the outcome, and what was chosen instead. Ids of calls are ASCII: the database
 * compares them with nothing else.
 */
export const sentAnswerSchema = z.strictObject({
  id: z
    .string()
    .regex(/^[\x20-\x7e]+$/)
    .max(191),
  outcome: z.enum(['accepted', 'changed', 'declined']),
  choice: choiceSchema,
});

/** Reads a stored choice for a call of its kind. */
export function decodeChoice(kind: CallName, unchecked: unknown): Result<Answer['choice']> {
  if (unchecked === null) return ok(null);
  const { choice } = CALLS[kind] as { readonly choice?: (zod: typeof z) => z.ZodType<Choice> };
  if (choice === undefined) return ok(null);
  const parsed = choice(z).safeParse(unchecked);
  return parsed.success ? ok(parsed.data) : malformed(parsed.error);
}
