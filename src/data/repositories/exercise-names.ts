import type { Transaction } from 'sequelize';
import { type Exercise, withNames } from '@/core';
import { type Asker, ownRows } from '../asker';
import { models } from '../models/models';
import { ownExercises } from './own-exercises';

/** A coach's names for exercises, by exercise id. */
export async function exerciseNames(
  asker: Asker,
  transaction?: Transaction,
): Promise<Readonly<Record<string, string>>> {
  const rows = await models().exerciseNames.findAll({
    where: ownRows(asker),
    ...(transaction === undefined ? {} : { transaction }),
  });
  return Object.fromEntries(rows.map((row) => [row.get().exerciseId, row.get().name]));
}

/** Saves a coach's name for an exercise; null restores its own name. */
export async function renameExercise(asker: Asker, exerciseId: string, name: string | null): Promise<void> {
  const { exerciseNames: table } = models();
  if (name === null) await table.destroy({ where: ownRows(asker, { exerciseId }) });
  else await table.upsert({ coachId: asker.coachId, exerciseId, name });
}

/** Adds names; exercises already renamed keep theirs. */
export async function addNames(
  asker: Asker,
  names: Readonly<Record<string, string>>,
  transaction: Transaction,
): Promise<void> {
  const rows = Object.entries(names).map(([exerciseId, name]) => ({
    coachId: asker.coachId,
    exerciseId,
    name,
  }));
  await models().exerciseNames.bulkCreate(rows, { ignoreDuplicates: true, transaction });
}

/** The coach's custom exercises, and the shipped ones they renamed, under the coach's names. */
export async function namedExercises(asker: Asker, transaction?: Transaction): Promise<readonly Exercise[]> {
  const [exercises, names] = await Promise.all([
    ownExercises(asker, transaction),
    exerciseNames(asker, transaction),
  ]);
  return withNames(exercises, names);
}
