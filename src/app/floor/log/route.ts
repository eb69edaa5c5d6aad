import * as z from 'zod';
import type { LogOutcome, Unanswered } from '@/core';
import { isDate, MUSCLES, RAMP_VERDICTS, SORENESS, UNITS } from '@/core';
import { loggedMoreSchema } from '@/core/codecs';
import { keepWork } from '@/data';
import { shortIdSchema as id } from '../../inputs';
import { onFloor } from '../asker';
import { isOwnOrigin } from './own-origin';

const refSchema = z.strictObject({ issuedWeekId: id, sessionId: id });
const outgoingSchema = z.strictObject({
  localDate: z.string().refine(isDate),
  sets: z
    .array(
      z.strictObject({
        id,
        slotId: id,
        setId: id,
        exerciseId: id,
        load: z.strictObject({ value: z.number().min(-500).max(1500), unit: z.enum(UNITS) }),
        reps: z.int().min(0).max(600),
        rir: z.number().min(0).max(10),
        more: loggedMoreSchema.optional(),
        at: z.iso.datetime(),
        supersedes: id.nullable(),
      }),
    )
    .max(300),
  finish: z.boolean(),
  soreness: z.array(z.strictObject({ id, muscle: z.enum(MUSCLES), soreness: z.enum(SORENESS) })).max(300),
  ramps: z.array(z.strictObject({ id, slotId: id, verdict: z.enum(RAMP_VERDICTS) })).max(300),
});

const bodySchema = z.strictObject({ ref: refSchema, outgoing: outgoingSchema });
/** More than any session comes to; what is longer is not looked into. */
const MOST_BYTES = 500_000;

const said = (answer: LogOutcome | Unanswered) => Response.json(answer);

/** Takes what a phone has for one session: sets, that it is over, soreness. Sending it again changes nothing. */
export async function POST(request: Request): Promise<Response> {
  if (!isOwnOrigin(request.headers)) return said({ status: 'malformed' });
  const text = await request.text();
  if (text.length > MOST_BYTES) return said({ status: 'malformed' });
  const parsed = bodySchema.safeParse(readJson(text));
  if (!parsed.success) return said({ status: 'malformed' });
  const { ref, outgoing } = parsed.data;
  return said(await onFloor(({ asker }) => keepWork(asker, ref, outgoing, new Date())));
}

function readJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
