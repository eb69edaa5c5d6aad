import { literal, type Transaction } from 'sequelize';
import type { Conventions } from '@/core';
import { safeJson } from '@/core';
import { decodeConventions } from '@/core/codecs';
import { type Asker, ownRows } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import { stored } from './stored';

/** A coach's rules for all athletes. */
export async function coachConventions(
  asker: Asker,
  transaction?: Transaction,
): Promise<Partial<Conventions>> {
  const row = await models().coaches.findByPk(asker.coachId, {
    attributes: ['conventions'],
    ...(transaction === undefined ? {} : { transaction }),
  });
  return row === null ? {} : stored('a coach’s conventions', decodeConventions, row.get().conventions);
}

/** Saves them. Every athlete of the coach counts as changed, so that open pages follow. */
export async function saveCoachConventions(asker: Asker, conventions: Partial<Conventions>): Promise<void> {
  await transact(async (transaction) => {
    const { athletes, coaches } = models();
    await coaches.update(
      { conventions: safeJson(conventions) },
      { where: { id: asker.coachId }, transaction },
    );
    // The database increments the revision, so that no concurrent change is overwritten.
    await athletes.update({ revision: literal('revision + 1') } as never, {
      where: ownRows(asker),
      transaction,
    });
  });
}
