import type { Transaction } from 'sequelize';
import type { Exercise } from '@/core';
import { decodeExercise } from '@/core/codecs';
import { type Asker, own } from '../asker';
import { models } from '../models/models';

/** Reads a stored exercise; one that does not pass the codec is a bug, not input. */
export function exerciseFrom(facts: string): Exercise {
  const decoded = decodeExercise(JSON.parse(facts));
  if (!decoded.ok) throw new Error(`stored exercise is malformed: ${JSON.stringify(decoded.problems)}`);
  return decoded.value;
}

/** Every revision of a coach's own exercises. */
export async function ownExercises(asker: Asker, transaction?: Transaction): Promise<readonly Exercise[]> {
  const rows = await models().exercises.findAll({
    where: own(asker),
    order: [
      ['id', 'ASC'],
      ['revision', 'ASC'],
    ],
    ...(transaction === undefined ? {} : { transaction }),
  });
  return rows.map((row) => exerciseFrom(row.get().facts));
}
