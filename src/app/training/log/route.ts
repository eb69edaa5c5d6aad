import * as z from 'zod';
import type { LogOutcome, Unanswered } from '@/core';
import { isDate, MOST_LEFT, MUSCLES, RAMP_VERDICTS, UNITS } from '@/core';
import { loggedMoreSchema, sessionNoteSchema } from '@/core/codecs';
import { storeWork } from '@/data';
import { shortIdSchema as id } from '../../inputs';
import { asAppUser } from '../asker';
import { readPosted } from '../posted';

const date = z.string().refine(isDate);
const refSchema = z.strictObject({ issuedWeekId: id, sessionId: id });
const outgoingSchema = z.strictObject({
  localDate: date,
  sets: z
    .array(
      z.strictObject({
        id,
        slotId: id,
        setId: id,
        exerciseId: id,
        load: z.strictObject({ value: z.number().min(-500).max(1500), unit: z.enum(UNITS) }),
        reps: z.int().min(0).max(600),
        rir: z.number().min(0).max(MOST_LEFT),
        more: loggedMoreSchema.optional(),
        at: z.iso.datetime(),
        supersedes: id.nullable(),
      }),
    )
    .max(300),
  finish: z.boolean(),
  soreness: z
    .array(
      z.strictObject({
        id,
        muscle: z.enum(MUSCLES),
        ended: z.union([z.enum(['none', 'still']), date]),
        said: date,
      }),
    )
    .max(300),
  ramps: z.array(z.strictObject({ id, slotId: id, verdict: z.enum(RAMP_VERDICTS) })).max(300),
  notes: z.array(sessionNoteSchema).max(300),
});

const bodySchema = z.strictObject({ ref: refSchema, outgoing: outgoingSchema });

/** Stores what a phone sends for one session: sets, notes, its end. Sending it again changes nothing. */
export async function POST(request: Request): Promise<Response> {
  const said = (answer: LogOutcome | Unanswered) => Response.json(answer);
  const posted = await readPosted(request, bodySchema);
  if (posted === undefined) return said({ status: 'malformed' });
  const { ref, outgoing } = posted;
  return said(
    await asAppUser({ issuedWeekId: ref.issuedWeekId }, ({ asker }) =>
      storeWork(asker, ref, outgoing, new Date()),
    ),
  );
}
