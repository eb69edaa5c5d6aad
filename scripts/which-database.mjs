// The database a script works on: that of DATABASE_URL, or the demo's own, started if it is not running.
import { existsSync } from 'node:fs';
import { entryOf } from './backups.mjs';

/** The value after an option on the command line. */
export function option(name) {
  const at = process.argv.indexOf(name);
  return at < 0 ? undefined : process.argv[at + 1];
}

export async function theDatabase(Database, home) {
  const url = process.env.DATABASE_URL;
  if (url !== undefined) {
    // Dumping and restoring need the right to create schemas.
    const owner = process.env.DATABASE_OWNER_URL ?? url;
    return { entry: entryOf(owner), url: owner, end: async () => undefined };
  }
  if (!existsSync(home)) throw new Error('There is no demo yet, and DATABASE_URL is not set.');
  const database = new Database(home);
  const isRunning = database.attach();
  if (!isRunning) await database.start();
  return {
    entry: database.admin,
    url: database.ownerUrl,
    end: async () => (isRunning ? undefined : database.stop()),
  };
}
