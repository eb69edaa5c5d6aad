import { Op, QueryTypes, type Transaction } from 'sequelize';
import type { Exercise, ExerciseUse, SaveExerciseOutcome, SingleEdit } from '@/core';
import { jsonOf } from '@/core';
import { exercisesIn } from '@/formats/archive/files';
import { type Asker, own } from '../asker';
import { database, transact } from '../database';
import { models } from '../models/models';
import { saveSteps } from './blocks';
import { exerciseFrom, ownExercises, seenBy } from './own-exercises';
import { blockFrom } from './stored-block';

/**
 * Keeps an exercise of the coach's own: revision 1 is new, a higher one follows the one before it. Revisions are never
 * changed.
 * @returns what was kept with the blocks that use earlier revisions
 */
export async function saveExercise(
  asker: Asker,
  exercise: Exercise,
  now: Date,
): Promise<SaveExerciseOutcome> {
  const { exercises } = models();
  const outcome = await transact(async (transaction): Promise<SaveExerciseOutcome> => {
    // Looked for without the coach: an id that is taken by somebody else is taken.
    const rows = await exercises.findAll({
      where: { id: exercise.id },
      order: [['revision', 'DESC']],
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    const newest = rows[0]?.get();
    if (newest !== undefined && newest.coachId !== asker.coachId) return { status: 'gone' };
    if (exercise.revision !== (newest?.revision ?? 0) + 1)
      return newest === undefined
        ? { status: 'gone' }
        : { status: 'stale', newest: exerciseFrom(newest.facts) };
    const { id, revision } = exercise;
    await exercises.create(
      {
        id,
        revision,
        coachId: asker.coachId,
        facts: jsonOf(exercise),
        createdAt: now,
        shared: newest?.shared ?? false,
      },
      { transaction },
    );
    return { status: 'saved', exercise, uses: [] };
  });
  return outcome.status === 'saved' ? { ...outcome, uses: await exerciseUses(asker, exercise.id) } : outcome;
}

/** Exercises beside the library as their coach has them: by id, whether all of the house see them, and whose they are. */
export async function sharing(
  asker: Asker,
): Promise<Readonly<Record<string, { readonly shared: boolean; readonly isOwn: boolean }>>> {
  const rows = await models().exercises.findAll({
    where: seenBy(asker),
    attributes: ['id', 'coachId', 'shared'],
  });
  return Object.fromEntries(
    rows.map((row) => {
      const { id, coachId, shared } = row.get();
      return [id, { shared: Boolean(shared), isOwn: coachId === asker.coachId }];
    }),
  );
}

/** Shares every revision of one of the coach's own exercises with their house, or keeps it to themself again. */
export async function shareExercise(asker: Asker, id: string, shared: boolean): Promise<boolean> {
  const where = own(asker, { id });
  if ((await models().exercises.count({ where })) === 0) return false;
  await models().exercises.update({ shared }, { where });
  return true;
}

/** Shares the coach's own among some exercises with their house: those that stand in what is handed on. */
export async function shareHeld(
  asker: Asker,
  held: readonly Exercise[],
  transaction?: Transaction,
): Promise<void> {
  const where = own(asker, { id: [...new Set(held.map(({ id }) => id))] });
  await models().exercises.update(
    { shared: true },
    { where, ...(transaction === undefined ? {} : { transaction }) },
  );
}

/** Shares the coach's own among the exercises of what is handed on, whatever it is, with their house. */
export async function lendExercises(asker: Asker, handedOn: unknown): Promise<void> {
  await shareHeld(asker, exercisesIn(handedOn, await ownExercises(asker)));
}

/** Blocks of the coach's athletes in which an exercise stands, newest first. */
export async function exerciseUses(asker: Asker, exerciseId: string): Promise<readonly ExerciseUse[]> {
  const rows = await database().query<{ id: string; document: string; name: string }>(
    `SELECT b.id, b.document, a.name FROM blocks b JOIN athletes a ON a.id = b.athlete_id
     WHERE b.coach_id = :coachId AND JSON_CONTAINS(JSON_EXTRACT(b.document, '$.sessions[*].slots[*].exercise.id'), JSON_QUOTE(:exerciseId))
     ORDER BY b.created_at DESC`,
    { type: QueryTypes.SELECT, replacements: { coachId: asker.coachId, exerciseId } },
  );
  return rows.map(({ id, document, name }) => {
    const block = blockFrom(document);
    return {
      blockId: id,
      blockName: block.name,
      athleteName: name,
      slots: block.sessions.flatMap((session) =>
        session.slots
          .filter(({ exercise }) => exercise.id === exerciseId)
          .map((slot) => ({ slotId: slot.id, session: session.name, revision: slot.exercise.revision })),
      ),
    };
  });
}

/** Moves every slot of a block that uses an exercise to one of its revisions: one step, which undo takes back. */
export async function adoptRevision(
  asker: Asker,
  blockId: string,
  ref: { readonly id: string; readonly revision: number },
  stepId: string,
  now: Date,
): Promise<boolean> {
  const revisions = await models().exercises.count({ where: { [Op.and]: [{ ...ref }, seenBy(asker)] } });
  const row = await models().blocks.findOne({ where: own(asker, { id: blockId }) });
  if (revisions === 0 || row === null) return false;
  const { document, revision } = row.get();
  const edits = blockFrom(document)
    .sessions.flatMap(({ slots }) => slots)
    .filter(({ exercise }) => exercise.id === ref.id && exercise.revision !== ref.revision)
    .map((slot): SingleEdit => ({ kind: 'slot/set', slot: slot.id, field: 'exercise', value: ref }));
  if (edits.length === 0) return true;
  const step = { id: stepId, action: 'do' as const, edit: { kind: 'batch' as const, edits } };
  const outcome = await saveSteps(asker, blockId, revision, [step], now);
  return outcome.status === 'saved';
}
