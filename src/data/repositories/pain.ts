import { QueryTypes } from 'sequelize';
import { type Asker, ownRows } from '../asker';
import { database } from '../database';
import { models } from '../models/models';

/** Workouts of an athlete with pain reported since the coach last marked it as seen. */
export async function unseenPain(asker: Asker, athleteId: string): Promise<readonly string[]> {
  const rows = await database().query<{ id: string }>(
    `SELECT w.id FROM blocks b JOIN workouts w ON w.block_id = b.id
     WHERE b.coach_id = :coachId AND b.athlete_id = :athleteId
       AND w.hurt_at IS NOT NULL AND (w.hurt_seen_at IS NULL OR w.hurt_seen_at < w.hurt_at)
     ORDER BY w.hurt_at DESC`,
    { type: QueryTypes.SELECT, replacements: { coachId: asker.coachId, athleteId } },
  );
  return rows.map(({ id }) => id);
}

/** Marks a session's pain as seen by the coach. */
export async function storePainSeen(asker: Asker, workoutId: string, now: Date): Promise<void> {
  await models().workouts.update({ hurtSeenAt: now }, { where: ownRows(asker, { id: workoutId }) });
}
