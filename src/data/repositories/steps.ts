import { Op, type Transaction } from 'sequelize';
import type { Edit } from '@/core';
import { type Asker, own } from '../asker';
import { models } from '../models/models';
import { storedEdit } from './stored-block';

/** The steps that have come to stand after a revision, in order. */
export async function stepsSince(
  asker: Asker,
  blockId: string,
  revision: number,
  transaction?: Transaction,
): Promise<readonly { readonly id: string; readonly edit: Edit }[]> {
  const rows = await models().revisions.findAll({
    where: own(asker, { blockId, revision: { [Op.gt]: revision } }),
    order: [['revision', 'ASC']],
    attributes: ['editId', 'edit'],
    ...(transaction === undefined ? {} : { transaction }),
  });
  return rows.map((row) => ({ id: row.get().editId, edit: storedEdit(row.get().edit) }));
}
