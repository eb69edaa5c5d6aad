import { literal, Op, type Transaction, type WhereOptions } from 'sequelize';
import type { Exercise } from '@/core';
import { decodeExercise } from '@/core/codecs';
import type { Asker } from '../asker';
import { database } from '../database';
import { models } from '../models/models';
import { stored } from './stored';

/** @throws Unreadable if the stored facts are not valid */
export function exerciseFrom(facts: string): Exercise {
  return stored('an exercise', decodeExercise, facts);
}

/** Rows a coach sees: their own, and those shared in their team. */
export function visibleTo({ coachId }: Asker): WhereOptions {
  const me = database().escape(coachId);
  const house = `(SELECT o.id FROM coaches o JOIN coaches m ON m.house_id = o.house_id WHERE m.id = ${me})`;
  // A coach is a member of their own team, whose coaches' rows have an index.
  return {
    [Op.and]: [{ coachId: { [Op.in]: literal(house) } }, { [Op.or]: [{ coachId }, { shared: true }] }],
  };
}

/** Every revision of the exercises a coach sees beside the library: custom ones, and those shared in the team. */
export async function ownExercises(asker: Asker, transaction?: Transaction): Promise<readonly Exercise[]> {
  const rows = await models().exercises.findAll({
    where: visibleTo(asker),
    order: [
      ['id', 'ASC'],
      ['revision', 'ASC'],
    ],
    ...(transaction === undefined ? {} : { transaction }),
  });
  return rows.map((row) => exerciseFrom(row.get().facts));
}
