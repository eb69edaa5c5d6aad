import { QueryTypes, type Transaction } from 'sequelize';
import { type Athlete, catalogueWith, type Exercise, type LoggedFirst, lastingBest, type Unit } from '@/core';
import type { Asker } from '../asker';
import { database } from '../database';

/** How many of the latest first sets are looked at: some blocks' worth. */
const MOST_SETS = 600;

interface FirstRow {
  readonly id: string;
  readonly exerciseId: string;
  readonly loadValue: string | number;
  readonly loadUnit: Unit;
  readonly reps: number;
  readonly rir: string | number;
  readonly supersedes: string | null;
  readonly localDate: string;
}

/**
 * The athlete as a block starts from them: for every exercise that was logged in another of their blocks, what it was
 * logged at stands in place of an older best set typed into the profile.
 */
export async function withLastingBests(
  asker: Asker,
  athlete: Athlete,
  blockId: string,
  own: readonly Exercise[],
  transaction?: Transaction,
): Promise<Athlete> {
  const rows = await database().query<FirstRow>(
    `SELECT s.id, s.exercise_id AS exerciseId, s.load_value AS loadValue, s.load_unit AS loadUnit, s.reps, s.rir,
       s.supersedes, DATE_FORMAT(w.local_date, '%Y-%m-%d') AS localDate
     FROM blocks b JOIN workouts w ON w.block_id = b.id JOIN issued_weeks i ON i.id = w.issued_week_id
       JOIN logged_sets s ON s.workout_id = w.id
     WHERE b.coach_id = :coachId AND b.athlete_id = :athleteId AND b.id <> :blockId AND i.kind = 'building'
       AND s.measures_strength = 1 AND s.set_id IN ('work-1', 'top-1')
     ORDER BY s.done_at DESC, s.received_at DESC LIMIT ${MOST_SETS}`,
    {
      type: QueryTypes.SELECT,
      replacements: { coachId: asker.coachId, athleteId: athlete.id, blockId },
      ...(transaction === undefined ? {} : { transaction }),
    },
  );
  if (rows.length === 0) return athlete;
  const replaced = new Set(rows.map(({ supersedes }) => supersedes));
  const byExercise = new Map<string, LoggedFirst[]>();
  for (const { id, exerciseId, loadValue, loadUnit, reps, rir, localDate } of rows) {
    if (replaced.has(id)) continue;
    const load = { value: Number(loadValue), unit: loadUnit };
    const found = byExercise.get(exerciseId) ?? [];
    byExercise.set(exerciseId, [...found, { load, reps, rir: Number(rir), date: localDate }]);
  }
  const catalogue = catalogueWith(own);
  const bestSets = { ...athlete.bestSets };
  for (const [id, logged] of byExercise) {
    const exercise = catalogue.newest(id);
    if (exercise === undefined) continue;
    const best = lastingBest(logged, bestSets[id], exercise, athlete);
    if (best !== undefined) bestSets[id] = best;
  }
  return { ...athlete, bestSets };
}
