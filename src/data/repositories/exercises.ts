import { randomUUID } from 'node:crypto';
import { chunk } from 'es-toolkit';
import { Op, QueryTypes, type Transaction } from 'sequelize';
import type { Block, Exercise, ExerciseUse, SaveExerciseOutcome, SingleEdit } from '@/core';
import { applyEdit, safeJson } from '@/core';
import { decodeBlock, encodeBlock } from '@/core/codecs';
import { exercisesIn } from '@/formats/archive/files';
import { type Asker, ownRows } from '../asker';
import { database, transact } from '../database';
import { models } from '../models/models';
import { revisionOf } from './blocks';
import { markChanged } from './calls';
import { exerciseFrom, ownExercises, visibleTo } from './own-exercises';
import { blockFrom } from './stored-block';

/**
 * Saves a custom exercise: revision 1 is new, a higher one follows the previous. Revisions are immutable.
 * @returns what was saved, with the blocks that use earlier revisions
 */
export async function saveExercise(
  asker: Asker,
  exercise: Exercise,
  now: Date,
): Promise<SaveExerciseOutcome> {
  const { exercises } = models();
  const outcome = await transact(async (transaction): Promise<SaveExerciseOutcome> => {
    // Searched for all coaches: an id used by anybody is taken.
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
        facts: safeJson(exercise),
        createdAt: now,
        shared: newest?.shared ?? false,
      },
      { transaction },
    );
    return { status: 'saved', exercise, uses: [] };
  });
  return outcome.status === 'saved' ? { ...outcome, uses: await exerciseUses(asker, exercise.id) } : outcome;
}

/** Exercises beside the library: by id, whether the team sees them, and whose they are. */
export async function sharing(
  asker: Asker,
): Promise<Readonly<Record<string, { readonly shared: boolean; readonly isOwn: boolean }>>> {
  const rows = await models().exercises.findAll({
    where: visibleTo(asker),
    attributes: ['id', 'coachId', 'shared'],
  });
  return Object.fromEntries(
    rows.map((row) => {
      const { id, coachId, shared } = row.get();
      return [id, { shared: Boolean(shared), isOwn: coachId === asker.coachId }];
    }),
  );
}

/** Shares every revision of a custom exercise with the team, or makes it private again. */
export async function shareExercise(asker: Asker, id: string, shared: boolean): Promise<boolean> {
  const where = ownRows(asker, { id });
  if ((await models().exercises.count({ where })) === 0) return false;
  await models().exercises.update({ shared }, { where });
  return true;
}

/** Shares those of the coach's custom exercises among some exercises with the team. */
export async function shareExercisesUsed(
  asker: Asker,
  held: readonly Exercise[],
  transaction?: Transaction,
): Promise<void> {
  const where = ownRows(asker, { id: [...new Set(held.map(({ id }) => id))] });
  await models().exercises.update(
    { shared: true },
    { where, ...(transaction === undefined ? {} : { transaction }) },
  );
}

/** Shares the coach's custom exercises used by something that is passed on. */
export async function shareOwnAmong(asker: Asker, handedOn: unknown): Promise<void> {
  await shareExercisesUsed(asker, exercisesIn(handedOn, await ownExercises(asker)));
}

/** Blocks of the coach's athletes that use an exercise, newest first. */
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

/** Blocks moved per transaction. */
const MOVED_AT_ONCE = 50;

/**
 * Moves every slot that uses an exercise to one of its revisions: one undoable step per block. A fixed number of
 * queries per fifty blocks.
 * @returns the blocks that could not be moved
 */
export async function adoptRevision(
  asker: Asker,
  blockIds: readonly string[],
  ref: { readonly id: string; readonly revision: number },
  now: Date,
): Promise<readonly string[]> {
  const revisions = await models().exercises.count({ where: { [Op.and]: [{ ...ref }, visibleTo(asker)] } });
  if (revisions === 0) return blockIds;
  const moved: string[] = [];
  for (const ids of chunk([...new Set(blockIds)], MOVED_AT_ONCE))
    moved.push(...(await transact((transaction) => moveBlocks(asker, ids, ref, now, transaction))));
  return blockIds.filter((id) => !moved.includes(id));
}

/** @returns the blocks at the revision */
async function moveBlocks(
  asker: Asker,
  ids: readonly string[],
  ref: { readonly id: string; readonly revision: number },
  now: Date,
  transaction: Transaction,
): Promise<readonly string[]> {
  const { blocks, revisions } = models();
  const rows = await blocks.findAll({
    where: ownRows(asker, { id: ids }),
    // Always in the same order, so that two concurrent moves wait for each other.
    order: [['id', 'ASC']],
    transaction,
    lock: transaction.LOCK.UPDATE,
  });
  const stand: string[] = [];
  const changed = rows.flatMap((row) => {
    const before = row.get();
    const edit = toRevision(blockFrom(before.document), ref);
    if (edit.edits.length === 0) stand.push(before.id);
    const applied = edit.edits.length === 0 ? null : applyEdit(blockFrom(before.document), edit);
    if (applied?.ok !== true || !decodeBlock(applied.value.block).ok) return [];
    const { block: after, inverse } = applied.value;
    const revision = before.revision + 1;
    const step = { id: randomUUID(), action: 'do' as const, edit };
    return [
      {
        step: revisionOf(asker, before.id, revision, { step, inverse, after }, now),
        block: { ...before, revision, document: encodeBlock(after), updatedAt: now },
      },
    ];
  });
  if (changed.length === 0) return stand;
  await revisions.bulkCreate(
    changed.map(({ step }) => step),
    { transaction },
  );
  await blocks.bulkCreate(
    changed.map(({ block }) => block),
    { updateOnDuplicate: ['revision', 'document', 'updatedAt'], transaction },
  );
  const moved = changed.map(({ block }) => block.id);
  await markChanged(asker, moved, transaction);
  return [...stand, ...moved];
}

/** The edit that moves a block's slots to a revision of their exercise. */
function toRevision(block: Block, ref: { readonly id: string; readonly revision: number }) {
  const edits = block.sessions
    .flatMap(({ slots }) => slots)
    .filter(({ exercise }) => exercise.id === ref.id && exercise.revision !== ref.revision)
    .map((slot): SingleEdit => ({ kind: 'slot/set', slot: slot.id, field: 'exercise', value: ref }));
  return { kind: 'batch' as const, edits };
}
