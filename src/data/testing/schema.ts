import { randomUUID } from 'node:crypto';
import { Sequelize } from 'sequelize';

/** Address of the user who may create and change schemas; the application may not. */
export function ownerUrl(name?: string): string {
  const url = new URL(process.env.DATABASE_OWNER_URL ?? '');
  if (name !== undefined) url.pathname = `/${name}`;
  return url.toString();
}

/** Runs work in an empty schema of its own. */
export async function inSchema(
  work: (schema: { readonly sequelize: Sequelize; readonly url: string }) => Promise<void>,
): Promise<void> {
  const name = `dense_ladder_cut_${randomUUID().slice(0, 8)}`;
  const owner = new Sequelize(ownerUrl(), { dialect: 'mysql', logging: false });
  await owner.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4`);
  const url = ownerUrl(name);
  const sequelize = new Sequelize(url, { dialect: 'mysql', logging: false });
  try {
    await work({ sequelize, url });
  } finally {
    await sequelize.close();
    await owner.query(`DROP DATABASE ${name}`);
    await owner.close();
  }
}
