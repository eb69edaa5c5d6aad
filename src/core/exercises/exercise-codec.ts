import * as z from 'zod';
import { MUSCLES } from '../anatomy/muscle';
import type { Problem } from '../problem';
import { malformed, ok, type Result, refused } from '../result';
import { parseTempo } from '../timing/tempo';
import {
  EQUIPMENT,
  type Exercise,
  HARDEST,
  JOINTS,
  LOADINGS,
  LONG_HALVES,
  MEASURES,
  PATTERNS,
  SKILLS,
} from './exercise';

const text = (most: number) => z.string().max(most);
const grade = z.union([z.literal(1), z.literal(2), z.literal(3), z.literal(4), z.literal(5)]);
/** Shares of a set by muscle, 0-1. */
export const sharesSchema = z.partialRecord(z.enum(MUSCLES), z.number().min(0).max(1));

/** The shape of a shipped or custom exercise. */
export const exerciseSchema = z.strictObject({
  id: z.string().regex(/^[A-Za-z0-9_-]{1,64}$/),
  revision: z.int().min(1),
  name: text(120),
  pattern: z.enum(PATTERNS),
  kind: z.enum(['compound', 'isolation']),
  contributions: sharesSchema,
  equipment: z.array(z.enum(EQUIPMENT)).max(EQUIPMENT.length),
  loading: z.enum(LOADINGS),
  measure: z.enum(MEASURES),
  bodyweightShare: z.number().min(0).max(1),
  sides: z.union([z.literal(1), z.literal(2)]),
  axialLoad: z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3)]),
  stimulus: grade,
  fatigue: grade,
  hardest: z.enum(HARDEST),
  longHalf: z.enum(LONG_HALVES),
  failableAlone: z.boolean(),
  canSetDown: z.boolean().optional(),
  joints: z.array(z.enum(JOINTS)).max(JOINTS.length),
  tempo: text(12),
  restSeconds: z.int().min(0).max(900),
  cues: text(400),
  variants: z
    .array(
      z.strictObject({
        id: z.string().min(1).max(64),
        name: text(80),
        contributions: sharesSchema,
        spares: z.array(z.enum(JOINTS)).max(JOINTS.length).optional(),
      }),
    )
    .max(12),
  chain: z.strictObject({ name: text(80), step: z.int().min(1).max(30) }).nullable(),
  skill: z.enum(SKILLS).nullable(),
  harderHalf: z.enum(['push', 'pull']).optional(),
});

/** What is inconsistent in an exercise of the right shape; empty if nothing is. */
export function exerciseProblems(exercise: Exercise): readonly Problem[] {
  const problems: Problem[] = [];
  if (exercise.name.trim() === '') problems.push({ code: 'name-missing', path: 'name' });
  if (!Object.values(exercise.contributions).some((share) => share === 1))
    problems.push({ code: 'no-prime-mover', path: 'contributions' });
  if (exercise.kind === 'compound' && Object.values(exercise.contributions).filter((s) => s > 0).length < 2)
    problems.push({ code: 'compound-alone', path: 'contributions' });
  if (parseTempo(exercise.tempo) === undefined)
    problems.push({ code: 'tempo', path: 'tempo', text: exercise.tempo });
  if (exercise.bodyweightShare > 0 !== (exercise.loading === 'bodyweight'))
    problems.push({ code: 'bodyweight-share', path: 'bodyweightShare' });
  if (exercise.loading === 'none' && exercise.measure !== 'seconds')
    problems.push({ code: 'nothing-to-progress', path: 'measure' });
  return problems;
}

/** Validates an exercise from a form, a file or a column. @returns it, or every problem with its path */
export function decodeExercise(unchecked: unknown): Result<Exercise> {
  const parsed = exerciseSchema.safeParse(unchecked);
  if (!parsed.success) return malformed(parsed.error);
  const exercise = parsed.data as Exercise;
  const problems = exerciseProblems(exercise);
  return problems.length === 0 ? ok(exercise) : refused(...problems);
}
