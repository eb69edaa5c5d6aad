const ID = 'VARCHAR(96) CHARACTER SET ascii COLLATE ascii_bin';

const TABLES = [
  `CREATE TABLE IF NOT EXISTS coaches (
    id ${ID} PRIMARY KEY,
    email VARCHAR(190) NOT NULL,
    name VARCHAR(190) NOT NULL,
    password_hash VARCHAR(255) NOT NULL,
    UNIQUE KEY coaches_email (email)
  )`,
  `CREATE TABLE IF NOT EXISTS sign_ins (
    token_hash ${ID} PRIMARY KEY,
    coach_id ${ID} NOT NULL,
    expires_at DATETIME(3) NOT NULL,
    KEY sign_ins_expiry (expires_at),
    CONSTRAINT sign_ins_coach FOREIGN KEY (coach_id) REFERENCES coaches (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE IF NOT EXISTS sign_in_attempts (
    id BIGINT AUTO_INCREMENT PRIMARY KEY,
    email VARCHAR(190) NOT NULL,
    at DATETIME(3) NOT NULL,
    KEY sign_in_attempts_recent (email, at)
  )`,
  `CREATE TABLE IF NOT EXISTS athletes (
    id ${ID} PRIMARY KEY,
    coach_id ${ID} NOT NULL,
    name VARCHAR(190) NOT NULL,
    facts LONGTEXT NOT NULL CHECK (JSON_VALID(facts)),
    KEY athletes_by_coach (coach_id, name),
    CONSTRAINT athletes_coach FOREIGN KEY (coach_id) REFERENCES coaches (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE IF NOT EXISTS blocks (
    id ${ID} PRIMARY KEY,
    coach_id ${ID} NOT NULL,
    athlete_id ${ID} NOT NULL,
    revision INT NOT NULL,
    document LONGTEXT NOT NULL CHECK (JSON_VALID(document)),
    created_at DATETIME(3) NOT NULL,
    updated_at DATETIME(3) NOT NULL,
    name VARCHAR(190) AS (LEFT(JSON_VALUE(document, '$.name'), 190)) PERSISTENT,
    weeks INT AS (JSON_VALUE(document, '$.weeks')) PERSISTENT,
    KEY blocks_by_athlete (coach_id, athlete_id, created_at),
    CONSTRAINT blocks_coach FOREIGN KEY (coach_id) REFERENCES coaches (id) ON DELETE CASCADE,
    CONSTRAINT blocks_athlete FOREIGN KEY (athlete_id) REFERENCES athletes (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE IF NOT EXISTS block_revisions (
    block_id ${ID} NOT NULL,
    revision INT NOT NULL,
    coach_id ${ID} NOT NULL,
    edit_id ${ID} NOT NULL,
    action VARCHAR(8) NOT NULL,
    edit LONGTEXT NOT NULL CHECK (JSON_VALID(edit)),
    inverse LONGTEXT NOT NULL CHECK (JSON_VALID(inverse)),
    document LONGTEXT NULL,
    at DATETIME(3) NOT NULL,
    PRIMARY KEY (block_id, revision),
    UNIQUE KEY block_revisions_edit (block_id, edit_id),
    CONSTRAINT block_revisions_block FOREIGN KEY (block_id) REFERENCES blocks (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE IF NOT EXISTS issued_weeks (
    id ${ID} PRIMARY KEY,
    coach_id ${ID} NOT NULL,
    block_id ${ID} NOT NULL,
    week INT NOT NULL,
    snapshot LONGTEXT NOT NULL CHECK (JSON_VALID(snapshot)),
    issued_at DATETIME(3) NOT NULL,
    recalled_at DATETIME(3) NULL,
    standing TINYINT AS (IF(recalled_at IS NULL, 1, NULL)) PERSISTENT,
    sessions INT AS (JSON_LENGTH(snapshot, '$.rung.sessions')) PERSISTENT,
    UNIQUE KEY issued_weeks_standing (block_id, week, standing),
    CONSTRAINT issued_weeks_block FOREIGN KEY (block_id) REFERENCES blocks (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE IF NOT EXISTS workouts (
    id ${ID} PRIMARY KEY,
    coach_id ${ID} NOT NULL,
    block_id ${ID} NOT NULL,
    issued_week_id ${ID} NOT NULL,
    week INT NOT NULL,
    session_id ${ID} NOT NULL,
    local_date DATE NOT NULL,
    last_set_at DATETIME(3) NULL,
    finished_at DATETIME(3) NULL,
    UNIQUE KEY workouts_session (issued_week_id, session_id),
    KEY workouts_by_block (block_id, week),
    CONSTRAINT workouts_issued FOREIGN KEY (issued_week_id) REFERENCES issued_weeks (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE IF NOT EXISTS logged_sets (
    id ${ID} PRIMARY KEY,
    coach_id ${ID} NOT NULL,
    workout_id ${ID} NOT NULL,
    slot_id ${ID} NOT NULL,
    set_id ${ID} NOT NULL,
    exercise_id ${ID} NOT NULL,
    load_value DECIMAL(7, 2) NOT NULL,
    load_unit CHAR(2) NOT NULL,
    reps INT NOT NULL,
    rir DECIMAL(3, 1) NOT NULL,
    done_at DATETIME(3) NOT NULL,
    received_at DATETIME(3) NOT NULL,
    supersedes ${ID} NULL,
    KEY logged_sets_by_workout (workout_id, done_at),
    CONSTRAINT logged_sets_workout FOREIGN KEY (workout_id) REFERENCES workouts (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE IF NOT EXISTS soreness_reports (
    id ${ID} PRIMARY KEY,
    coach_id ${ID} NOT NULL,
    workout_id ${ID} NOT NULL,
    muscle VARCHAR(32) NOT NULL,
    soreness VARCHAR(16) NOT NULL,
    at DATETIME(3) NOT NULL,
    KEY soreness_by_workout (workout_id, at),
    CONSTRAINT soreness_workout FOREIGN KEY (workout_id) REFERENCES workouts (id) ON DELETE CASCADE
  )`,
  `CREATE TABLE IF NOT EXISTS calls (
    id VARCHAR(191) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
    block_id ${ID} NOT NULL,
    coach_id ${ID} NOT NULL,
    athlete_id ${ID} NOT NULL,
    subject VARCHAR(160) NOT NULL,
    week INT NOT NULL,
    status VARCHAR(10) NOT NULL,
    proposal LONGTEXT NOT NULL CHECK (JSON_VALID(proposal)),
    choice LONGTEXT NULL,
    created_at DATETIME(3) NOT NULL,
    answered_at DATETIME(3) NULL,
    PRIMARY KEY (block_id, id),
    KEY calls_open (coach_id, status, athlete_id),
    CONSTRAINT calls_block FOREIGN KEY (block_id) REFERENCES blocks (id) ON DELETE CASCADE
  )`,
];

/** Coaches, athletes, blocks with their revisions, sent weeks, workouts, sets, soreness, calls. */
export const STATEMENTS: readonly string[] = TABLES.map(
  (table) => `${table} ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`,
);
