'use server';

import { z } from 'zod';
import type { LogOutcome, Outgoing, Unanswered } from '@/core';
import { MUSCLES, RAMP_VERDICTS, SORENESS, UNITS } from '@/core';
import { finishWorkout, logSets, reportRamps, reportSoreness, type SessionRef } from '@/data';
import { asCoach } from '../../../asker';

const id = z.string().min(1).max(96);
const count = z.int().min(0).max(3600).optional();
const refSchema = z.strictObject({ issuedWeekId: id, sessionId: id });
const outgoingSchema = z.strictObject({
  localDate: z.string().regex(/^\d{4}-\d{2}-\d{2}$/),
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
        more: z
          .strictObject({ partials: count, assisted: count, seconds: count, left: count, right: count })
          .optional(),
        at: z.iso.datetime(),
        supersedes: id.nullable(),
      }),
    )
    .max(300),
  finish: z.boolean(),
  soreness: z.array(z.strictObject({ id, muscle: z.enum(MUSCLES), soreness: z.enum(SORENESS) })).max(60),
  ramps: z.array(z.strictObject({ id, slotId: id, verdict: z.enum(RAMP_VERDICTS) })).max(60),
});

/** Takes what a phone has for one session: sets, that it is over, soreness. Sending it again changes nothing. */
export async function send(ref: SessionRef, outgoing: Outgoing): Promise<LogOutcome | Unanswered> {
  const session = refSchema.safeParse(ref);
  const parsed = outgoingSchema.safeParse(outgoing);
  if (!session.success || !parsed.success) return { status: 'malformed' };
  const { localDate, sets, finish, soreness, ramps } = parsed.data;
  return asCoach(async (asker): Promise<LogOutcome | Unanswered> => {
    const now = new Date();
    const steps = [
      ...(sets.length > 0 ? [() => logSets(asker, session.data, localDate, sets, now)] : []),
      ...(ramps.length > 0 ? [() => reportRamps(asker, session.data, localDate, ramps, now)] : []),
      ...(finish ? [() => finishWorkout(asker, session.data, localDate, now)] : []),
      ...(soreness.length > 0 ? [() => reportSoreness(asker, session.data, soreness, now)] : []),
    ];
    for (const step of steps) {
      const answer = await step();
      if (answer.status !== 'kept') return answer;
    }
    return { status: 'kept' };
  });
}
