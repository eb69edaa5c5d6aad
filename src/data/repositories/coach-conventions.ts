import { literal, type Transaction } from 'sequelize';
import type { Conventions } from '@/core';
import { jsonOf } from '@/core';
import { decodeConventions } from '@/core/codecs';
import { type Asker, own } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import { stored } from './stored';

/** What a coach sets differently from the usual figures, for all athletes. */
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

/** Keeps them. Every athlete of the coach counts as changed, so that pages that are open follow. */
export async function keepCoachConventions(asker: Asker, conventions: Partial<Conventions>): Promise<void> {
  await transact(async (transaction) => {
    const { athletes, coaches } = models();
    await coaches.update({ conventions: jsonOf(conventions) }, { where: { id: asker.coachId }, transaction });
    // Counting up is the database's: no other change is written over.
    await athletes.update({ revision: literal('revision + 1') } as never, { where: own(asker), transaction });
  });
}
