import { Op, QueryTypes } from 'sequelize';
import type { Athlete, Place, SaveAthleteOutcome } from '@/core';
import { type Asker, ownRows } from '../asker';
import { database, transact } from '../database';
import { models } from '../models/models';
import { CURRENT_BLOCK, refreshAthlete } from './current-blocks';
import { athleteFrom, athleteOf, factsOf } from './stored-athlete';

export async function addAthlete(asker: Asker, athlete: Athlete): Promise<void> {
  const { id, name } = athlete;
  await models().athletes.create({
    id,
    coachId: asker.coachId,
    name,
    facts: factsOf(athlete),
    revision: 0,
    archivedAt: null,
    eraseAt: null,
  });
}

/** A stored athlete with the revision that a save must be based on. */
export interface StoredAthlete {
  readonly athlete: Athlete;
  readonly revision: number;
  readonly archived: boolean;
  /** When a deleted athlete is erased, ISO text; null: not deleted. */
  readonly eraseAt: string | null;
}

export async function findAthlete(asker: Asker, id: string): Promise<StoredAthlete | undefined> {
  const row = await models().athletes.findOne({ where: ownRows(asker, { id }) });
  if (row === null) return undefined;
  const { facts, revision, archivedAt, eraseAt } = row.get();
  return {
    athlete: await athleteOf(asker, facts),
    revision,
    archived: archivedAt !== null,
    eraseAt: eraseAt?.toISOString() ?? null,
  };
}

/**
 * Saves an athlete's changed facts.
 * @param base the revision the change was made from; any other is refused with the stored facts
 */
export async function saveAthlete(
  asker: Asker,
  athlete: Athlete,
  base: number,
  now: Date,
): Promise<SaveAthleteOutcome> {
  const outcome = await transact(async (transaction): Promise<SaveAthleteOutcome> => {
    const where = ownRows(asker, { id: athlete.id });
    const row = await models().athletes.findOne({ where, transaction, lock: transaction.LOCK.UPDATE });
    if (row === null) return { status: 'gone' };
    const { revision, facts } = row.get();
    if (revision !== base)
      return { status: 'stale', revision, theirs: await athleteOf(asker, facts, transaction) };
    await models().athletes.update(
      { name: athlete.name, facts: factsOf(athlete), revision: revision + 1 },
      { where, transaction },
    );
    return { status: 'saved', revision: revision + 1 };
  });
  // Loads and volume ranges depend on the athlete: alerts and proposals may have changed.
  if (outcome.status === 'saved') await refreshAthlete(asker, athlete.id, now);
  return outcome;
}

/**
 * Archives an athlete or restores them, including a deleted one; nothing is lost.
 * @returns whether the athlete exists
 */
export async function archiveAthlete(asker: Asker, id: string, at: Date | null): Promise<boolean> {
  const where = ownRows(asker, { id });
  if ((await models().athletes.count({ where })) === 0) return false;
  await models().athletes.update(at === null ? { archivedAt: at, eraseAt: null } : { archivedAt: at }, {
    where,
  });
  return true;
}

/** Days in which a deleted athlete can be restored. */
export const GRACE_DAYS = 14;
const DAY_MS = 86_400_000;

/**
 * Deletes an athlete: erased after a grace period in which they can be restored.
 * @returns whether the athlete exists
 */
export async function eraseAthlete(asker: Asker, id: string, now: Date): Promise<boolean> {
  const where = ownRows(asker, { id });
  if ((await models().athletes.count({ where })) === 0) return false;
  const eraseAt = new Date(now.getTime() + GRACE_DAYS * DAY_MS);
  await models().athletes.update({ archivedAt: now, eraseAt }, { where });
  return true;
}

/**
 * Erases athletes of any coach whose grace period is over, with everything: blocks, revisions, sent weeks, logs,
 * calls, measurements.
 */
export async function eraseAthletesDue(now: Date): Promise<number> {
  return models().athletes.destroy({ where: { eraseAt: { [Op.lte]: now } } });
}

/** Names of the coach's own and shared athletes for search, without archived ones. */
export async function athleteNames(
  asker: Asker,
  shown: readonly string[] = [],
): Promise<readonly { id: string; name: string; blockId: string | null }[]> {
  const rows = await database().query<{ id: string; name: string; blockId: string | null }>(
    `SELECT a.id, a.name, ${CURRENT_BLOCK} AS blockId
     FROM athletes a WHERE (a.coach_id = :coachId OR a.id IN (:shown)) AND a.archived_at IS NULL ORDER BY a.name`,
    {
      type: QueryTypes.SELECT,
      replacements: { coachId: asker.coachId, shown: shown.length === 0 ? [''] : shown },
    },
  );
  return rows;
}

/** The names of all athletes' places, each once. */
export async function placesOf(
  asker: Asker,
): Promise<readonly { readonly name: string; readonly equipment: Place['equipment'] }[]> {
  const rows = await models().athletes.findAll({
    where: ownRows(asker, { archivedAt: null }),
    order: [['name', 'ASC']],
  });
  const places = new Map<string, Place['equipment']>();
  for (const row of rows) {
    for (const { name, equipment } of athleteFrom(row.get().facts).places)
      if (!places.has(name)) places.set(name, equipment);
  }
  return [...places]
    .map(([name, equipment]) => ({ name, equipment }))
    .sort((a, b) => a.name.localeCompare(b.name));
}
