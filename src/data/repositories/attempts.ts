import { Op, QueryTypes } from 'sequelize';
import { database, transact } from '../database';
import { models } from '../models/models';
import { digest } from '../token';

/** A counter for attempts, and how many are free. */
export interface Counted {
  readonly by: string;
  readonly free: number;
}

const FIRST_WAIT_MS = 5_000;
const LONGEST_WAIT_MS = 15 * 60_000;
/** Time without attempts that resets the counter. */
const FORGET_MS = 60 * 60_000;

/**
 * How long the next attempt must wait: not while some are free, then five seconds, and twice as long after each.
 * @returns milliseconds; 0: allowed now
 */
export function waitFor(counted: {
  readonly count: number;
  readonly free: number;
  readonly since: number;
}): number {
  const { count, free, since } = counted;
  if (since >= FORGET_MS || count < free) return 0;
  const wait = Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** Math.min(20, count - free));
  return Math.max(0, wait - since);
}

const counterId = ({ by }: Counted) => digest(by);

/**
 * Counts an attempt on several counters before it is made: parallel attempts count too. An attempt that must wait is
 * not counted.
 * @returns seconds to wait; 0: allowed now
 */
export async function countAttempt(counted: readonly Counted[], now: Date): Promise<number> {
  const { tries } = models();
  const ids = counted.map(counterId).sort();
  return transact(async (transaction) => {
    for (const id of ids)
      await database().query(
        'INSERT INTO tries (id, count, at) VALUES (:id, 0, :now) ON DUPLICATE KEY UPDATE id = id',
        {
          type: QueryTypes.INSERT,
          replacements: { id, now },
          transaction,
        },
      );
    const rows = await tries.findAll({
      where: { id: ids },
      order: [['id', 'ASC']],
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    const stood = new Map(rows.map((row) => [row.get().id, row.get()]));
    const since = (one: Counted) => now.getTime() - (stood.get(counterId(one))?.at ?? now).getTime();
    const waits = counted.map((one) =>
      waitFor({ count: stood.get(counterId(one))?.count ?? 0, free: one.free, since: since(one) }),
    );
    const longest = Math.max(0, ...waits);
    if (longest > 0) return Math.ceil(longest / 1000);
    for (const one of counted) {
      const before = since(one) >= FORGET_MS ? 0 : (stood.get(counterId(one))?.count ?? 0);
      await tries.update({ count: before + 1, at: now }, { where: { id: counterId(one) }, transaction });
    }
    return 0;
  }, 'what is committed');
}

/**
 * Resets counters, or takes back the last attempt only, for a successful one on a counter that several people share.
 */
export async function resetAttempts(
  { own, common }: { readonly own: readonly Counted[]; readonly common: readonly Counted[] },
  now: Date,
): Promise<void> {
  const { tries } = models();
  await tries.destroy({ where: { id: own.map(counterId) } });
  await tries.decrement('count', { where: { id: common.map(counterId), count: { [Op.gt]: 0 } } });
  await tries.destroy({ where: { at: { [Op.lt]: new Date(now.getTime() - 24 * FORGET_MS) } } });
}
