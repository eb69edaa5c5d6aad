const ID = 'VARCHAR(96) CHARACTER SET ascii COLLATE ascii_bin';

/** Names that a coach gives to shipped exercises. */
export const STATEMENTS: readonly string[] = [
  `CREATE TABLE IF NOT EXISTS exercise_names (
    coach_id ${ID} NOT NULL,
    exercise_id ${ID} NOT NULL,
    name VARCHAR(120) NOT NULL,
    PRIMARY KEY (coach_id, exercise_id),
    CONSTRAINT exercise_names_coach FOREIGN KEY (coach_id) REFERENCES coaches (id) ON DELETE CASCADE
  )`,
];
