import { QueryTypes } from 'sequelize';
import {
  ASIDE,
  type Athlete,
  type Catalogue,
  carriedWeight,
  conventionsWith,
  currentSets,
  driftPerSet,
  type Exposure,
  type LoggedSet,
  valueIn,
} from '@/core';
import type { Asker } from '../asker';
import { database } from '../database';
import { loggedSetFrom } from './training';

const MOST_SETS = 4000;

interface StrengthRow {
  id: string;
  workoutId: string;
  slotId: string;
  setId: string;
  exerciseId: string;
  loadValue: string;
  loadUnit: 'kg' | 'lb';
  reps: number;
  rir: string;
  doneAt: Date;
  receivedAt: Date;
  supersedes: string | null;
  week: number;
  localDate: string;
}

/**
 * The athlete's latest logged sets as exposures, over all their blocks: loads as moved, in the athlete's unit, with
 * what earlier sets of the slot have cost. Weeks handed out as a deload, planned or early, are left out: they say
 * nothing of strength.
 */
export async function findExposures(
  asker: Asker,
  athlete: Athlete,
  catalogue: Catalogue,
): Promise<readonly Exposure[]> {
  const rows = await database().query<StrengthRow>(
    `SELECT s.id, s.workout_id AS workoutId, s.slot_id AS slotId, s.set_id AS setId, s.exercise_id AS exerciseId,
       s.load_value AS loadValue, s.load_unit AS loadUnit, s.reps, s.rir, s.done_at AS doneAt, s.received_at AS receivedAt,
       s.supersedes, w.week, DATE_FORMAT(w.local_date, '%Y-%m-%d') AS localDate
     FROM logged_sets s JOIN workouts w ON w.id = s.workout_id JOIN blocks b ON b.id = w.block_id
     WHERE b.coach_id = :coachId AND b.athlete_id = :athleteId
       AND w.issued_week_id NOT IN (
         SELECT i.id FROM issued_weeks i JOIN blocks d ON d.id = i.block_id
         WHERE d.coach_id = :coachId AND d.athlete_id = :athleteId AND JSON_VALUE(i.snapshot, '$.rung.kind') = 'deload')
       AND s.set_id NOT LIKE '${ASIDE}%'
     ORDER BY s.done_at DESC, s.received_at DESC LIMIT ${MOST_SETS}`,
    { type: QueryTypes.SELECT, replacements: { coachId: asker.coachId, athleteId: athlete.id } },
  );
  const workouts = new Map(rows.map((row) => [row.workoutId, row]));
  const logged = rows
    .reverse()
    .map(
      (row): LoggedSet =>
        loggedSetFrom({ ...row, more: null, coachId: asker.coachId, doneAt: new Date(row.doneAt) }),
    );
  const conventions = conventionsWith();
  return [...currentSets(logged)].flatMap(([workoutId, places]) => {
    const workout = workouts.get(workoutId);
    const bySlot = new Map<string, LoggedSet[]>();
    for (const { set } of places.values()) {
      const key = `${set.slotId}/${set.exerciseId}`;
      bySlot.set(key, [...(bySlot.get(key) ?? []), set]);
    }
    return [...bySlot.values()].flatMap((sets): Exposure[] => {
      const [first] = sets;
      const exercise = catalogue.newest(first?.exerciseId ?? '');
      if (
        first === undefined ||
        exercise === undefined ||
        workout === undefined ||
        exercise.measure === 'seconds'
      )
        return [];
      const carried = carriedWeight(exercise, athlete, athlete.unit);
      const perSet = driftPerSet(exercise.restSeconds, conventions);
      return [
        {
          exerciseId: exercise.id,
          slotId: first.slotId,
          week: workout.week,
          date: workout.localDate,
          sets: sets.map(({ load, reps, rir }, at) => ({
            load: carried + valueIn(athlete.unit, load),
            reps,
            rir,
            fatigue: perSet * at,
          })),
        },
      ];
    });
  });
}
