const ID = 'VARCHAR(96) CHARACTER SET ascii COLLATE ascii_bin';

/**
 * Private links to calendars of sessions, which exercise a coach says a name in others' files means, and when an athlete
 * who is on their way out is erased for good.
 */
export const STATEMENTS: readonly string[] = [
  `ALTER TABLE athletes
    ADD COLUMN IF NOT EXISTS erase_at DATETIME(3) NULL,
    ADD INDEX IF NOT EXISTS athletes_erased (erase_at)`,
  `CREATE TABLE IF NOT EXISTS calendar_links (
    token_hash ${ID} PRIMARY KEY,
    coach_id ${ID} NOT NULL,
    athlete_id ${ID} NOT NULL,
    created_at DATETIME(3) NOT NULL,
    seen_at DATETIME(3) NULL,
    KEY calendar_links_coach (coach_id, athlete_id),
    CONSTRAINT calendar_links_athlete FOREIGN KEY (athlete_id) REFERENCES athletes (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE IF NOT EXISTS import_names (
    coach_id ${ID} NOT NULL,
    name VARCHAR(191) COLLATE utf8mb4_bin NOT NULL,
    exercise_id ${ID} NOT NULL,
    PRIMARY KEY (coach_id, name),
    CONSTRAINT import_names_coach FOREIGN KEY (coach_id) REFERENCES coaches (id) ON DELETE CASCADE
  )`,
];
