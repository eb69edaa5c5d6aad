import { QueryTypes } from 'sequelize';
import { closeDatabase, database } from '../src/data/database';
import { coachByEmail } from '../src/data/repositories/coaches';

/**
 * `tsx bench/many.ts EMAIL ATHLETES BLOCKS`: copies rows until a coach has that many athletes with that many blocks
 * each: a very large roster and log. Copies of issued weeks have no plan; no page opens them.
 */
const [email = '', athletes = '0', blocks = '1'] = process.argv.slice(2);
const asker = await coachByEmail(email);
if (asker === undefined) throw new Error(`no coach ${email}`);
const replacements = { coachId: asker.coachId };

/** Tables of an athlete, each with the columns whose ids must be copied along. */
const OF_ATHLETE: Readonly<Record<string, readonly string[]>> = {
  athletes: ['id'],
  blocks: ['id', 'athlete_id'],
  issued_weeks: ['id', 'block_id'],
  workouts: ['id', 'block_id', 'issued_week_id'],
  logged_sets: ['id', 'workout_id'],
  standings: ['block_id', 'athlete_id'],
  calls: ['block_id', 'athlete_id'],
};
/** The same for a single block. */
const OF_BLOCK: typeof OF_ATHLETE = {
  blocks: ['id'],
  issued_weeks: ['id', 'block_id'],
  workouts: ['id', 'block_id', 'issued_week_id'],
  logged_sets: ['id', 'workout_id'],
  standings: ['block_id'],
};

async function columnsOf(table: string): Promise<readonly string[]> {
  const rows = await database().query<{ name: string }>(
    `SELECT COLUMN_NAME AS name FROM information_schema.COLUMNS
     WHERE TABLE_SCHEMA = DATABASE() AND TABLE_NAME = :table AND IS_GENERATED = 'NEVER'`,
    { type: QueryTypes.SELECT, replacements: { table } },
  );
  return rows.map(({ name }) => name);
}

/**
 * Copies the coach's rows under ids that start with a prefix.
 * @param but LIKE pattern of ids that are not copied
 */
async function copy(
  tables: typeof OF_ATHLETE,
  mark: string,
  but: string,
  instead: Readonly<Record<string, string>>,
): Promise<void> {
  for (const [table, named] of Object.entries(tables)) {
    const columns = await columnsOf(table);
    const value = (column: string) =>
      named.includes(column) ? `CONCAT('${mark}', ${column})` : (instead[`${table}.${column}`] ?? column);
    await database().query(
      `INSERT INTO ${table} (${columns.join(', ')})
       SELECT ${columns.map(value).join(', ')} FROM ${table}
       WHERE coach_id = :coachId AND ${named[0]} NOT LIKE '${but}'`,
      { replacements },
    );
  }
}

const count = async () => {
  const [row] = await database().query<{ n: number }>(
    'SELECT COUNT(*) AS n FROM athletes WHERE coach_id = :coachId',
    { type: QueryTypes.SELECT, replacements },
  );
  return Number(row?.n ?? 0);
};

const first = await count();
const bare = { 'issued_weeks.snapshot': "'{}'" };
for (let at = 1; at < Number(blocks); at++)
  await copy(OF_BLOCK, `b${at}~`, 'b%~%', { ...bare, 'standings.state': "'done'" });
// Copying an athlete copies all of their blocks.
for (let at = 1; at * first < Number(athletes); at++) await copy(OF_ATHLETE, `a${at}~`, 'a%~%', bare);
await closeDatabase();
