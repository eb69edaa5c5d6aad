import { QueryTypes } from 'sequelize';
import { type Athlete, decodeAthlete } from '@/core';
import { type Asker, own } from '../asker';
import { database } from '../database';
import { models } from '../models/models';

/** Reads a stored athlete; a row that does not pass the codec is a bug, not input. */
export function athleteFrom(facts: string): Athlete {
  const decoded = decodeAthlete(JSON.parse(facts));
  if (!decoded.ok) throw new Error(`stored athlete is malformed: ${JSON.stringify(decoded.problems)}`);
  return decoded.value;
}

export async function addAthlete(asker: Asker, athlete: Athlete): Promise<void> {
  const { id, name } = athlete;
  await models().athletes.create({ id, coachId: asker.coachId, name, facts: JSON.stringify(athlete) });
}

export async function findAthlete(asker: Asker, id: string): Promise<Athlete | undefined> {
  const row = await models().athletes.findOne({ where: own(asker, { id }) });
  return row === null ? undefined : athleteFrom(row.get().facts);
}

/** One line of the roster. */
export interface RosterLine {
  readonly athleteId: string;
  readonly name: string;
  readonly level: Athlete['level'];
  readonly phases: Athlete['phases'];
  readonly block: { readonly id: string; readonly name: string; readonly weeks: number } | null;
  /** The week handed out last, with its sessions finished and planned. */
  readonly issued: { readonly week: number; readonly finished: number; readonly sessions: number } | null;
  readonly openCalls: number;
  /** ISO time of the last logged set. */
  readonly lastLog: string | null;
}

interface RosterRow {
  id: string;
  name: string;
  level: Athlete['level'];
  phases: string;
  blockId: string | null;
  blockName: string | null;
  weeks: number | null;
  week: number | null;
  sessions: number | null;
  finished: number;
  lastLog: Date | null;
  openCalls: number;
}

/** All athletes of a coach with where they stand, by name: one query, whatever their number. */
export async function roster(asker: Asker): Promise<readonly RosterLine[]> {
  const rows = await database().query<RosterRow>(
    `SELECT a.id, a.name, JSON_VALUE(a.facts, '$.level') AS level, JSON_QUERY(a.facts, '$.phases') AS phases,
       b.id AS blockId, b.name AS blockName, b.weeks, i.week, i.sessions,
       (SELECT COUNT(*) FROM workouts w WHERE w.issued_week_id = i.id AND w.finished_at IS NOT NULL) AS finished,
       (SELECT MAX(w.last_set_at) FROM workouts w WHERE w.block_id = b.id) AS lastLog,
       (SELECT COUNT(*) FROM calls c WHERE c.coach_id = a.coach_id AND c.status = 'open' AND c.athlete_id = a.id) AS openCalls
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
    block:
      row.blockId === null ? null : { id: row.blockId, name: row.blockName ?? '', weeks: Number(row.weeks) },
    issued:
      row.week === null
        ? null
        : { week: row.week, finished: Number(row.finished), sessions: Number(row.sessions) },
    openCalls: Number(row.openCalls),
    lastLog: row.lastLog === null ? null : new Date(row.lastLog).toISOString(),
  }));
}
