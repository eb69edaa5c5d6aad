import { Op } from 'sequelize';
import { type Asker, ownRows } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import type { PhoneAsker } from './phones';

/** Something a phone could not send because the server refused it. */
export interface RefusedItem {
  readonly id: string;
  /** JSON as sent by the phone. */
  readonly item: string;
  readonly why: string;
}

/**
 * Replaces the list of what a phone could not send: entries it no longer has are settled; those settled by the coach
 * stay settled.
 */
export async function storeRefused(
  { phoneId, coachId, athleteId }: PhoneAsker,
  items: readonly RefusedItem[],
  now: Date,
): Promise<void> {
  const { refusedItems } = models();
  await transact(async (transaction) => {
    const ids = items.map(({ id }) => id);
    await refusedItems.update(
      { settledAt: now },
      { where: { phoneId, settledAt: null, id: { [Op.notIn]: ids.length === 0 ? [''] : ids } }, transaction },
    );
    await refusedItems.bulkCreate(
      items.map((one) => ({ ...one, phoneId, coachId, athleteId, at: now, settledAt: null })),
      { updateOnDuplicate: ['why'], transaction },
    );
  });
}

/** Unsettled entries of an athlete's phones, oldest first. */
export async function listRefused(asker: Asker, athleteId: string): Promise<readonly RefusedItem[]> {
  const rows = await models().refusedItems.findAll({
    where: ownRows(asker, { athleteId, settledAt: null }),
    order: [['at', 'ASC']],
    limit: 200,
  });
  return rows.map((row) => {
    const { id, item, why } = row.get();
    return { id, item, why };
  });
}

/** Settles an entry for the coach; the phone keeps it until the athlete dismisses it. */
export async function settleRefusedItem(
  asker: Asker,
  athleteId: string,
  id: string,
  now: Date,
): Promise<void> {
  await models().refusedItems.update(
    { settledAt: now },
    { where: ownRows(asker, { athleteId, id, settledAt: null }) },
  );
}
