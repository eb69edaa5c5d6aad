import { SequelizeStorage, Umzug } from 'umzug';
import { database } from './database';
import { MIGRATIONS } from './migrations/registry';

/** Brings the schema up to date. @returns the names of the migrations that ran */
export async function migrate(): Promise<string[]> {
  const sequelize = database();
  const umzug = new Umzug({
    migrations: MIGRATIONS.map(({ name, up }) => ({ name, up: () => up(sequelize.getQueryInterface()) })),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
  return (await umzug.up()).map(({ name }) => name);
}
