const ID = 'VARCHAR(96) CHARACTER SET ascii COLLATE ascii_bin';

/** Recent sign-in attempts, known devices, and where and when sessions are used. */
export const STATEMENTS: readonly string[] = [
  `CREATE TABLE IF NOT EXISTS tries (
    id ${ID} PRIMARY KEY,
    count INT NOT NULL,
    at DATETIME(3) NOT NULL,
    KEY tries_at (at)
  )`,
  'DROP TABLE IF EXISTS sign_in_attempts',
  `CREATE TABLE IF NOT EXISTS known_devices (
    token_hash ${ID} NOT NULL,
    coach_id ${ID} NOT NULL,
    seen_at DATETIME(3) NOT NULL,
    PRIMARY KEY (token_hash, coach_id),
    KEY known_devices_coach (coach_id, seen_at),
    CONSTRAINT known_devices_coach_of FOREIGN KEY (coach_id) REFERENCES coaches (id) ON DELETE CASCADE
  )`,
  // Existing sessions stay valid: they count as started when first seen.
  `ALTER TABLE sign_ins
    ADD COLUMN IF NOT EXISTS begun_at DATETIME(3) NULL,
    ADD COLUMN IF NOT EXISTS seen_at DATETIME(3) NULL,
    ADD COLUMN IF NOT EXISTS device VARCHAR(120) NOT NULL DEFAULT ''`,
  'UPDATE sign_ins SET begun_at = NOW(3) WHERE begun_at IS NULL',
  'UPDATE sign_ins SET seen_at = NOW(3) WHERE seen_at IS NULL',
];
