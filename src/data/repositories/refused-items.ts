import { Op } from 'sequelize';
import { type Asker, own } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import type { PhoneAsker } from './phones';

/** Something a phone has that the server did not take. */
export interface RefusedItem {
  readonly id: string;
  /** JSON as the phone has it. */
  readonly item: string;
  readonly why: string;
}

/** What a phone has that was not taken, all of it: what it has no longer is settled, what the coach has settled stays so. */
export async function keepRefused(
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

/** What phones of an athlete have that was not taken and nobody has settled, oldest first. */
export async function refusedOf(asker: Asker, athleteId: string): Promise<readonly RefusedItem[]> {
  const rows = await models().refusedItems.findAll({
    where: own(asker, { athleteId, settledAt: null }),
    order: [['at', 'ASC']],
    limit: 200,
  });
  return rows.map((row) => {
    const { id, item, why } = row.get();
    return { id, item, why };
  });
}

/** Settles one of them for the coach; the phone keeps it until the athlete puts it away. */
export async function settleRefusedItem(
  asker: Asker,
  athleteId: string,
  id: string,
  now: Date,
): Promise<void> {
  await models().refusedItems.update(
    { settledAt: now },
    { where: own(asker, { athleteId, id, settledAt: null }) },
  );
}
