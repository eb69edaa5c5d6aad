import type { Transaction } from 'sequelize';
import { type Contributions, type Exercise, type OwnFacts, withOwnFacts } from '@/core';
import { type Asker, ownRows } from '../asker';
import { models } from '../models/models';
import { ownExercises } from './own-exercises';

/** What a coach changed of exercises in place, by exercise id. */
export async function ownFacts(
  asker: Asker,
  transaction?: Transaction,
): Promise<Readonly<Record<string, OwnFacts>>> {
  const rows = await models().exerciseNames.findAll({
    where: ownRows(asker),
    ...(transaction === undefined ? {} : { transaction }),
  });
  return Object.fromEntries(
    rows.map((row): [string, OwnFacts] => {
      const { exerciseId, name, contributions } = row.get();
      return [
        exerciseId,
        {
          ...(name === null ? {} : { name }),
          ...(contributions === null ? {} : { contributions: JSON.parse(contributions) as Contributions }),
        },
      ];
    }),
  );
}

/** Saves a coach's name or shares for an exercise; null restores its own, absent ones stay as they are. */
export async function changeExercise(
  asker: Asker,
  exerciseId: string,
  change: { readonly name?: string | null; readonly contributions?: Contributions | null },
): Promise<void> {
  const { exerciseNames: table } = models();
  const { name = null, contributions = null } = change;
  await table.upsert(rowOf(asker, exerciseId, { name, contributions }), {
    fields: ['coachId', 'exerciseId', ...(Object.keys(change) as (keyof typeof change)[])],
  });
  await table.destroy({ where: ownRows(asker, { exerciseId, name: null, contributions: null }) });
}

/** Adds names and shares; exercises already changed keep theirs. */
export async function addOwnFacts(
  asker: Asker,
  facts: Readonly<Record<string, OwnFacts>>,
  transaction: Transaction,
): Promise<void> {
  const rows = Object.entries(facts).map(([exerciseId, { name, contributions }]) =>
    rowOf(asker, exerciseId, { name: name ?? null, contributions: contributions ?? null }),
  );
  await models().exerciseNames.bulkCreate(rows, { ignoreDuplicates: true, transaction });
}

function rowOf(
  { coachId }: Asker,
  exerciseId: string,
  { name, contributions }: { readonly name: string | null; readonly contributions: Contributions | null },
) {
  return {
    coachId,
    exerciseId,
    name,
    contributions: contributions === null ? null : JSON.stringify(contributions),
  };
}

/** The coach's custom exercises, and the shipped ones they changed, with the coach's names and shares. */
export async function exercisesOf(asker: Asker, transaction?: Transaction): Promise<readonly Exercise[]> {
  const [exercises, facts] = await Promise.all([
    ownExercises(asker, transaction),
    ownFacts(asker, transaction),
  ]);
  return withOwnFacts(exercises, facts);
}
