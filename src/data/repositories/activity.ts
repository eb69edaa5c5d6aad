import { QueryTypes } from 'sequelize';
import type { ActivityEntry } from '@/core';
import { type Asker, actorOf } from '../asker';
import { database } from '../database';
import { models } from '../models/models';
import { type About, athleteQuery } from './athlete-query';

/** An action and its object; see `Deed`. */
export type Done = Pick<ActivityEntry, 'what' | 'about'>;

/** Most actions listed. */
const MOST = 100;

/** Records an action on an athlete of the asker. For anybody else's athlete nothing is written. */
export async function recordActivity(
  asker: Asker,
  on: About,
  { what, about }: Done,
  now: Date,
): Promise<void> {
  const { from, id } = athleteQuery(on);
  await database().query(
    `INSERT INTO deeds (athlete_id, by_id, what, about, at)
     SELECT a.id, :by, :what, :about, :now FROM ${from} AND a.coach_id = :coachId`,
    {
      type: QueryTypes.INSERT,
      replacements: {
        by: actorOf(asker),
        what,
        about: about.slice(0, 200),
        now,
        id,
        coachId: asker.coachId,
      },
    },
  );
}

/** Coaches' actions on an athlete, latest first. */
export async function listActivity(asker: Asker, athleteId: string): Promise<readonly ActivityEntry[]> {
  const rows = await database().query<Omit<ActivityEntry, 'at'> & { at: Date }>(
    `SELECT d.what, d.about, d.at, c.name AS \`by\`
     FROM athletes a JOIN deeds d ON d.athlete_id = a.id LEFT JOIN coaches c ON c.id = d.by_id
     WHERE a.id = :athleteId AND a.coach_id = :coachId ORDER BY d.id DESC LIMIT ${MOST}`,
    { type: QueryTypes.SELECT, replacements: { athleteId, coachId: asker.coachId } },
  );
  return rows.map((row) => ({ ...row, at: new Date(row.at).toISOString() }));
}

/** Names of coaches by id. */
export async function coachNames(ids: readonly (string | null)[]): Promise<ReadonlyMap<string, string>> {
  const asked = [...new Set(ids.filter((id) => id !== null))];
  if (asked.length === 0) return new Map();
  const rows = await models().coaches.findAll({ where: { id: asked }, attributes: ['id', 'name'] });
  return new Map(rows.map((row) => [row.get().id, row.get().name]));
}
