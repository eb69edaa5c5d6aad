/**
 * Session outlines of sent weeks, stored beside them so that a list need not read their contents; and indexes for
 * first sets of workouts, waiting calls and athletes' blocks.
 */
export const STATEMENTS: readonly string[] = [
  `ALTER TABLE issued_weeks ADD COLUMN IF NOT EXISTS outline TEXT NULL CHECK (JSON_VALID(outline))`,
  `UPDATE issued_weeks i JOIN (
     SELECT w.id, JSON_ARRAYAGG(JSON_OBJECT('sessionId', s.session_id, 'name', s.name, 'day', s.day,
       'optional', s.optional, 'sets', s.sets, 'seconds', JSON_OBJECT('low', s.low, 'high', s.high)) ORDER BY s.nth) AS outline
     FROM issued_weeks w JOIN JSON_TABLE(
       COALESCE(JSON_EXTRACT(w.snapshot, '$.plan.sessions'), JSON_EXTRACT(w.snapshot, '$.rung.sessions')), '$[*]'
       COLUMNS (nth FOR ORDINALITY, session_id VARCHAR(96) PATH '$.sessionId', name TEXT PATH '$.name', day INT PATH '$.day',
         optional INT PATH '$.optional', sets INT PATH '$.sets', low DOUBLE PATH '$.seconds.low',
         high DOUBLE PATH '$.seconds.high')) s
     WHERE w.outline IS NULL GROUP BY w.id) o ON o.id = i.id
   SET i.outline = o.outline`,
  'ALTER TABLE issued_weeks DROP COLUMN IF EXISTS session_count',
  `ALTER TABLE logged_sets
    ADD INDEX IF NOT EXISTS logged_sets_by_place (workout_id, set_id),
    DROP INDEX IF EXISTS logged_sets_by_workout`,
  'ALTER TABLE calls ADD INDEX IF NOT EXISTS calls_waiting (coach_id, status, subject, athlete_id, block_id, week, id)',
  `ALTER TABLE blocks
    ADD INDEX IF NOT EXISTS blocks_of_athletes (coach_id, athlete_id, archived_at, deleted_at, created_at)`,
];
