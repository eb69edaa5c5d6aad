const ID = 'VARCHAR(96) CHARACTER SET ascii COLLATE ascii_bin';

/**
 * Athletes get revisions and an archive; coaches get custom exercises; athletes get measurements; sessions get
 * warm-up verdicts.
 */
export const STATEMENTS: readonly string[] = [
  `ALTER TABLE athletes
    ADD COLUMN IF NOT EXISTS revision INT NOT NULL DEFAULT 0,
    ADD COLUMN IF NOT EXISTS archived_at DATETIME(3) NULL`,
  `CREATE TABLE IF NOT EXISTS exercises (
    id ${ID} NOT NULL,
    revision INT NOT NULL,
    coach_id ${ID} NOT NULL,
    facts LONGTEXT NOT NULL CHECK (JSON_VALID(facts)),
    created_at DATETIME(3) NOT NULL,
    PRIMARY KEY (id, revision),
    KEY exercises_by_coach (coach_id),
    CONSTRAINT exercises_coach FOREIGN KEY (coach_id) REFERENCES coaches (id) ON DELETE CASCADE
  ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`,
  `CREATE TABLE IF NOT EXISTS measurements (
    id ${ID} PRIMARY KEY,
    coach_id ${ID} NOT NULL,
    athlete_id ${ID} NOT NULL,
    local_date DATE NOT NULL,
    kind VARCHAR(32) NOT NULL,
    value DECIMAL(7, 2) NOT NULL,
    unit CHAR(2) NOT NULL,
    at DATETIME(3) NOT NULL,
    KEY measurements_by_athlete (athlete_id, kind, local_date),
    CONSTRAINT measurements_athlete FOREIGN KEY (athlete_id) REFERENCES athletes (id) ON DELETE CASCADE
  ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`,
  `CREATE TABLE IF NOT EXISTS ramp_reports (
    id ${ID} PRIMARY KEY,
    coach_id ${ID} NOT NULL,
    workout_id ${ID} NOT NULL,
    slot_id ${ID} NOT NULL,
    verdict VARCHAR(16) NOT NULL,
    at DATETIME(3) NOT NULL,
    KEY ramp_reports_by_workout (workout_id, at),
    CONSTRAINT ramp_reports_workout FOREIGN KEY (workout_id) REFERENCES workouts (id) ON DELETE CASCADE
  ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`,
];
