'use server';

import * as z from 'zod';
import { MOST_LEFT, UNITS, type Unanswered } from '@/core';
import { storeWork } from '@/data';
import { asCoachFor } from '../../../../../asker';
import { shortIdSchema as id } from '../../../../../inputs';

const refSchema = z.strictObject({ issuedWeekId: id, sessionId: id });
const setSchema = z.strictObject({
  id,
  slotId: id,
  setId: id,
  exerciseId: id,
  load: z.strictObject({ value: z.number().min(-500).max(1500), unit: z.enum(UNITS) }),
  reps: z.int().min(0).max(600),
  rir: z.number().min(0).max(MOST_LEFT),
  at: z.iso.datetime(),
  supersedes: id.nullable(),
  localDate: z.iso.date(),
});

/** Saves a set that the coach enters or corrects; the corrected one stays on record. */
export async function enter(
  ref: z.infer<typeof refSchema>,
  entry: z.infer<typeof setSchema>,
): Promise<{ readonly status: 'kept' } | { readonly status: 'gone' } | Unanswered> {
  const [session, parsed] = [refSchema.safeParse(ref), setSchema.safeParse(entry)];
  if (!session.success || !parsed.success) return { status: 'malformed' };
  const { localDate, ...set } = parsed.data;
  return asCoachFor({ issuedWeekId: session.data.issuedWeekId }, async ({ did, ...asker }) => {
    const work = { localDate, sets: [set], finish: false, soreness: [], ramps: [], notes: [] };
    const said = await storeWork({ ...asker, entersAs: 'coach' }, session.data, work, new Date());
    if (said.status === 'gone') return { status: 'gone' as const };
    if (said.refused.length > 0) return { status: 'malformed' as const };
    await did('entered a set', localDate);
    return { status: 'kept' as const };
  });
}
