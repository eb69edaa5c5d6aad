const ID = 'VARCHAR(96) CHARACTER SET ascii COLLATE ascii_bin';

/** Templates: designs a coach keeps for starting other blocks. */
export const STATEMENTS: readonly string[] = [
  `CREATE TABLE IF NOT EXISTS templates (
    id ${ID} PRIMARY KEY,
    coach_id ${ID} NOT NULL,
    name VARCHAR(200) NOT NULL,
    document LONGTEXT NOT NULL CHECK (JSON_VALID(document)),
    created_at DATETIME(3) NOT NULL,
    KEY templates_by_coach (coach_id, name),
    CONSTRAINT templates_coach FOREIGN KEY (coach_id) REFERENCES coaches (id) ON DELETE CASCADE
  ) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`,
];
