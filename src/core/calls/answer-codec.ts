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

/** Reads a call as it was stored. What its kind adds is its own and was made by the engine. */
export function decodeProposal(unchecked: unknown): Result<Proposal> {
  const parsed = proposalSchema.safeParse(unchecked);
  return parsed.success ? ok(unchecked as Proposal) : malformed(parsed.error);
}

const choices = CALL_NAMES.flatMap((name) => {
  const kind = CALLS[name];
  return 'choice' in kind && kind.choice !== undefined ? [kind.choice(z) as z.ZodType<Choice>] : [];
});

/** What a coach may choose in place of a proposal, whatever its kind; null: as proposed. */
export const choiceSchema: z.ZodType<Choice | null> = z.union(choices).nullable();

/** An answer as it comes over the wire: the call's id, what was said, and what was chosen instead. */
export const sentAnswerSchema = z.strictObject({
  id: z.string().min(1).max(191),
  outcome: z.enum(['accepted', 'changed', 'declined']),
  choice: choiceSchema,
});

/** Reads a choice as it was stored, for a call of its kind. */
export function decodeChoice(kind: CallName, unchecked: unknown): Result<Answer['choice']> {
  if (unchecked === null) return ok(null);
  const { choice } = CALLS[kind] as { readonly choice?: (zod: typeof z) => z.ZodType<Choice> };
  if (choice === undefined) return ok(null);
  const parsed = choice(z).safeParse(unchecked);
  return parsed.success ? ok(parsed.data) : malformed(parsed.error);
}
