import { randomUUID } from 'node:crypto';
import { Op } from 'sequelize';
import { applyEdit, type Block, type Problem, type RevisionLine, safeJson } from '@/core';
import { decodeBlock, encodeBlock } from '@/core/codecs';
import { type Asker, actorOf, ownRows } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import { coachNames } from './activity';
import { blockFrom, storedEdit } from './stored-block';
import { findTraining } from './training';

/** Most revisions listed. */
const MOST = 200;

/** A block's latest changes, newest first: when, by whom, and what. */
export async function findRevisions(asker: Asker, blockId: string): Promise<readonly RevisionLine[]> {
  const rows = await models().revisions.findAll({
    where: ownRows(asker, { blockId }),
    order: [['revision', 'DESC']],
    attributes: ['revision', 'action', 'edit', 'at', 'byId'],
    limit: MOST,
  });
  const names = await coachNames(rows.map((row) => row.get().byId));
  return rows.map((row) => {
    const { revision, action, edit, at, byId } = row.get();
    return {
      revision,
      action,
      edit: storedEdit(edit),
      at: at.toISOString(),
      by: byId === null ? null : (names.get(byId) ?? null),
    };
  });
}

/**
 * The block at a revision: the nearest later snapshot, or the current document, with the steps after the revision
 * undone.
 */
export async function findRevision(
  asker: Asker,
  blockId: string,
  revision: number,
): Promise<Block | undefined> {
  const { blocks, revisions } = models();
  const row = await blocks.findOne({ where: ownRows(asker, { id: blockId }) });
  if (row === null || revision > row.get().revision || revision < 0) return undefined;
  const snapshot = await revisions.findOne({
    where: ownRows(asker, { blockId, revision: { [Op.gte]: revision }, document: { [Op.ne]: null } }),
    order: [['revision', 'ASC']],
    attributes: ['revision', 'document'],
  });
  const from = snapshot?.get().revision ?? row.get().revision;
  const later = await revisions.findAll({
    where: ownRows(asker, { blockId, revision: { [Op.gt]: revision, [Op.lte]: from } }),
    order: [['revision', 'DESC']],
    attributes: ['inverse'],
  });
  let block = blockFrom(snapshot?.get().document ?? row.get().document);
  for (const one of later) {
    const back = applyEdit(block, storedEdit(one.get().inverse));
    if (!back.ok) throw new Error(`a stored inverse does not apply: ${JSON.stringify(back.problems)}`);
    block = back.value.block;
  }
  return block;
}

/** A block whose document cannot be read, with its last readable revision. */
export interface BrokenBlock {
  readonly revision: number;
  readonly problems: readonly Problem[];
  readonly good: { readonly revision: number; readonly block: Block } | null;
}

/** What is wrong with a block's document; undefined if it can be read. */
export async function findBroken(asker: Asker, blockId: string): Promise<BrokenBlock | undefined> {
  const row = await models().blocks.findOne({ where: ownRows(asker, { id: blockId }) });
  if (row === null) return undefined;
  const { document, revision } = row.get();
  const read = decodeBlock(parsed(document));
  if (read.ok) return undefined;
  return { revision, problems: read.problems, good: await lastGood(asker, blockId, document) };
}

/**
 * The latest readable revision: later steps are undone one by one; if one cannot be, the nearest snapshot is used.
 */
async function lastGood(asker: Asker, blockId: string, document: string): Promise<BrokenBlock['good']> {
  const rows = await models().revisions.findAll({
    where: ownRows(asker, { blockId }),
    order: [['revision', 'DESC']],
    limit: MOST,
  });
  let unread = parsed(document);
  for (const { revision, inverse } of rows.map((row) => row.get())) {
    unread = withoutLastStep(unread, inverse);
    if (unread === undefined) break;
    const read = decodeBlock(unread);
    if (read.ok) return { revision: revision - 1, block: read.value };
  }
  for (const { revision, document: snapshot } of rows.map((row) => row.get())) {
    const read = snapshot === null ? undefined : decodeBlock(parsed(snapshot));
    if (read?.ok) return { revision, block: read.value };
  }
  return null;
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** An unchecked document with its last step undone; undefined if that is impossible. */
function withoutLastStep(unread: unknown, inverse: string): unknown {
  try {
    const back = applyEdit(unread as Block, storedEdit(inverse));
    return back.ok ? back.value.block : undefined;
  } catch {
    return undefined;
  }
}

/**
 * Replaces an unreadable document with the last readable revision, as a new revision.
 * @returns whether there was something to restore
 */
export async function restoreLastGood(asker: Asker, blockId: string, now: Date): Promise<boolean> {
  const broken = await findBroken(asker, blockId);
  if (broken?.good == null) return false;
  const { revision, good } = broken;
  const document = encodeBlock(good.block);
  // The change from the damaged document cannot be expressed as an edit; the snapshot of this revision replaces it.
  const edit = safeJson({ kind: 'block/set', field: 'name', value: good.block.name });
  await transact(async (transaction) => {
    // The step that led to the damage is not in the restored block: undoing it changes nothing, and undo skips it.
    await models().revisions.update(
      { inverse: edit, document: null },
      {
        where: ownRows(asker, { blockId, revision: { [Op.gt]: good.revision, [Op.lte]: revision } }),
        transaction,
      },
    );
    await models().revisions.create(
      {
        blockId,
        revision: revision + 1,
        coachId: asker.coachId,
        editId: randomUUID(),
        action: 'do',
        edit,
        inverse: edit,
        document,
        at: now,
        byId: actorOf(asker),
      },
      { transaction },
    );
    await models().blocks.update(
      { document, revision: revision + 1, updatedAt: now },
      { where: ownRows(asker, { id: blockId }), transaction },
    );
  });
  return true;
}

/** The athlete's previous block with all of its data; undefined if it is their first. */
export async function findBlockBefore(asker: Asker, blockId: string) {
  const { blocks } = models();
  const row = await blocks.findOne({
    where: ownRows(asker, { id: blockId }),
    attributes: ['athleteId', 'createdAt'],
  });
  if (row === null) return undefined;
  const { athleteId, createdAt } = row.get();
  const before = await blocks.findOne({
    where: ownRows(asker, { athleteId, createdAt: { [Op.lt]: createdAt } }),
    order: [['createdAt', 'DESC']],
    attributes: ['id'],
  });
  return before === null ? undefined : findTraining(asker, before.get().id);
}
