import { Op } from 'sequelize';
import { type Asker, ownRows } from '../asker';
import { models } from '../models/models';
import { refreshCalls } from './calls';

/**
 * SQL that orders an athlete's blocks (`b`, with their states `s`) with the current one first: the running one (the
 * latest sent if several); otherwise the newest planned one; otherwise the last finished.
 */
export const OWN_FIRST = `CASE COALESCE(s.state, 'planned') WHEN 'running' THEN 0 WHEN 'planned' THEN 1 ELSE 2 END,
  s.issued_at DESC, b.created_at DESC`;

/** SQL for the id of an athlete's (`a`) current block. */
export const CURRENT_BLOCK = `(
  SELECT b.id FROM blocks b LEFT JOIN standings s ON s.block_id = b.id
  WHERE b.coach_id = a.coach_id AND b.athlete_id = a.id AND b.archived_at IS NULL AND b.deleted_at IS NULL
  ORDER BY ${OWN_FIRST} LIMIT 1)`;

/** Blocks of an athlete that are neither archived nor done. */
async function openBlocks(asker: Asker, athleteId: string): Promise<readonly string[]> {
  const { blocks, standings } = models();
  const rows = await blocks.findAll({
    where: ownRows(asker, { athleteId, archivedAt: null, deletedAt: null }),
    attributes: ['id'],
  });
  const ids = rows.map((row) => row.get().id);
  const done = await standings.findAll({
    where: ownRows(asker, { blockId: { [Op.in]: ids }, state: 'done' }),
    attributes: ['blockId'],
  });
  const over = new Set(done.map((row) => row.get().blockId));
  return ids.filter((id) => !over.has(id));
}

/** Updates calls after a change of an athlete that affects all of their blocks. */
export async function refreshAthlete(asker: Asker, athleteId: string, now: Date): Promise<void> {
  for (const blockId of await openBlocks(asker, athleteId)) await refreshCalls(asker, blockId, now);
}
