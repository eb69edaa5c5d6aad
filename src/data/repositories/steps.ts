import { Op, type Transaction } from 'sequelize';
import type { Edit } from '@/core';
import { type Asker, ownRows } from '../asker';
import { models } from '../models/models';
import { storedEdit } from './stored-block';

/**
 * Whether a block ever had the revision a page claims to start from. After a restored backup, later revisions no
 * longer exist and their numbers are skipped.
 */
export async function isKnownRevision(
  asker: Asker,
  blockId: string,
  { asked, stored }: { readonly asked: number; readonly stored: number },
  transaction?: Transaction,
): Promise<boolean> {
  if (asked === stored || asked === 0) return true;
  if (asked < 0 || asked > stored) return false;
  const where = ownRows(asker, { blockId, revision: asked });
  return (
    (await models().revisions.count({ where, ...(transaction === undefined ? {} : { transaction }) })) > 0
  );
}

/** The steps after a revision, in order. */
export async function stepsSince(
  asker: Asker,
  blockId: string,
  revision: number,
  transaction?: Transaction,
): Promise<readonly { readonly id: string; readonly edit: Edit }[]> {
  const rows = await models().revisions.findAll({
    where: ownRows(asker, { blockId, revision: { [Op.gt]: revision } }),
    order: [['revision', 'ASC']],
    attributes: ['editId', 'edit'],
    ...(transaction === undefined ? {} : { transaction }),
  });
  return rows.map((row) => ({ id: row.get().editId, edit: storedEdit(row.get().edit) }));
}
