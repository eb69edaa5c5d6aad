/**
 * Whether a set measures strength gets a column of its own; it used to be a prefix of the set's id. The kind of a
 * sent week and its number of sessions are stored beside it, so that no query reads the snapshot.
 */
export const STATEMENTS: readonly string[] = [
  'ALTER TABLE logged_sets ADD COLUMN IF NOT EXISTS measures_strength TINYINT(1) NOT NULL DEFAULT 1',
  `UPDATE logged_sets SET measures_strength = 0, set_id = SUBSTRING(set_id, 7) WHERE set_id LIKE 'aside-%'`,
  `ALTER TABLE issued_weeks
    ADD COLUMN IF NOT EXISTS kind VARCHAR(10) NULL,
    ADD COLUMN IF NOT EXISTS session_count INT NULL`,
  `UPDATE issued_weeks SET
    kind = JSON_VALUE(snapshot, '$.rung.kind'),
    session_count = JSON_LENGTH(snapshot, '$.rung.sessions')
   WHERE kind IS NULL`,
  'ALTER TABLE issued_weeks DROP COLUMN IF EXISTS sessions',
  'ALTER TABLE issued_weeks MODIFY kind VARCHAR(10) NOT NULL, MODIFY session_count INT NOT NULL',
];
