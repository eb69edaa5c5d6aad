import * as z from 'zod';
import { isDate } from '../calendar';
import { malformed, ok, type Result } from '../result';
import {
  FELT,
  LONGEST_LINE,
  PAIN_GRADES,
  PAIN_PLACES,
  RATINGS,
  RESCUES,
  type SessionNote,
  SKIP_REASONS,
  SWAP_REASONS,
} from './session-note';

const id = z.string().min(1).max(96);
const head = { id, at: z.iso.datetime() };
const line = z.string().max(LONGEST_LINE);

export const sessionNoteSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    ...head,
    kind: z.literal('date'),
    date: z.string().refine(isDate),
    was: z.string().refine(isDate),
    time: z
      .string()
      .regex(/^([01]\d|2[0-3]):[0-5]\d$/)
      .nullable(),
  }),
  z.strictObject({ ...head, kind: z.literal('place'), place: id }),
  z.strictObject({
    ...head,
    kind: z.literal('readiness'),
    slept: z.enum(FELT),
    feels: z.enum(FELT),
    rescue: z.enum(RESCUES).nullable(),
  }),
  z.strictObject({
    ...head,
    kind: z.literal('swap'),
    slotId: id,
    exerciseId: id,
    why: z.enum(SWAP_REASONS),
  }),
  z.strictObject({ ...head, kind: z.literal('skip'), slotId: id, why: z.enum(SKIP_REASONS).nullable() }),
  z.strictObject({ ...head, kind: z.literal('one more'), slotId: id }),
  z.strictObject({ ...head, kind: z.literal('later'), slotId: id }),
  z.strictObject({
    ...head,
    kind: z.literal('pain'),
    slotId: id,
    exerciseId: id,
    where: z.enum(PAIN_PLACES),
    grade: z.enum(PAIN_GRADES).nullable(),
    line,
  }),
  z.strictObject({ ...head, kind: z.literal('extra'), slotId: id, exerciseId: id }),
  z.strictObject({ ...head, kind: z.literal('rating'), rating: z.enum(RATINGS), line }),
]);

const notesSchema = z.array(sessionNoteSchema);

/** Reads a session's stored notes. */
export function decodeSessionNotes(unchecked: unknown): Result<readonly SessionNote[]> {
  const parsed = notesSchema.safeParse(unchecked);
  return parsed.success ? ok(parsed.data) : malformed(parsed.error);
}
