const ID = 'VARCHAR(96) CHARACTER SET ascii COLLATE ascii_bin';

/** Athletes shared in a team, the author of each change of a block, and coaches' actions on an athlete. */
export const STATEMENTS: readonly string[] = [
  `CREATE TABLE IF NOT EXISTS athlete_shares (
    athlete_id ${ID} NOT NULL,
    coach_id ${ID} NOT NULL,
    may VARCHAR(8) NOT NULL,
    PRIMARY KEY (athlete_id, coach_id),
    KEY athlete_shares_coach (coach_id),
    CONSTRAINT athlete_shares_athlete FOREIGN KEY (athlete_id) REFERENCES athletes (id) ON DELETE CASCADE,
    CONSTRAINT athlete_shares_coach_of FOREIGN KEY (coach_id) REFERENCES coaches (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE IF NOT EXISTS deeds (
    id BIGINT AUTO_INCREMENT PRIMARY KEY,
    athlete_id ${ID} NOT NULL,
    by_id ${ID} NULL,
    what VARCHAR(24) NOT NULL,
    about VARCHAR(200) NOT NULL,
    at DATETIME(3) NOT NULL,
    KEY deeds_athlete (athlete_id, id),
    CONSTRAINT deeds_athlete_of FOREIGN KEY (athlete_id) REFERENCES athletes (id) ON DELETE CASCADE,
    CONSTRAINT deeds_by FOREIGN KEY (by_id) REFERENCES coaches (id) ON DELETE SET NULL
  )`,
  `ALTER TABLE block_revisions ADD COLUMN IF NOT EXISTS by_id ${ID} NULL`,
  // Until now only the athlete's own coach could change a block.
  'UPDATE block_revisions SET by_id = coach_id WHERE by_id IS NULL',
];
