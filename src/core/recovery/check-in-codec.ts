import * as z from 'zod';
import { MEASUREMENT_UNITS, MEASUREMENTS } from '../athlete/measurement';
import { isDate } from '../calendar';
import { JOINTS } from '../exercises/exercise';
import { FELT, LONGEST_LINE, PAIN_GRADES } from '../on-the-day/session-note';
import { malformed, ok, type Result } from '../result';
import { type CheckIn, DRIVES, LINGERING } from './check-in';

export const checkInSchema = z.strictObject({
  id: z.string().regex(/^[\x21-\x7e]{1,96}$/),
  date: z.string().refine(isDate),
  slept: z.enum(FELT),
  drive: z.enum(DRIVES),
  appetite: z.enum(FELT),
  soreness: z.enum(LINGERING),
  aches: z.array(z.strictObject({ joint: z.enum(JOINTS), grade: z.enum(PAIN_GRADES) })).max(JOINTS.length),
  restingHeartRate: z.int().min(25).max(220).nullable(),
  measured: z
    .array(
      z.strictObject({
        kind: z.enum(MEASUREMENTS),
        value: z.number().min(1).max(1000),
        unit: z.enum(MEASUREMENT_UNITS),
      }),
    )
    .max(MEASUREMENTS.length),
  line: z.string().max(LONGEST_LINE),
});

/** Reads a stored check-in. */
export function decodeCheckIn(unchecked: unknown): Result<CheckIn> {
  const parsed = checkInSchema.safeParse(unchecked);
  return parsed.success ? ok(parsed.data) : malformed(parsed.error);
}
