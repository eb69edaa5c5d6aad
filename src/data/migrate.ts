import type { Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { database } from './database';
import { MIGRATIONS } from './migrations/registry';

/**
 * Brings the schema up to date.
 * @param sequelize another database than the process's own
 * @returns the names of the migrations that ran
 */
export async function migrate(sequelize: Sequelize = database()): Promise<string[]> {
  const umzug = new Umzug({
    migrations: MIGRATIONS.map(({ name, statements }) => ({
      name,
      up: async () => {
        for (const statement of statements) await sequelize.query(statement);
      },
    })),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
  return (await umzug.up()).map(({ name }) => name);
}
