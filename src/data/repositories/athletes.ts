import { QueryTypes } from 'sequelize';
import type { Athlete, Place, SaveAthleteOutcome } from '@/core';
import { type Asker, own } from '../asker';
import { database } from '../database';
import { models } from '../models/models';
import { refreshCalls } from './calls';
import { athleteFrom, athleteOf, factsOf } from './stored-athlete';
import { newestBlock } from './training';

export async function addAthlete(asker: Asker, athlete: Athlete): Promise<void> {
  const { id, name } = athlete;
  await models().athletes.create({
    id,
    coachId: asker.coachId,
    name,
    facts: factsOf(athlete),
    revision: 0,
    archivedAt: null,
  });
}

/** An athlete as stored, with the revision a change must start from. */
export interface StoredAthlete {
  readonly athlete: Athlete;
  readonly revision: number;
  readonly archived: boolean;
}

export async function findAthlete(asker: Asker, id: string): Promise<StoredAthlete | undefined> {
  const row = await models().athletes.findOne({ where: own(asker, { id }) });
  if (row === null) return undefined;
  const { facts, revision, archivedAt } = row.get();
  return { athlete: await athleteOf(asker, facts), revision, archived: archivedAt !== null };
}

/**
 * Keeps changed facts of an athlete.
 * @param base the revision the change was made from; another one is refused with the facts as they now stand
 */
export async function saveAthlete(
  asker: Asker,
  athlete: Athlete,
  base: number,
  now: Date,
): Promise<SaveAthleteOutcome> {
  const outcome = await database().transaction(async (transaction): Promise<SaveAthleteOutcome> => {
    const where = own(asker, { id: athlete.id });
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
  // Loads and landmarks follow the athlete: what waits for the coach may have changed.
  if (outcome.status === 'saved') {
    const blockId = await newestBlock(asker, athlete.id);
    if (blockId !== undefined) await refreshCalls(asker, blockId, now);
  }
  return outcome;
}

/** Takes an athlete off the roster, or puts them back; nothing is lost. @returns whether there is such an athlete */
export async function archiveAthlete(asker: Asker, id: string, at: Date | null): Promise<boolean> {
  const where = own(asker, { id });
  if ((await models().athletes.count({ where })) === 0) return false;
  await models().athletes.update({ archivedAt: at }, { where });
  return true;
}

/**
 * Erases an athlete with everything of theirs: blocks, revisions, issued weeks, logs, calls, measurements.
 * @returns whether there was such an athlete
 */
export async function eraseAthlete(asker: Asker, id: string): Promise<boolean> {
  return (await models().athletes.destroy({ where: own(asker, { id }) })) > 0;
}

/** One line of the roster. */
export interface RosterLine {
  readonly athleteId: string;
  readonly name: string;
  readonly level: Athlete['level'];
  readonly phases: Athlete['phases'];
  readonly archived: boolean;
  readonly block: { readonly id: string; readonly name: string; readonly weeks: number } | null;
  /** The week handed out last, with its sessions finished and planned. */
  readonly issued: { readonly week: number; readonly finished: number; readonly sessions: number } | null;
  readonly pendingCalls: number;
  /** Sessions in which pain was told and the coach has not marked it as seen. */
  readonly pains: number;
  /** ISO time of the last logged set. */
  readonly lastLog: string | null;
}

interface RosterRow {
  id: string;
  name: string;
  level: Athlete['level'];
  phases: string;
  archived: number;
  blockId: string | null;
  blockName: string | null;
  weeks: number | null;
  week: number | null;
  sessions: number | null;
  finished: number;
  lastLog: Date | null;
  pendingCalls: number;
  pains: number;
}

/** All athletes of a coach with where they stand, by name: one query, whatever their number. */
export async function roster(asker: Asker): Promise<readonly RosterLine[]> {
  const rows = await database().query<RosterRow>(
    `SELECT a.id, a.name, JSON_VALUE(a.facts, '$.level') AS level, JSON_QUERY(a.facts, '$.phases') AS phases,
       a.archived_at IS NOT NULL AS archived,
       b.id AS blockId, b.name AS blockName, b.weeks, i.week, i.session_count AS sessions,
       (SELECT COUNT(*) FROM workouts w WHERE w.issued_week_id = i.id AND w.finished_at IS NOT NULL) AS finished,
       (SELECT MAX(w.last_set_at) FROM workouts w WHERE w.block_id = b.id) AS lastLog,
       (SELECT COUNT(*) FROM calls c WHERE c.coach_id = a.coach_id AND c.status = 'pending' AND c.athlete_id = a.id) AS pendingCalls,
       (SELECT COUNT(*) FROM blocks p JOIN workouts w ON w.block_id = p.id
        WHERE p.coach_id = a.coach_id AND p.athlete_id = a.id AND w.hurt_at IS NOT NULL
          AND (w.hurt_seen_at IS NULL OR w.hurt_seen_at < w.hurt_at)) AS pains
     FROM athletes a
     LEFT JOIN blocks b ON b.id = (
       SELECT id FROM blocks WHERE coach_id = a.coach_id AND athlete_id = a.id ORDER BY created_at DESC LIMIT 1)
     LEFT JOIN issued_weeks i ON i.block_id = b.id AND i.standing = 1 AND i.week = (
       SELECT MAX(week) FROM issued_weeks WHERE block_id = b.id AND standing = 1)
     WHERE a.coach_id = :coachId
     ORDER BY a.name`,
    { type: QueryTypes.SELECT, replacements: { coachId: asker.coachId } },
  );
  return rows.map((row) => ({
    athleteId: row.id,
    name: row.name,
    level: row.level,
    phases: JSON.parse(row.phases) as Athlete['phases'],
    archived: Number(row.archived) === 1,
    block:
      row.blockId === null ? null : { id: row.blockId, name: row.blockName ?? '', weeks: Number(row.weeks) },
    issued:
      row.week === null
        ? null
        : { week: row.week, finished: Number(row.finished), sessions: Number(row.sessions) },
    pendingCalls: Number(row.pendingCalls),
    pains: Number(row.pains),
    lastLog: row.lastLog === null ? null : new Date(row.lastLog).toISOString(),
  }));
}

/** Names of the coach's athletes, for finding them; archived ones left out. */
export async function athleteNames(
  asker: Asker,
): Promise<readonly { id: string; name: string; blockId: string | null }[]> {
  const rows = await database().query<{ id: string; name: string; blockId: string | null }>(
    `SELECT a.id, a.name, (SELECT id FROM blocks b WHERE b.coach_id = a.coach_id AND b.athlete_id = a.id
       ORDER BY created_at DESC LIMIT 1) AS blockId
     FROM athletes a WHERE a.coach_id = :coachId AND a.archived_at IS NULL ORDER BY a.name`,
    { type: QueryTypes.SELECT, replacements: { coachId: asker.coachId } },
  );
  return rows;
}

/** The places of all athletes by name, each once. */
export async function placesOf(
  asker: Asker,
): Promise<readonly { readonly name: string; readonly equipment: Place['equipment'] }[]> {
  const rows = await models().athletes.findAll({
    where: own(asker, { archivedAt: null }),
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
