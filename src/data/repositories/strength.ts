import { QueryTypes, type Transaction } from 'sequelize';
import { type Athlete, type Catalogue, type Exposure, exposuresOf, type TrainedSession } from '@/core';
import type { Asker } from '../asker';
import { database } from '../database';
import type { LoggedSetRow } from '../models/rows';
import { loggedSetFrom } from './stored-log';

/** Most recent sets considered. */
const MOST_SETS = 4000;

interface StrengthRow extends LoggedSetRow {
  week: number;
  kind: TrainedSession['kind'];
  localDate: string;
  rescue: string | null;
}

/** The athlete's latest logged sets as exposures, over all their blocks. The core decides what counts. */
export async function findExposures(
  asker: Asker,
  athlete: Athlete,
  catalogue: Catalogue,
  transaction?: Transaction,
): Promise<readonly Exposure[]> {
  const rows = await database().query<StrengthRow>(
    `SELECT s.id, s.coach_id AS coachId, s.workout_id AS workoutId, s.slot_id AS slotId, s.set_id AS setId,
       s.exercise_id AS exerciseId, s.load_value AS loadValue, s.load_unit AS loadUnit, s.reps, s.rir, s.more,
       s.measures_strength AS measuresStrength, s.done_at AS doneAt, s.received_at AS receivedAt, s.supersedes,
       w.week, w.rescue, i.kind, DATE_FORMAT(w.local_date, '%Y-%m-%d') AS localDate
     FROM logged_sets s JOIN workouts w ON w.id = s.workout_id JOIN blocks b ON b.id = w.block_id
       JOIN issued_weeks i ON i.id = w.issued_week_id
     WHERE b.coach_id = :coachId AND b.athlete_id = :athleteId
     ORDER BY s.done_at DESC, s.received_at DESC LIMIT ${MOST_SETS}`,
    {
      type: QueryTypes.SELECT,
      replacements: { coachId: asker.coachId, athleteId: athlete.id },
      ...(transaction === undefined ? {} : { transaction }),
    },
  );
  const sessions = new Map(
    rows.map(({ workoutId, week, kind, localDate, rescue }) => [
      workoutId,
      { week, kind, date: localDate, rescued: rescue !== null },
    ]),
  );
  const logged = rows.reverse().map((row) => ({
    set: loggedSetFrom({ ...row, doneAt: new Date(row.doneAt) }),
    measuresStrength: Number(row.measuresStrength) === 1,
  }));
  return exposuresOf(logged, sessions, athlete, catalogue.newest);
}
