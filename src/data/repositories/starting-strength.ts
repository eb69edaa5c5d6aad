import { QueryTypes, type Transaction } from 'sequelize';
import {
  type Athlete,
  catalogueWith,
  type Exercise,
  FIRSTS,
  lastingBest,
  loggedFirstSets,
  type StoredSet,
  type Unit,
} from '@/core';
import type { Asker } from '../asker';
import { database } from '../database';

/** First sets considered: a few blocks' worth. */
const MOST_SETS = 600;

/** A first set of another block as read from the database. */
export interface FirstRow {
  readonly setId: string;
  readonly measuresStrength: number;
  readonly kind: StoredSet['kind'];
  readonly id: string;
  readonly exerciseId: string;
  readonly loadValue: string | number;
  readonly loadUnit: Unit;
  readonly reps: number;
  readonly rir: string | number;
  readonly supersedes: string | null;
  readonly localDate: string;
  readonly rescue: string | null;
}

/**
 * First sets logged in an athlete's other blocks, newest first. The query selects candidates; the core decides what
 * counts.
 */
export async function firstsElsewhere(
  asker: Asker,
  athleteId: string,
  blockId: string,
  transaction?: Transaction,
): Promise<readonly FirstRow[]> {
  return database().query<FirstRow>(
    `SELECT s.id, s.exercise_id AS exerciseId, s.load_value AS loadValue, s.load_unit AS loadUnit, s.reps, s.rir,
       s.set_id AS setId, s.measures_strength AS measuresStrength, s.supersedes, i.kind, w.rescue,
       DATE_FORMAT(w.local_date, '%Y-%m-%d') AS localDate
     FROM blocks b JOIN workouts w ON w.block_id = b.id JOIN issued_weeks i ON i.id = w.issued_week_id
       JOIN logged_sets s ON s.workout_id = w.id
     WHERE b.coach_id = :coachId AND b.athlete_id = :athleteId AND b.id <> :blockId
       AND s.set_id IN (:firsts) AND s.measures_strength = 1 AND i.kind = 'building' AND w.rescue IS NULL
     ORDER BY s.done_at DESC, s.received_at DESC LIMIT ${MOST_SETS}`,
    {
      type: QueryTypes.SELECT,
      replacements: { coachId: asker.coachId, athleteId, blockId, firsts: FIRSTS },
      ...(transaction === undefined ? {} : { transaction }),
    },
  );
}

/**
 * The athlete at the start of a block: for every exercise logged in another block, the logged set replaces an older
 * typed best set.
 */
export function withLastingBests(
  athlete: Athlete,
  firsts: readonly FirstRow[],
  own: readonly Exercise[],
): Athlete {
  if (firsts.length === 0) return athlete;
  const byExercise = loggedFirstSets(
    firsts.map(({ loadValue, loadUnit, rir, measuresStrength, localDate, rescue, ...row }) => ({
      ...row,
      load: { value: Number(loadValue), unit: loadUnit },
      rir: Number(rir),
      measuresStrength: Number(measuresStrength) === 1,
      date: localDate,
      rescued: rescue !== null,
    })),
  );
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
