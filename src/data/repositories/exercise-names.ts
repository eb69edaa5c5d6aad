import type { Transaction } from 'sequelize';
import { type Exercise, withNames } from '@/core';
import { type Asker, own } from '../asker';
import { models } from '../models/models';
import { ownExercises } from './own-exercises';

/** What a coach calls exercises in place of their own names, by exercise id. */
export async function exerciseNames(
  asker: Asker,
  transaction?: Transaction,
): Promise<Readonly<Record<string, string>>> {
  const rows = await models().exerciseNames.findAll({
    where: own(asker),
    ...(transaction === undefined ? {} : { transaction }),
  });
  return Object.fromEntries(rows.map((row) => [row.get().exerciseId, row.get().name]));
}

/** Keeps a coach's name for an exercise; null returns it to its own name. */
export async function renameExercise(asker: Asker, exerciseId: string, name: string | null): Promise<void> {
  const { exerciseNames: table } = models();
  if (name === null) await table.destroy({ where: own(asker, { exerciseId }) });
  else await table.upsert({ coachId: asker.coachId, exerciseId, name });
}

/** Adds names to those a coach has; an exercise that has one keeps it. */
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

/** The coach's own exercises, and the shipped ones they have renamed, all under the coach's names. */
export async function namedExercises(asker: Asker, transaction?: Transaction): Promise<readonly Exercise[]> {
  const [exercises, names] = await Promise.all([
    ownExercises(asker, transaction),
    exerciseNames(asker, transaction),
  ]);
  return withNames(exercises, names);
}
