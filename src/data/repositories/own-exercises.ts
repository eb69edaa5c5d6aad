import { literal, Op, type Transaction, type WhereOptions } from 'sequelize';
import type { Exercise } from '@/core';
import { decodeExercise } from '@/core/codecs';
import type { Asker } from '../asker';
import { database } from '../database';
import { models } from '../models/models';
import { stored } from './stored';

/** @throws Unreadable where the facts do not pass their codec */
export function exerciseFrom(facts: string): Exercise {
  return stored('an exercise', decodeExercise, facts);
}

/** Rows a coach sees: their own, and those that others of their house share. */
export function seenBy({ coachId }: Asker): WhereOptions {
  const me = database().escape(coachId);
  const house = `(SELECT o.id FROM coaches o JOIN coaches m ON m.house_id = o.house_id WHERE m.id = ${me})`;
  // A coach is of their own house: found by its coaches, whose rows the index has.
  return {
    [Op.and]: [{ coachId: { [Op.in]: literal(house) } }, { [Op.or]: [{ coachId }, { shared: true }] }],
  };
}

/** Every revision of the exercises a coach has beside the library: their own, and those their house shares. */
export async function ownExercises(asker: Asker, transaction?: Transaction): Promise<readonly Exercise[]> {
  const rows = await models().exercises.findAll({
    where: seenBy(asker),
    order: [
      ['id', 'ASC'],
      ['revision', 'ASC'],
    ],
    ...(transaction === undefined ? {} : { transaction }),
  });
  return rows.map((row) => exerciseFrom(row.get().facts));
}
