import * as z from 'zod';
import { MEASUREMENT_UNITS, MEASUREMENTS, MUSCLES, RAMP_VERDICTS, UNITS } from '@/core';
import {
  choiceSchema,
  decodeAthlete,
  decodeBlock,
  decodeCheckIn,
  decodeEdit,
  decodeExercise,
  decodeProposal,
  decodeSessionNotes,
  decodeSetNotes,
  decodeWatchCall,
} from '@/core/codecs';
import { decodeIssuedFile } from './issued-week';
import { codecPart, day, decimal, id, instant, revision } from './parts';

export const ATHLETE_FORMAT = 'dense-ladder/athlete';
export const ATHLETE_VERSION = 1;

/** A logged set as stored: what was done, when it arrived, and who entered it. */
const set = z.strictObject({
  id,
  slotId: id,
  setId: id,
  exerciseId: id,
  load: z.strictObject({ value: decimal(2, 9999), unit: z.enum(UNITS) }),
  reps: z.int().min(0).max(10_000),
  rir: decimal(1, 30).min(0),
  more: codecPart(decodeSetNotes, 'what else was noted of the set').nullable(),
  measuresStrength: z.boolean(),
  at: instant,
  receivedAt: instant,
  supersedes: id.nullable(),
  enteredBy: z.enum(['athlete', 'coach']),
});

const workout = z.strictObject({
  id,
  weekId: id,
  week: z.int().min(1).max(60),
  sessionId: id,
  date: day,
  lastSetAt: instant.nullable(),
  finishedAt: instant.nullable(),
  /** Its notes, oldest first. */
  notes: codecPart(decodeSessionNotes, 'what was told of the session, oldest first'),
  hurtAt: instant.nullable(),
  hurtSeenAt: instant.nullable(),
  sets: z.array(set).max(5000),
  soreness: z
    .array(
      z.strictObject({
        id,
        muscle: z.enum(MUSCLES),
        ended: z.union([z.enum(['none', 'still']), day]),
        said: day,
        at: instant,
      }),
    )
    .max(1000),
  ramps: z.array(z.strictObject({ id, slotId: id, verdict: z.enum(RAMP_VERDICTS), at: instant })).max(1000),
});

const week = z.strictObject({
  /** As sent: its sets with their reasons. */
  handedOut: codecPart(
    decodeIssuedFile,
    'the week as it was handed out: sessions, slots and sets with their reasons',
  ),
  issuedAt: instant,
  openedAt: instant.nullable(),
  line: z.string().max(500).nullable(),
  version: z.int().min(0).max(10_000),
  closedAt: instant.nullable(),
});

/** An answered call. Proposals concern a slot or a muscle; alerts have options. */
const callHead = {
  id: z.string().regex(/^[\x20-\x7e]{1,191}$/),
  subject: z.string().max(160),
  week: z.int().min(0).max(60),
  status: z.enum(['accepted', 'changed', 'declined']),
  createdAt: instant,
  answeredAt: instant.nullable(),
  editId: id.nullable(),
  byRule: z.boolean(),
};
const call = z.discriminatedUnion('source', [
  z.strictObject({
    ...callHead,
    source: z.literal('log'),
    proposal: codecPart(decodeProposal, 'the call as it was made'),
    choice: choiceSchema,
  }),
  z.strictObject({
    ...callHead,
    source: z.literal('day'),
    proposal: codecPart(decodeWatchCall, 'the call as it was made'),
    /** The chosen option. */
    choice: z.string().max(191).nullable(),
  }),
]);

const step = z.strictObject({
  revision,
  editId: id,
  action: z.enum(['do', 'undo', 'redo']),
  edit: codecPart(decodeEdit, 'an edit of the block'),
  inverse: codecPart(decodeEdit, 'an edit of the block'),
  /** The whole document, now and then. */
  document: codecPart(decodeBlock, 'a block: block.schema.json').nullable(),
  at: instant,
});

const block = z.strictObject({
  id,
  revision,
  createdAt: instant,
  updatedAt: instant,
  archivedAt: instant.nullable(),
  document: codecPart(decodeBlock, 'a block: block.schema.json'),
  steps: z.array(step).max(100_000),
  weeks: z.array(week).max(60),
  workouts: z.array(workout).max(2000),
  calls: z.array(call).max(20_000),
});

const measurement = z.strictObject({
  id,
  date: day,
  kind: z.enum(MEASUREMENTS),
  value: decimal(2, 9999).min(0),
  unit: z.enum(MEASUREMENT_UNITS),
  at: instant,
});

const athleteShape = {
  athlete: codecPart(decodeAthlete, 'the athlete’s own facts'),
  archivedAt: instant.nullable(),
  /** Custom exercises used anywhere in it, every revision. */
  exercises: z.array(codecPart(decodeExercise, 'an exercise of the coach’s own')).max(5000),
  measurements: z.array(measurement).max(50_000),
  checkIns: z
    .array(z.strictObject({ checkIn: codecPart(decodeCheckIn, 'a check-in'), receivedAt: instant }))
    .max(20_000),
  blocks: z.array(block).max(500),
};

/** An athlete with everything, inside another file. */
export const athleteSchema = z.strictObject(athleteShape);
export const athleteFileSchema = z.strictObject({
  format: z.literal(ATHLETE_FORMAT),
  version: z.literal(ATHLETE_VERSION),
  ...athleteShape,
});

/** An athlete with everything: blocks, steps, sent weeks, logs, notes and answers. */
export type ArchivedAthlete = z.output<typeof athleteSchema>;
export type AthleteFile = z.output<typeof athleteFileSchema>;
export type ArchivedBlock = ArchivedAthlete['blocks'][number];
export type ArchivedWorkout = ArchivedBlock['workouts'][number];
