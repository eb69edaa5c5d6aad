const ID = 'VARCHAR(96) CHARACTER SET ascii COLLATE ascii_bin';

/**
 * Managing a roster: weeks sent again with changes, or closed; each block's state on its athlete's day; alerts beside
 * proposals, the chosen option, and whether the athlete's setting answered; archived and deleted blocks;
 * prerequisites of templates.
 */
export const STATEMENTS: readonly string[] = [
  `ALTER TABLE issued_weeks
    ADD COLUMN IF NOT EXISTS version INT NOT NULL DEFAULT 0,
    ADD COLUMN IF NOT EXISTS closed_at DATETIME(3) NULL`,
  `CREATE TABLE IF NOT EXISTS issued_before (
    issued_id ${ID} NOT NULL,
    version INT NOT NULL,
    coach_id ${ID} NOT NULL,
    snapshot LONGTEXT NOT NULL CHECK (JSON_VALID(snapshot)),
    replaced_at DATETIME(3) NOT NULL,
    PRIMARY KEY (issued_id, version),
    CONSTRAINT issued_before_week FOREIGN KEY (issued_id) REFERENCES issued_weeks (id) ON DELETE CASCADE
  ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`,
  `CREATE TABLE IF NOT EXISTS standings (
    block_id ${ID} PRIMARY KEY,
    coach_id ${ID} NOT NULL,
    athlete_id ${ID} NOT NULL,
    state VARCHAR(8) NOT NULL,
    day DATE NOT NULL,
    facts TEXT NOT NULL CHECK (JSON_VALID(facts)),
    at DATETIME(3) NOT NULL,
    issued_at DATETIME(3) NULL,
    last_log_at DATETIME(3) NULL,
    claimed_at DATETIME(3) NULL,
    KEY standings_by_athlete (coach_id, athlete_id),
    KEY standings_by_day (day),
    CONSTRAINT standings_block FOREIGN KEY (block_id) REFERENCES blocks (id) ON DELETE CASCADE
  ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`,
  `ALTER TABLE calls
    ADD COLUMN IF NOT EXISTS source VARCHAR(3) NOT NULL DEFAULT 'log',
    ADD COLUMN IF NOT EXISTS edit_id ${ID} NULL,
    ADD COLUMN IF NOT EXISTS by_rule BOOLEAN NOT NULL DEFAULT FALSE`,
  `ALTER TABLE workouts
    ADD INDEX IF NOT EXISTS workouts_hurt (coach_id, hurt_at)`,
  `ALTER TABLE templates
    ADD COLUMN IF NOT EXISTS prerequisites TEXT NOT NULL DEFAULT '[]' CHECK (JSON_VALID(prerequisites))`,
  `ALTER TABLE calls ADD INDEX IF NOT EXISTS calls_answered (coach_id, answered_at)`,
  `ALTER TABLE blocks
    ADD COLUMN IF NOT EXISTS archived_at DATETIME(3) NULL,
    ADD COLUMN IF NOT EXISTS deleted_at DATETIME(3) NULL`,
];
