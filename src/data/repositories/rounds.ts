import { QueryTypes } from 'sequelize';
import { dayIn } from '@/core';
import type { Asker } from '../asker';
import { database, transact } from '../database';
import { eraseAthletesDue } from './athletes';
import { eraseDeleted } from './block-list';
import { LONG_AGO, refreshCalls } from './calls';

/** Milliseconds a process may take for a block before another claims it. */
const CLAIM_MS = 5 * 60_000;

interface Due {
  readonly id: string;
  readonly coachId: string;
  readonly timeZone: string;
  readonly day: string | null;
}

/**
 * Updates every block whose athlete's day has changed since its last update, or that was edited since. Safe with
 * several processes: each block is claimed by one, and a repeated update gives the same result.
 * @param pause between two blocks, so that requests are served meanwhile
 * @param isWhole whether to also find blocks never updated, which takes longer the more there are: creating a block
 * updates it, so there are none unless that failed
 * @returns how many were updated
 */
export async function refreshDueBlocks(
  now: Date,
  pause: () => Promise<void> = async () => {},
  isWhole = true,
): Promise<number> {
  await eraseDeleted(now);
  await eraseAthletesDue(now);
  let count = 0;
  for (const block of [...(await dueBlocks(now)), ...(isWhole ? await unseenBlocks() : [])]) {
    if (!(await claim(block, now))) continue;
    // A failed update is retried when its claim has expired.
    if (await tryRefresh(block, now)) count++;
    await pause();
  }
  return count;
}

/** Most blocks updated before a desk is shown; only moving many blocks to a new exercise revision changes more. */
const MOST_AT_ONCE = 20;

/** Updates a coach's own and shared blocks that changed since the last round. */
export async function refreshChangedBlocks(
  { coachId }: Asker,
  shown: readonly string[],
  now: Date,
): Promise<void> {
  const changed = await database().query<{ id: string; coachId: string }>(
    `SELECT block_id AS id, coach_id AS coachId FROM standings
     WHERE day = :changed AND (coach_id = :coachId OR athlete_id IN (:shown)) LIMIT ${MOST_AT_ONCE}`,
    {
      type: QueryTypes.SELECT,
      replacements: { changed: LONG_AGO, coachId, shown: shown.length === 0 ? [''] : shown },
    },
  );
  for (const block of changed) await tryRefresh(block, now);
}

/** Whether a block could be updated: a failure does not affect the others. */
async function tryRefresh({ id, coachId }: Pick<Due, 'id' | 'coachId'>, now: Date): Promise<boolean> {
  return refreshCalls({ coachId }, id, now).then(
    () => true,
    () => false,
  );
}

async function dueBlocks(now: Date): Promise<readonly Due[]> {
  // A finished block does not change with the day. The query assumes the latest date on earth; each block's own time
  // zone decides.
  const tomorrow = new Date(now.getTime() + 86_400_000).toISOString().slice(0, 10);
  const rows = await database().query<Due>(
    `SELECT b.id, b.coach_id AS coachId, JSON_VALUE(a.facts, '$.timeZone') AS timeZone,
       DATE_FORMAT(s.day, '%Y-%m-%d') AS day
     FROM standings s JOIN blocks b ON b.id = s.block_id JOIN athletes a ON a.id = b.athlete_id
     WHERE b.archived_at IS NULL AND b.deleted_at IS NULL AND a.archived_at IS NULL
       AND ((s.state IN ('planned', 'running') AND s.day < :tomorrow) OR (s.state = 'done' AND s.day = :edited))`,
    { type: QueryTypes.SELECT, replacements: { tomorrow, edited: LONG_AGO } },
  );
  return rows.filter(({ timeZone, day }) => day === null || day < dayIn(timeZone, now));
}

/** Blocks that were never updated. */
async function unseenBlocks(): Promise<readonly Due[]> {
  return database().query<Due>(
    `SELECT b.id, b.coach_id AS coachId, NULL AS timeZone, NULL AS day
     FROM blocks b JOIN athletes a ON a.id = b.athlete_id LEFT JOIN standings s ON s.block_id = b.id
     WHERE s.block_id IS NULL AND b.archived_at IS NULL AND b.deleted_at IS NULL AND a.archived_at IS NULL`,
    { type: QueryTypes.SELECT },
  );
}

/** Claims a block, unless another process has. */
async function claim({ id, day }: Due, now: Date): Promise<boolean> {
  if (day === null) return true;
  const [, claimed] = await transact((transaction) =>
    database().query(
      `UPDATE standings SET claimed_at = :now
       WHERE block_id = :id AND day = :day AND (claimed_at IS NULL OR claimed_at < :before)`,
      {
        type: QueryTypes.UPDATE,
        replacements: { id, day, now, before: new Date(now.getTime() - CLAIM_MS) },
        transaction,
      },
    ),
  );
  return claimed > 0;
}
