// npm run backup [-- --to FOLDER] [--every HOURS] [--keep COUNT]: backs up the database of DATABASE_URL, or the
// demo's. Encrypted with the passphrase in LADDER_BACKUP_PASSPHRASE if it is set.
import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { backUp } from './backups.mjs';
import { Database } from './database.mjs';
import { DATA, say } from './machine.mjs';
import { option, theDatabase } from './which-database.mjs';

const folder = resolve(option('--to') ?? join(DATA, 'backups'));
const every = Number(option('--every') ?? 0);
const keep = Number(option('--keep') ?? 0);
if (!(every >= 0) || !(keep >= 0)) throw new Error('--every and --keep take a number.');
const passphrase = process.env.LADDER_BACKUP_PASSPHRASE || undefined;

/** Makes one backup and removes the oldest beyond the number to keep. */
async function once(entry) {
  const now = new Date();
  const name = `dense-ladder-${now.toISOString().replace(/[:.]/g, '-')}.backup`;
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const { bytes, schema } = await backUp(entry, join(folder, name), passphrase, now);
  say(
    `${join(folder, name)}: ${bytes} bytes, schema ${schema}${passphrase === undefined ? '' : ', encrypted'}`,
  );
  const all = readdirSync(folder)
    .filter((one) => /^dense-ladder-.*\.backup$/.test(one))
    .sort();
  for (const old of keep > 0 ? all.slice(0, -keep) : []) rmSync(join(folder, old));
}

const { entry, end } = await theDatabase(Database, join(DATA, 'demo'));
try {
  await once(entry);
  while (every > 0) {
    await new Promise((done) => setTimeout(done, every * 3_600_000));
    await once(entry).catch((error) => console.error(error.message));
  }
} finally {
  await end();
}
