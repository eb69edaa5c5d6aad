import { randomUUID } from 'node:crypto';
import { QueryTypes, Sequelize } from 'sequelize';
import { closeDatabase, database } from './database';
import { migrate } from './migrate';
import { MIGRATIONS } from './migrations/registry';

afterAll(closeDatabase);

/** Runs some work on the tables of a schema of its own. */
async function inSchema(work: (sequelize: Sequelize) => Promise<void>): Promise<void> {
  const name = `dense_ladder_cut_${randomUUID().slice(0, 8)}`;
  const url = new URL(process.env.DATABASE_URL ?? '');
  await database().query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4`);
  url.pathname = `/${name}`;
  const sequelize = new Sequelize(url.toString(), { dialect: 'mysql', logging: false });
  try {
    await work(sequelize);
  } finally {
    await sequelize.close();
    await database().query(`DROP DATABASE ${name}`);
  }
}

const columns = (sequelize: Sequelize) =>
  sequelize.query(
    `SELECT table_name, column_name, column_type, is_nullable FROM information_schema.columns
     WHERE table_schema = DATABASE() ORDER BY table_name, ordinal_position`,
    { type: QueryTypes.SELECT },
  );

test('a schema of a newer version is left alone', async () => {
  await inSchema(async (sequelize) => {
    await migrate(sequelize);
    await sequelize.query("INSERT INTO migrations (name) VALUES ('999-from-tomorrow')");
    await expect(migrate(sequelize)).rejects.toThrow(/newer version.*999-from-tomorrow/);
  });
});

test('a migration cut short after any of its statements is taken up where it stood', async () => {
  let whole: unknown;
  await inSchema(async (sequelize) => {
    expect(await migrate(sequelize)).toEqual(MIGRATIONS.map(({ name }) => name));
    whole = await columns(sequelize);
    expect(await migrate(sequelize)).toEqual([]);
  });
  const statements = MIGRATIONS.flatMap(({ statements: all }) => all);
  for (const cut of [1, 5, 11, 12, 13, 15, 16, 17, 18, 19, 20, statements.length]) {
    await inSchema(async (sequelize) => {
      // The statements ran, and the process died before it could write down that they did.
      for (const statement of statements.slice(0, cut)) await sequelize.query(statement);
      await migrate(sequelize);
      expect([cut, await columns(sequelize)]).toEqual([cut, whole]);
    });
  }
}, 120_000);
