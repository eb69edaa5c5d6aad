import type { Transaction } from 'sequelize';
import type { Exercise } from '@/core';
import { decodeExercise } from '@/core/codecs';
import { type Asker, own } from '../asker';
import { models } from '../models/models';
import { stored } from './stored';

/** @throws Unreadable where the facts do not pass their codec */
export function exerciseFrom(facts: string): Exercise {
  return stored('an exercise', decodeExercise, facts);
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
