import * as z from 'zod';
import type { IssuedWeek, Result } from '@/core';
import { decodeIssued } from '@/core/codecs';
import { day, id } from './parts';

const count = z.number().min(0).max(100_000);
/** Reasons belong to the engine; a file may have those of an older one. */
const reason = z.looseObject({ code: z.string().min(1).max(60) });
const name = z.string().max(2000);

const set = z.looseObject({
  id,
  role: z.string().max(20),
  load: z.number().min(-10_000).max(10_000).nullable(),
  reps: count,
  rir: z.number().min(-30).max(30),
  hard: z.boolean(),
  rest: count,
  sections: z.array(z.looseObject({ manner: z.string().max(20) })).max(20),
});
const slot = z.looseObject({
  slotId: id,
  exerciseId: id,
  exerciseRevision: z.int().min(1),
  unit: z.enum(['kg', 'lb']),
  rest: count,
  technique: z.looseObject({ kind: z.string().max(60) }),
  substitutes: z.array(z.string().max(64)).max(60),
  note: name,
  sets: z.array(set).max(100),
  warmUp: z.array(z.looseObject({ load: z.number().nullable(), reps: count })).max(20),
  why: z.looseObject({ rir: reason, load: reason, sets: reason, reps: reason }),
});
const session = z.looseObject({
  sessionId: id,
  name,
  day: z.int().min(0).max(400),
  optional: z.boolean(),
  slots: z.array(slot).max(200),
  seconds: z.strictObject({ low: count, high: count }),
  whySeconds: reason,
});
const muscle = z.looseObject({
  goal: z.string().max(20),
  sets: count,
  measured: count,
  landmarks: z.looseObject({ hold: count, floor: count, ceiling: count }),
  why: reason,
});
const week = z.looseObject({
  week: z.int().min(1).max(60),
  kind: z.enum(['building', 'deload']),
  startDate: day,
  phase: z.string().max(20),
  rir: z.number().min(0).max(30),
  whyRir: reason,
  sessions: z.array(session).max(60),
  muscles: z.record(z.string().max(40), muscle),
  hardSets: count,
  budget: count,
});
const issued = z.looseObject({ plan: week });

/**
 * Reads a sent week from a file: with the codec of stored weeks, then as strictly as the weeks of all engines allow.
 * Stored weeks were made by the engine; those in a file may not be.
 */
export function decodeIssuedFile(unchecked: unknown): Result<IssuedWeek> {
  const decoded = decodeIssued(unchecked);
  if (!decoded.ok) return decoded;
  const parsed = issued.safeParse(decoded.value);
  if (parsed.success) return decoded;
  return {
    ok: false,
    problems: parsed.error.issues.map(({ path, message }) => ({
      code: 'malformed',
      path: path.join('/'),
      detail: message,
    })),
  };
}
