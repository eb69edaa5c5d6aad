import { QueryTypes, type Sequelize } from 'sequelize';
import { closeDatabase } from './database';
import { migrate } from './migrate';
import { MIGRATIONS } from './migrations/registry';
import { inSchema } from './testing/schema';

afterAll(closeDatabase);

const columns = (sequelize: Sequelize) =>
  sequelize.query(
    `SELECT table_name, column_name, column_type, is_nullable FROM information_schema.columns
     WHERE table_schema = DATABASE() ORDER BY table_name, ordinal_position`,
    { type: QueryTypes.SELECT },
  );

test('a schema of a newer version is not touched', async () => {
  await inSchema(async ({ sequelize }) => {
    await migrate(sequelize);
    await sequelize.query("INSERT INTO migrations (name) VALUES ('999-from-tomorrow')");
    await expect(migrate(sequelize)).rejects.toThrow(/newer version.*999-from-tomorrow/);
  });
});

test('a migration interrupted after any of its statements is continued', async () => {
  let whole: unknown;
  await inSchema(async ({ sequelize }) => {
    expect(await migrate(sequelize)).toEqual(MIGRATIONS.map(({ name }) => name));
    whole = await columns(sequelize);
    expect(await migrate(sequelize)).toEqual([]);
  });
  await inSchema(async ({ sequelize }) => {
    // Every statement ran, and the process died before recording the migration: it starts over.
    for (const { statements } of MIGRATIONS)
      for (let cut = 1; cut <= statements.length; cut++)
        for (const statement of statements.slice(0, cut)) await sequelize.query(statement);
    expect(await columns(sequelize)).not.toEqual(whole);
    await migrate(sequelize);
    expect(await columns(sequelize)).toEqual(whole);
  });
}, 120_000);
