import { randomUUID } from 'node:crypto';
import type { Model, Transaction } from 'sequelize';
import { Op } from 'sequelize';
import type { SaveOutcome, SentStep } from '@/core';
import { applyEdit, type Block, collides, cutsIssued, type Edit } from '@/core';
import { encodeBlock } from '@/core/codecs';
import { type Asker, own } from '../asker';
import { database } from '../database';
import { type IssuedRow, models, type RevisionRow } from '../models/models';
import { findAthlete } from './athletes';
import { refreshCalls } from './calls';
import { blockFrom } from './stored-block';

const SNAPSHOT_EVERY = 25;

/** Adds a block for one of the coach's athletes. @returns its id, or undefined when there is no such athlete */
export async function addBlock(
  asker: Asker,
  athleteId: string,
  block: Block,
  now: Date,
): Promise<string | undefined> {
  if ((await findAthlete(asker, athleteId)) === undefined) return undefined;
  const id = randomUUID();
  await models().blocks.create({
    id,
    coachId: asker.coachId,
    athleteId,
    revision: 0,
    document: encodeBlock(block),
    createdAt: now,
    updatedAt: now,
  });
  return id;
}

/**
 * Saves steps made from a revision. Steps on a stale revision are rebased when they touch other things than what came
 * between; a true collision is refused with the block as it now stands. Steps already saved are passed over.
 */
export async function saveSteps(
  asker: Asker,
  blockId: string,
  base: number,
  steps: readonly SentStep[],
  now: Date,
): Promise<SaveOutcome> {
  const outcome = await database().transaction(async (transaction) =>
    save(asker, blockId, base, steps, now, transaction),
  );
  if (outcome.status === 'saved' && steps.length > 0) await refreshCalls(asker, blockId, now);
  return outcome;
}

async function save(
  asker: Asker,
  blockId: string,
  base: number,
  steps: readonly SentStep[],
  now: Date,
  transaction: Transaction,
): Promise<SaveOutcome> {
  const { blocks, revisions } = models();
  const row = await blocks.findOne({
    where: own(asker, { id: blockId }),
    transaction,
    lock: transaction.LOCK.UPDATE,
  });
  if (row === null) return { status: 'gone' };
  const stored = row.get();
  let block = blockFrom(stored.document);
  let { revision } = stored;
  const known = await revisions.findAll({
    where: own(asker, { blockId, editId: steps.map(({ id }) => id) }),
    transaction,
  });
  const already = new Set(known.map((step) => step.get().editId));
  const between = await revisions.findAll({
    where: own(asker, { blockId, revision: { [Op.gt]: base } }),
    transaction,
  });
  const theirs = between.map((step) => step.get()).filter((step) => !already.has(step.editId));
  const theirEdits = theirs.map((step) => JSON.parse(step.edit) as Edit);

  let saved = 0;
  const rows: RevisionRow[] = [];
  const finish = async () => {
    if (rows.length === 0) return;
    await revisions.bulkCreate(rows, { transaction });
    await blocks.update(
      { revision, document: encodeBlock(block), updatedAt: now },
      { where: own(asker, { id: blockId }), transaction },
    );
  };
  for (const step of steps) {
    if (already.has(step.id)) {
      saved++;
      continue;
    }
    if (theirEdits.some((edit) => collides(block, step.edit, edit))) {
      await finish();
      return { status: 'collision', revision, theirs: block, saved };
    }
    const applied = applyEdit(block, step.edit);
    if (!applied.ok) {
      await finish();
      return { status: 'refused', revision, theirs: block, problems: applied.problems, saved };
    }
    const after = applied.value.block;
    const cuts =
      after.weeks < block.weeks
        ? cutsIssued(after, await lastBuildingIssued(asker, blockId, transaction))
        : [];
    if (cuts.length > 0) {
      await finish();
      return { status: 'refused', revision, theirs: block, problems: cuts, saved };
    }
    block = after;
    revision++;
    saved++;
    rows.push({
      blockId,
      revision,
      coachId: asker.coachId,
      editId: step.id,
      action: step.action,
      edit: JSON.stringify(step.edit),
      inverse: JSON.stringify(applied.value.inverse),
      document: revision % SNAPSHOT_EVERY === 0 ? encodeBlock(block) : null,
      at: now,
    });
  }
  await finish();
  return { status: 'saved', revision, merged: theirs.length === 0 ? null : block };
}

/** The number of the last building week that stands handed out; 0 without any. */
async function lastBuildingIssued(asker: Asker, blockId: string, transaction: Transaction): Promise<number> {
  const last = await models().issued.max<number | null, Model<IssuedRow, IssuedRow>>('week', {
    where: own(asker, { blockId, recalledAt: null, kind: 'building' }),
    transaction,
  });
  return last ?? 0;
}
