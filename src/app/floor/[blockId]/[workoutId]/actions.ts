'use server';

import * as z from 'zod';
import type { LogOutcome, Outgoing, Unanswered } from '@/core';
import { isDate, MUSCLES, RAMP_VERDICTS, SORENESS, UNITS } from '@/core';
import { loggedMoreSchema } from '@/core/codecs';
import { keepWork, type SessionRef } from '@/data';
import { shortIdSchema as id } from '../../../inputs';
import { onFloor } from '../../asker';

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

/** Takes what a phone has for one session: sets, that it is over, soreness. Sending it again changes nothing. */
export async function send(ref: SessionRef, outgoing: Outgoing): Promise<LogOutcome | Unanswered> {
  const session = refSchema.safeParse(ref);
  const parsed = outgoingSchema.safeParse(outgoing);
  if (!session.success || !parsed.success) return { status: 'malformed' };
  return onFloor(({ asker }) => keepWork(asker, session.data, parsed.data, new Date()));
}
