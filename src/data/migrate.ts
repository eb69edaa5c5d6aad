import type { Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { database } from './database';
import { MIGRATIONS } from './migrations/registry';

/**
 * Migrates the schema to this version.
 * @param sequelize a database other than the process's own
 * @returns the names of the migrations that ran
 * @throws Error if the schema is of a newer version
 */
export async function migrate(sequelize: Sequelize = database()): Promise<string[]> {
  const storage = new SequelizeStorage({ sequelize, tableName: 'migrations' });
  const umzug = new Umzug({
    migrations: MIGRATIONS.map(({ name, statements }) => ({
      name,
      up: async () => {
        for (const statement of statements) await sequelize.query(statement);
      },
    })),
    storage,
    logger: undefined,
  });
  const known = new Set(MIGRATIONS.map(({ name }) => name));
  const newer = (await storage.executed()).filter((name) => !known.has(name));
  if (newer.length > 0)
    throw new Error(`The database is of a newer version than this one: it has ${newer.join(', ')}.`);
  return (await umzug.up()).map(({ name }) => name);
}
