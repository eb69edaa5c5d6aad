const ID = 'VARCHAR(96) CHARACTER SET ascii COLLATE ascii_bin';

/**
 * Athletes' reports beside their sets: comments on sets, session notes, the day soreness ended, check-ins; when a
 * phone opened a week, the coach's note with it, and what a phone could not send. Soreness used to be one of four
 * answers relative to the next session: gone early becomes gone the day after, still sore becomes still there after a
 * week; just in time equals no answer.
 */
export const STATEMENTS: readonly string[] = [
  `ALTER TABLE workouts
    ADD COLUMN IF NOT EXISTS notes LONGTEXT NOT NULL DEFAULT '[]' CHECK (JSON_VALID(notes)),
    ADD COLUMN IF NOT EXISTS rescue VARCHAR(16) NULL,
    ADD COLUMN IF NOT EXISTS hurt_at DATETIME(3) NULL,
    ADD COLUMN IF NOT EXISTS hurt_seen_at DATETIME(3) NULL`,
  'ALTER TABLE logged_sets MODIFY more VARCHAR(1500) NULL CHECK (more IS NULL OR JSON_VALID(more))',
  'ALTER TABLE soreness_reports ADD COLUMN IF NOT EXISTS said DATE NULL',
  `DELETE FROM soreness_reports WHERE said IS NULL AND soreness = 'just in time'`,
  `UPDATE soreness_reports r JOIN workouts w ON w.id = r.workout_id SET
    r.soreness = CASE r.soreness
      WHEN 'never sore' THEN 'none'
      WHEN 'still sore' THEN 'still'
      ELSE DATE_FORMAT(w.local_date + INTERVAL 1 DAY, '%Y-%m-%d') END,
    r.said = w.local_date + INTERVAL 7 DAY
   WHERE r.said IS NULL`,
  'ALTER TABLE soreness_reports MODIFY said DATE NOT NULL',
  `ALTER TABLE issued_weeks
    ADD COLUMN IF NOT EXISTS opened_at DATETIME(3) NULL,
    ADD COLUMN IF NOT EXISTS line VARCHAR(500) NULL`,
  `CREATE TABLE IF NOT EXISTS check_ins (
    id ${ID} PRIMARY KEY,
    coach_id ${ID} NOT NULL,
    athlete_id ${ID} NOT NULL,
    local_date DATE NOT NULL,
    answers LONGTEXT NOT NULL CHECK (JSON_VALID(answers)),
    received_at DATETIME(3) NOT NULL,
    KEY check_ins_by_athlete (coach_id, athlete_id, local_date),
    CONSTRAINT check_ins_athlete FOREIGN KEY (athlete_id) REFERENCES athletes (id) ON DELETE CASCADE
  ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`,
  `CREATE TABLE IF NOT EXISTS refused_items (
    id ${ID} NOT NULL,
    phone_id ${ID} NOT NULL,
    coach_id ${ID} NOT NULL,
    athlete_id ${ID} NOT NULL,
    item TEXT NOT NULL,
    why VARCHAR(40) NOT NULL,
    at DATETIME(3) NOT NULL,
    settled_at DATETIME(3) NULL,
    PRIMARY KEY (phone_id, id),
    KEY refused_items_by_athlete (coach_id, athlete_id, settled_at),
    CONSTRAINT refused_items_phone FOREIGN KEY (phone_id) REFERENCES phones (id) ON DELETE CASCADE
  ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`,
];
