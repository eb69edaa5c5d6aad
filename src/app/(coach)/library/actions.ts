'use server';

import * as z from 'zod';
import type { ExerciseUse, SaveExerciseOutcome, Unanswered } from '@/core';
import { catalogueWith, exerciseById } from '@/core';
import { decodeExercise, exerciseProblems, sharesSchema } from '@/core/codecs';
import {
  adoptRevision,
  changeExercise,
  exercisesOf,
  exerciseUses,
  saveExercise,
  shareExercise,
} from '@/data';
import type { RenameOutcome, SharesOutcome } from '@/features/library/contract';
import { asCoach } from '../../asker';
import { nameIdSchema as id } from '../../inputs';

/** Where an exercise is used. */
export async function findUses(exerciseId: string): Promise<readonly ExerciseUse[] | Unanswered> {
  if (!id.safeParse(exerciseId).success) return { status: 'malformed' };
  return asCoach((asker) => exerciseUses(asker, exerciseId));
}

/** Saves a custom exercise; shipped ones cannot be changed. */
export async function save(exercise: unknown): Promise<SaveExerciseOutcome | Unanswered> {
  return asCoach(async (asker): Promise<SaveExerciseOutcome | Unanswered> => {
    const decoded = decodeExercise(exercise);
    if (!decoded.ok) return { status: 'refused', problems: decoded.problems };
    if (exerciseById(decoded.value.id) !== undefined) return { status: 'malformed' };
    return saveExercise(asker, decoded.value, new Date());
  });
}

const blocks = z.array(id).max(500);
const refSchema = z.strictObject({ id, revision: z.int().min(1) });

/** Moves blocks to a revision of an exercise. @returns the blocks that could not be moved */
export async function adoptInBlocks(
  blockIds: readonly string[],
  ref: { readonly id: string; readonly revision: number },
): Promise<readonly string[] | Unanswered> {
  const [ids, to] = [blocks.safeParse(blockIds), refSchema.safeParse(ref)];
  if (!ids.success || !to.success) return { status: 'malformed' };
  return asCoach((asker) => adoptRevision(asker, ids.data, to.data, new Date()));
}

const nameSchema = z.string().trim().min(1).max(120).nullable();

/** Gives an exercise the coach's own name; null returns it to its original one. No two exercises share a name. */
export async function rename(exerciseId: string, name: string | null): Promise<RenameOutcome> {
  const [exercise, wanted] = [id.safeParse(exerciseId), nameSchema.safeParse(name)];
  if (!exercise.success || !wanted.success) return { status: 'malformed' };
  return asCoach(async (asker): Promise<RenameOutcome> => {
    const { list, newest } = catalogueWith(await exercisesOf(asker));
    if (newest(exercise.data) === undefined) return { status: 'malformed' };
    const alike = list.find(
      (one) => one.id !== exercise.data && one.name.toLowerCase() === wanted.data?.toLowerCase(),
    );
    if (alike !== undefined) return { status: 'taken', name: alike.name };
    await changeExercise(asker, exercise.data, { name: wanted.data });
    return { status: 'saved' };
  });
}

/** Gives a shipped exercise the coach's own shares for all their athletes; null restores the shipped ones. */
export async function setShares(exerciseId: string, shares: unknown): Promise<SharesOutcome> {
  const wanted = sharesSchema.nullable().safeParse(shares);
  const shipped = id.safeParse(exerciseId).success ? exerciseById(exerciseId) : undefined;
  if (shipped === undefined || !wanted.success) return { status: 'malformed' };
  const problems = exerciseProblems({ ...shipped, contributions: wanted.data ?? shipped.contributions });
  if (problems.length > 0) return { status: 'refused', problems };
  return asCoach(async (asker): Promise<SharesOutcome> => {
    await changeExercise(asker, exerciseId, { contributions: wanted.data });
    return { status: 'saved' };
  });
}

/** Shares a custom exercise with the team, or makes it private again. */
export async function share(
  exerciseId: string,
  shared: boolean,
): Promise<{ readonly status: 'kept' } | { readonly status: 'gone' } | Unanswered> {
  if (!id.safeParse(exerciseId).success || typeof shared !== 'boolean') return { status: 'malformed' };
  return asCoach(async (asker) => ({
    status: (await shareExercise(asker, exerciseId, shared)) ? ('kept' as const) : ('gone' as const),
  }));
}
