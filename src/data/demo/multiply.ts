import { QueryTypes, type Sequelize } from 'sequelize';

interface Column {
  readonly table: string;
  readonly name: string;
  readonly collation: string | null;
  readonly extra: string;
}

/** Tables of a block's data, the block's own first. */
const OF_BLOCKS = [
  'blocks',
  'standings',
  'block_revisions',
  'issued_weeks',
  'workouts',
  'logged_sets',
  'soreness_reports',
  'ramp_reports',
];
/** Ids that stay the same when only blocks are copied: owners, and ids inside documents. */
const NOT_OF_BLOCKS = new Set([
  'coach_id',
  'athlete_id',
  'exercise_id',
  'slot_id',
  'set_id',
  'session_id',
  'by_id',
]);

/**
 * Copies every row under other ids, coaches with all of their data: tables as large as those of teams after years.
 * For tests and measurements.
 */
export async function multiply(sequelize: Sequelize, times: number): Promise<void> {
  const columns = await columnsOf(sequelize);
  await repeat(sequelize, columns, {
    times,
    mark: 'm',
    tables: [...new Set(columns.map(({ table }) => table))],
  });
}

/** Copies every block with all of its data, for the same athlete, as archived. */
export async function multiplyBlocks(sequelize: Sequelize, times: number): Promise<void> {
  const columns = await columnsOf(sequelize);
  await repeat(sequelize, columns, { times, mark: 'b', tables: OF_BLOCKS, stays: NOT_OF_BLOCKS });
  await sequelize.query("UPDATE blocks SET archived_at = created_at WHERE id LIKE '%-b%'");
  await sequelize.query("DELETE FROM standings WHERE block_id LIKE '%-b%'");
}

/** Columns to write: without generated ones. */
function columnsOf(sequelize: Sequelize): Promise<Column[]> {
  return sequelize.query<Column>(
    `SELECT table_name AS \`table\`, column_name AS name, collation_name AS collation, extra
     FROM information_schema.columns
     WHERE table_schema = DATABASE() AND table_name <> 'migrations' AND extra NOT LIKE '%auto_increment%'
       AND generation_expression IS NULL ORDER BY ordinal_position`,
    { type: QueryTypes.SELECT },
  );
}

interface Repeat {
  readonly times: number;
  /** Prefix of this copy's ids. */
  readonly mark: string;
  readonly tables: readonly string[];
  /** Names of ids that stay. */
  readonly stays?: ReadonlySet<string>;
}

async function repeat(
  sequelize: Sequelize,
  columns: readonly Column[],
  { times, mark, tables, stays = new Set() }: Repeat,
): Promise<void> {
  await sequelize.transaction(async (transaction) => {
    const run = (sql: string) => sequelize.query(sql, { transaction });
    await run('SET foreign_key_checks = 0');
    for (const table of tables) {
      const own = columns.filter((column) => column.table === table);
      const copied = own.map((column) => copyOf(column, { mark, stays, table }));
      const names = own.map(({ name }) => `\`${name}\``);
      await run(
        `INSERT INTO \`${table}\` (${names.join(', ')})
         SELECT ${copied.join(', ')} FROM \`${table}\` t JOIN seq_1_to_${times} n`,
      );
    }
    await run('SET foreign_key_checks = 1');
  });
}

/** SQL for a column's value in a copy: ids get a prefix, also where a text contains the row's own id. */
function copyOf(
  { name, collation }: Column,
  {
    mark,
    stays,
    table,
  }: { readonly mark: string; readonly stays: ReadonlySet<string>; readonly table: string },
): string {
  const namesItself =
    (name === 'facts' && ['athletes', 'exercises'].includes(table)) ||
    (name === 'snapshot' && table === 'issued_weeks');
  const value = `t.\`${name}\``;
  const marked = (id: string) => `CONCAT(LEFT(${id}, 80), '-${mark}', n.seq)`;
  if (namesItself) return `REPLACE(${value}, t.id, ${marked('t.id')})`;
  // A workout's id contains its week and session; see `workoutId`.
  if (name === 'workout_id' || (table === 'workouts' && name === 'id'))
    return `CONCAT(${marked(`SUBSTRING_INDEX(${value}, '.', 1)`)}, '.', SUBSTRING_INDEX(${value}, '.', -1))`;
  const isId = (collation === 'ascii_bin' || name === 'email') && !stays.has(name);
  return isId ? `IF(${value} IS NULL, NULL, ${marked(value)})` : value;
}
