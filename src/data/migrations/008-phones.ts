const ID = 'VARCHAR(96) CHARACTER SET ascii COLLATE ascii_bin';

const TABLES = [
  `CREATE TABLE IF NOT EXISTS phones (
    id ${ID} PRIMARY KEY,
    coach_id ${ID} NOT NULL,
    athlete_id ${ID} NOT NULL,
    token_hash ${ID} NOT NULL,
    name VARCHAR(120) NOT NULL,
    created_at DATETIME(3) NOT NULL,
    seen_at DATETIME(3) NOT NULL,
    expires_at DATETIME(3) NOT NULL,
    revoked_at DATETIME(3) NULL,
    UNIQUE KEY phones_token (token_hash),
    KEY phones_by_athlete (coach_id, athlete_id, created_at),
    CONSTRAINT phones_athlete FOREIGN KEY (athlete_id) REFERENCES athletes (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE IF NOT EXISTS invites (
    token_hash ${ID} PRIMARY KEY,
    coach_id ${ID} NOT NULL,
    athlete_id ${ID} NOT NULL,
    kind VARCHAR(8) NOT NULL,
    phone_id ${ID} NULL,
    created_at DATETIME(3) NOT NULL,
    expires_at DATETIME(3) NOT NULL,
    used_at DATETIME(3) NULL,
    KEY invites_by_athlete (coach_id, athlete_id, created_at),
    CONSTRAINT invites_athlete FOREIGN KEY (athlete_id) REFERENCES athletes (id) ON DELETE CASCADE,
    CONSTRAINT invites_phone FOREIGN KEY (phone_id) REFERENCES phones (id) ON DELETE CASCADE
  )`,
];

/** An athlete's phones, and the links and codes that sign them in. Tokens are stored as hashes only. */
export const STATEMENTS: readonly string[] = TABLES.map(
  (table) => `${table} ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`,
);
