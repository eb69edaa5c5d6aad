// npm run restore -- FILE [--yes] [--keep]: reports what a backup would change; with --yes it swaps it in as one
// step. Into the database of DATABASE_URL, or the demo's. LADDER_BACKUP_PASSPHRASE holds the passphrase of an
// encrypted file.
import { join } from 'node:path';
import { restore } from './backups.mjs';
import { Database } from './database.mjs';
import { DATA, ensurePackages, say } from './machine.mjs';
import { theDatabase } from './which-database.mjs';

const [file] = process.argv.slice(2).filter((one) => !one.startsWith('--'));
const has = (flag) => process.argv.includes(flag);
if (file === undefined) {
  console.error('npm run restore -- FILE [--yes] [--keep]');
  process.exit(2);
}
await ensurePackages();
const { entry, url, end } = await theDatabase(Database, join(DATA, 'demo'));
try {
  const passphrase = process.env.LADDER_BACKUP_PASSPHRASE || undefined;
  const { head, changes, done, before } = await restore(entry, file, passphrase, {
    yes: has('--yes'),
    keep: has('--keep'),
    url,
  });
  say(`Backup of ${head.madeAt}, schema ${head.schema}.`);
  const some = changes.filter(({ comes, goes, changes: other }) => comes + goes + other > 0);
  if (some.length === 0) say('The backup is the same as the current data.');
  for (const { table, comes, goes, changes: other } of some)
    say(`  ${table}: ${comes} rows added, ${goes} removed, ${other} changed`);
  if (!done) say('Nothing has been changed. Stop the server, then run this again with --yes.');
  else if (before === null) say('Restored.');
  else say(`Restored. The data from before is in ${before}.`);
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
} finally {
  await end();
}
