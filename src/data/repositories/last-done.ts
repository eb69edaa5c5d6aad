import { QueryTypes } from 'sequelize';
import { currentSets, type LoggedSet } from '@/core';
import type { Asker } from '../asker';
import { database } from '../database';
import type { LoggedSetRow } from '../models/rows';
import { loggedSetFrom } from './stored-log';

/** The sets of an exercise in the last session with it, in order. */
export interface LastSession {
  readonly date: string;
  readonly sets: readonly LoggedSet[];
}

/**
 * When exercises were last done in an athlete's other blocks: for each the sets of one session in their corrected
 * form, without deloads and days made easier. One query for any number.
 */
export async function lastDoneElsewhere(
  asker: Asker,
  athleteId: string,
  exerciseIds: readonly string[],
  blockId: string,
): Promise<ReadonlyMap<string, LastSession>> {
  if (exerciseIds.length === 0) return new Map();
  const rows = await database().query<LoggedSetRow & { localDate: string }>(
    `WITH done AS (
       SELECT s.exercise_id, s.workout_id,
         ROW_NUMBER() OVER (PARTITION BY s.exercise_id ORDER BY MAX(s.done_at) DESC) AS nth
       FROM logged_sets s JOIN workouts w ON w.id = s.workout_id JOIN blocks b ON b.id = w.block_id
         JOIN issued_weeks i ON i.id = w.issued_week_id AND i.kind <> 'deload'
       WHERE b.coach_id = :coachId AND b.athlete_id = :athleteId AND b.id <> :blockId AND w.rescue IS NULL
         AND s.exercise_id IN (:exerciseIds)
       GROUP BY s.exercise_id, s.workout_id)
     SELECT s.id, s.coach_id AS coachId, s.workout_id AS workoutId, s.slot_id AS slotId, s.set_id AS setId,
       s.exercise_id AS exerciseId, s.load_value AS loadValue, s.load_unit AS loadUnit, s.reps, s.rir, s.more,
       s.measures_strength AS measuresStrength, s.done_at AS doneAt, s.received_at AS receivedAt, s.supersedes,
       DATE_FORMAT(w.local_date, '%Y-%m-%d') AS localDate
     FROM done d JOIN logged_sets s ON s.workout_id = d.workout_id AND s.exercise_id = d.exercise_id
       JOIN workouts w ON w.id = s.workout_id
     WHERE d.nth = 1 ORDER BY s.done_at, s.received_at, s.id`,
    {
      type: QueryTypes.SELECT,
      replacements: { coachId: asker.coachId, athleteId, exerciseIds: [...exerciseIds], blockId },
    },
  );
  const dates = new Map(rows.map(({ exerciseId, localDate }) => [exerciseId, localDate]));
  const logged = rows.map((row) => loggedSetFrom({ ...row, doneAt: new Date(row.doneAt) }));
  const found = new Map<string, LoggedSet[]>();
  for (const places of currentSets(logged).values())
    for (const { set } of places.values())
      found.set(set.exerciseId, [...(found.get(set.exerciseId) ?? []), set]);
  return new Map(
    [...found].map(([exerciseId, sets]) => [exerciseId, { date: dates.get(exerciseId) ?? '', sets }]),
  );
}
