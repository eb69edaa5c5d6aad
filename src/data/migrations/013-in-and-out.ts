const ID = 'VARCHAR(96) CHARACTER SET ascii COLLATE ascii_bin';

/**
 * Teams of coaches, second factors, invitations, and exercises shared in a team. Private calendar links, remembered
 * meanings of exercise names in files, and when a deleted athlete is erased.
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
  `CREATE TABLE IF NOT EXISTS houses (
    id ${ID} PRIMARY KEY,
    owner_id ${ID} NOT NULL,
    CONSTRAINT houses_owner FOREIGN KEY (owner_id) REFERENCES coaches (id) ON DELETE CASCADE
  )`,
  `ALTER TABLE coaches
    ADD COLUMN IF NOT EXISTS house_id ${ID} NULL,
    ADD INDEX IF NOT EXISTS coaches_house (house_id)`,
  // Every existing coach gets a team.
  'INSERT INTO houses (id, owner_id) SELECT c.id, c.id FROM coaches c LEFT JOIN houses h ON h.id = c.id WHERE h.id IS NULL AND c.house_id IS NULL',
  'UPDATE coaches SET house_id = id WHERE house_id IS NULL',
  `CREATE TABLE IF NOT EXISTS coach_invites (
    token_hash ${ID} PRIMARY KEY,
    house_id ${ID} NOT NULL,
    coach_id ${ID} NULL,
    expires_at DATETIME(3) NOT NULL,
    used_at DATETIME(3) NULL,
    KEY coach_invites_house (house_id),
    CONSTRAINT coach_invites_house_of FOREIGN KEY (house_id) REFERENCES houses (id) ON DELETE CASCADE,
    CONSTRAINT coach_invites_coach FOREIGN KEY (coach_id) REFERENCES coaches (id) ON DELETE CASCADE
  )`,
  `ALTER TABLE coaches
    ADD COLUMN IF NOT EXISTS second_factor VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NULL,
    ADD COLUMN IF NOT EXISTS second_factor_step BIGINT NULL`,
  'ALTER TABLE houses ADD COLUMN IF NOT EXISTS second_factor_required BOOLEAN NOT NULL DEFAULT FALSE',
  `ALTER TABLE sign_ins
    ADD COLUMN IF NOT EXISTS awaits_code BOOLEAN NOT NULL DEFAULT FALSE,
    ADD COLUMN IF NOT EXISTS tries INT NOT NULL DEFAULT 0`,
  `CREATE TABLE IF NOT EXISTS recovery_codes (
    coach_id ${ID} NOT NULL,
    code_hash ${ID} NOT NULL,
    PRIMARY KEY (coach_id, code_hash),
    CONSTRAINT recovery_codes_coach FOREIGN KEY (coach_id) REFERENCES coaches (id) ON DELETE CASCADE
  )`,
  `ALTER TABLE exercises ADD COLUMN IF NOT EXISTS shared BOOLEAN NOT NULL DEFAULT FALSE`,
  `ALTER TABLE templates ADD COLUMN IF NOT EXISTS shared BOOLEAN NOT NULL DEFAULT FALSE`,
];
