import { z } from 'zod';
import { MUSCLES } from '../anatomy/muscle';
import { CONVENTION_IDS } from '../conventions/conventions';
import { UNITS } from '../loading/weight';
import { LOAD_RULES } from '../progression/load-rules/registry';
import { deloadSchema } from '../recovery/deload/deload-schema';
import { techniqueSchema } from '../techniques/technique-schema';
import { GOALS } from '../volume/goal';
import { CREDITING_SCHOOLS, LANDMARK_SCHOOLS } from '../volume/schools';
import { BLOCK_FORMAT, BLOCK_VERSION, MOTIONS } from './block';
import { SHAPES } from './shape';

/** The shape of the document. What the figures may be is in block-rules, where it can be said in a sentence. */
const id = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/);
const number = z.number().finite();
const text = z.string().max(2000);

const weight = z.strictObject({ value: number, unit: z.enum(UNITS) });

const slotRir = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('week'), offset: number }),
  z.strictObject({ kind: z.literal('fixed'), rir: number }),
]);

// Fields with a default came with a later version: documents and edits written before it are read as if they had it.
export const slotShape = {
  id,
  exercise: z.strictObject({ id, revision: z.int().min(1) }),
  variant: z.string().max(64).nullable().default(null),
  substitutes: z.array(z.string().max(64)).max(20).default([]),
  rotate: z.array(z.string().max(64)).max(8).default([]),
  joined: z.boolean().default(false),
  technique: techniqueSchema,
  safety: z.string().max(200).default(''),
  motion: z.enum(MOTIONS).default('full'),
  optionalSets: z.int().min(0).max(10).default(0),
  stretch: z
    .strictObject({ seconds: z.int().min(5).max(600), note: z.string().max(200) })
    .nullable()
    .default(null),
  range: z.strictObject({ low: number, high: number }),
  rir: slotRir,
  setTargets: z
    .array(z.strictObject({ set: z.union([z.int().min(1).max(20), z.literal('last')]), rir: slotRir }))
    .max(20)
    .default([]),
  tempo: z.string().max(8).nullable(),
  rest: number,
  drift: z.enum(['hold RIR', 'hold reps']),
  loadRule: z.enum(LOAD_RULES),
  loadStep: number.nullable().default(null),
  setRule: z.enum(['by response', 'fixed']),
  start: z.strictObject({ load: weight, reps: number, rir: number }).nullable(),
  weeks: z
    .array(
      z.strictObject({
        week: z.int().min(1).max(17),
        sets: z.int().nullable(),
        reps: z.int().nullable(),
        load: weight.nullable(),
        rir: number.nullable(),
      }),
    )
    .max(17)
    .default([]),
  note: text,
} as const;
export const slotSchema = z.strictObject(slotShape);

export const sessionShape = {
  id,
  name: text,
  day: z.int(),
  place: z.string().max(64).nullable().default(null),
  optional: z.boolean().default(false),
  slots: z.array(slotSchema).max(60),
} as const;
export const sessionSchema = z.strictObject(sessionShape);

export const settingsShape = {
  name: text,
  startDate: z.string().regex(/^\d{4}-\d{2}-\d{2}$/),
  cycleDays: z.int(),
  shape: z.enum(SHAPES).nullable().default(null),
  weeks: z.int(),
  rir: z.strictObject({ first: number, last: number }),
  deload: deloadSchema.nullable(),
  lowSets: z.boolean().default(false),
  crediting: z.enum(CREDITING_SCHOOLS),
  landmarks: z.enum(LANDMARK_SCHOOLS).default('ramped'),
  time: z.enum(['realistic', 'strict']),
  activities: z
    .array(
      z.strictObject({ id, day: z.int(), name: z.string().max(80), hard: z.boolean(), legs: z.boolean() }),
    )
    .max(60)
    .default([]),
  pauses: z
    .array(z.strictObject({ after: z.int(), days: z.int() }))
    .max(20)
    .default([]),
  dismissed: z
    .array(
      z.strictObject({ finding: z.string().max(300), facts: z.string().max(32), note: z.string().max(400) }),
    )
    .max(300)
    .default([]),
  conventions: z.partialRecord(z.enum(CONVENTION_IDS as [string, ...string[]]), number),
  goals: z.partialRecord(z.enum(MUSCLES), z.enum(GOALS)),
} as const;

export const blockSchema = z.strictObject({
  format: z.literal(BLOCK_FORMAT),
  version: z.union([z.literal(1), z.literal(2), z.literal(BLOCK_VERSION)]),
  ...settingsShape,
  sessions: z.array(sessionSchema).max(60),
});
