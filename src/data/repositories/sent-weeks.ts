import { QueryTypes } from 'sequelize';
import type { Athlete, LocalDate, SessionOutline, WeekPlan } from '@/core';
import { decodeOutline } from '@/core/codecs';
import { type Asker, ownRows } from '../asker';
import { database } from '../database';
import { models } from '../models/models';
import { plain } from '../models/plain';
import { stored } from './stored';
import { athleteFrom } from './stored-athlete';

/** A session in a list of weeks, with its progress. */
export interface FloorWeekSession extends SessionOutline {
  readonly logged: number;
  readonly finished: boolean;
  /** When it was started; null: not yet. */
  readonly date: LocalDate | null;
}

/** A sent week in a list. */
export interface FloorWeek {
  readonly id: string;
  readonly week: number;
  readonly kind: WeekPlan['kind'];
  /** The coach's note with it. */
  readonly line: string | null;
  readonly sessions: readonly FloorWeekSession[];
}

/** The sent weeks of a block, without their contents. */
export interface FloorBlock {
  readonly athlete: Athlete;
  readonly cycleDays: number;
  /** The latest first. */
  readonly weeks: readonly FloorWeek[];
  /** Day of the athlete's last check-in. */
  readonly lastCheckIn: LocalDate | null;
}

interface DoneRow {
  readonly issuedWeekId: string;
  readonly sessionId: string;
  readonly date: string;
  readonly finished: number;
  readonly logged: number;
}

/**
 * A block's weeks for a list: three small queries that do not read the weeks' contents and count sets in the
 * database.
 */
export async function listSentWeeks(asker: Asker, blockId: string): Promise<FloorBlock | undefined> {
  const replacements = { coachId: asker.coachId, blockId };
  const select = { type: QueryTypes.SELECT as const, replacements };
  const [[block], planned, done] = await Promise.all([
    database().query<{ athleteId: string; facts: string; cycleDays: number; lastCheckIn: string | null }>(
      `SELECT a.facts, JSON_VALUE(b.document, '$.cycleDays') AS cycleDays,
         (SELECT DATE_FORMAT(MAX(c.local_date), '%Y-%m-%d') FROM check_ins c
          WHERE c.coach_id = b.coach_id AND c.athlete_id = b.athlete_id) AS lastCheckIn
       FROM blocks b JOIN athletes a ON a.id = b.athlete_id AND a.coach_id = b.coach_id
       WHERE b.coach_id = :coachId AND b.id = :blockId AND b.deleted_at IS NULL`,
      select,
    ),
    plain(models().issued, {
      where: ownRows(asker, { blockId, recalledAt: null }),
      attributes: ['id', 'week', 'kind', 'line', 'outline'],
      order: [['week', 'DESC']],
    }),
    database().query<DoneRow>(
      `SELECT w.issued_week_id AS issuedWeekId, w.session_id AS sessionId,
         DATE_FORMAT(w.local_date, '%Y-%m-%d') AS date, w.finished_at IS NOT NULL AS finished,
         COUNT(DISTINCT s.slot_id, s.set_id) AS logged
       FROM workouts w LEFT JOIN logged_sets s ON s.workout_id = w.id AND s.id NOT IN (
         SELECT c.supersedes FROM logged_sets c JOIN workouts v ON v.id = c.workout_id
         WHERE v.coach_id = :coachId AND v.block_id = :blockId AND c.supersedes IS NOT NULL)
       WHERE w.coach_id = :coachId AND w.block_id = :blockId GROUP BY w.id`,
      select,
    ),
  ]);
  if (block === undefined) return undefined;
  const standing = new Map(done.map((one) => [`${one.issuedWeekId}/${one.sessionId}`, one]));
  const sessionOf = (id: string, session: SessionOutline): FloorWeekSession => {
    const { date = null, finished = 0, logged = 0 } = standing.get(`${id}/${session.sessionId}`) ?? {};
    return { ...session, logged: Number(logged), finished: Number(finished) === 1, date };
  };
  return {
    athlete: athleteFrom(block.facts),
    cycleDays: Number(block.cycleDays),
    weeks: planned.map(({ id, week, kind, line, outline }) => ({
      id,
      week,
      kind,
      line,
      sessions: stored('the outline of a week', decodeOutline, outline).map((session) =>
        sessionOf(id, session),
      ),
    })),
    lastCheckIn: block.lastCheckIn,
  };
}
