import { Op } from 'sequelize';
import { applyEdit, type Block, type RevisionLine } from '@/core';
import { type Asker, own } from '../asker';
import { models } from '../models/models';
import { blockFrom } from './stored-block';
import { findTraining, storedEdit } from './training';

/** How many revisions are listed. */
const MOST = 200;

/** The latest changes of a block, newest first: when, and what was done. */
export async function findRevisions(asker: Asker, blockId: string): Promise<readonly RevisionLine[]> {
  const rows = await models().revisions.findAll({
    where: own(asker, { blockId }),
    order: [['revision', 'DESC']],
    attributes: ['revision', 'action', 'edit', 'at'],
    limit: MOST,
  });
  return rows.map((row) => {
    const { revision, action, edit, at } = row.get();
    return { revision, action, edit: storedEdit(edit), at: at.toISOString() };
  });
}

/** The block as it was at a revision: the present one with every later change taken back. */
export async function findRevision(
  asker: Asker,
  blockId: string,
  revision: number,
): Promise<Block | undefined> {
  const { blocks, revisions } = models();
  const row = await blocks.findOne({ where: own(asker, { id: blockId }) });
  if (row === null || revision > row.get().revision || revision < 0) return undefined;
  const later = await revisions.findAll({
    where: own(asker, { blockId, revision: { [Op.gt]: revision } }),
    order: [['revision', 'DESC']],
    attributes: ['inverse'],
  });
  let block = blockFrom(row.get().document);
  for (const one of later) {
    const back = applyEdit(block, storedEdit(one.get().inverse));
    if (!back.ok) throw new Error(`a stored inverse does not apply: ${JSON.stringify(back.problems)}`);
    block = back.value.block;
  }
  return block;
}

/** The athlete's block before this one with all that happened in it; undefined where it is their first. */
export async function findBlockBefore(asker: Asker, blockId: string) {
  const { blocks } = models();
  const row = await blocks.findOne({
    where: own(asker, { id: blockId }),
    attributes: ['athleteId', 'createdAt'],
  });
  if (row === null) return undefined;
  const { athleteId, createdAt } = row.get();
  const before = await blocks.findOne({
    where: own(asker, { athleteId, createdAt: { [Op.lt]: createdAt } }),
    order: [['createdAt', 'DESC']],
    attributes: ['id'],
  });
  return before === null ? undefined : findTraining(asker, before.get().id);
}
