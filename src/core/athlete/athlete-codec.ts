import { z } from 'zod';
import { MUSCLES } from '../anatomy/muscle';
import { UNITS } from '../loading/weight';
import { ok, type Result, refused } from '../result';
import { type Athlete, LEVELS, PHASES, STYLES } from './athlete';

const unit = z.enum(UNITS);
const date = z.string().regex(/^\d{4}-\d{2}-\d{2}$/);
const positive = z.number().positive().max(2000);
const weight = z.strictObject({ value: z.number().min(-2000).max(2000), unit });

const equipment = z.strictObject({
  barbell: z.strictObject({
    unit,
    bar: positive,
    plates: z.array(z.strictObject({ weight: positive, pairs: z.int().min(1).max(20) })).max(20),
  }),
  dumbbell: z.strictObject({ unit, weights: z.array(positive).min(1).max(100) }),
  stack: z.strictObject({
    unit,
    first: positive,
    step: positive,
    last: positive,
    addOns: z.array(positive).max(6),
  }),
  bodyweight: z.strictObject({
    unit,
    assistance: z.array(positive).max(60),
    belt: z.array(positive).max(12),
  }),
});

const landmark = z.number().min(0).max(60);

const athlete = z.strictObject({
  id: z.string().min(1),
  name: z.string().min(1).max(120),
  level: z.enum(LEVELS),
  phases: z.array(z.strictObject({ from: date, phase: z.enum(PHASES) })).min(1),
  unit,
  timeZone: z.string().min(1),
  bodyweight: weight,
  minutes: z.int().min(10).max(300),
  hardSport: z.int().min(0).max(14),
  style: z.enum(STYLES),
  equipment,
  bestSets: z.record(
    z.string(),
    z.strictObject({ load: weight, reps: z.int().min(1).max(50), rir: z.number().min(0).max(10) }),
  ),
  landmarks: z.partialRecord(
    z.enum(MUSCLES),
    z.strictObject({ hold: landmark, floor: landmark, ceiling: landmark }).partial(),
  ),
});

/** Checks stored or received athlete facts. */
export function decodeAthlete(unchecked: unknown): Result<Athlete> {
  const parsed = athlete.safeParse(unchecked);
  if (parsed.success) return ok(parsed.data as Athlete);
  return refused(
    ...parsed.error.issues.map((issue) => ({
      code: 'malformed' as const,
      path: issue.path.join('/'),
      detail: issue.message,
    })),
  );
}
