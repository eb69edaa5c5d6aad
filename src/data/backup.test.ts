import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Sequelize } from 'sequelize';
import { migrate } from './migrate';
import { inSchema } from './testing/schema';

const ROOT = join(__dirname, '..', '..');
const FOLDER = () => mkdtempSync(join(tmpdir(), 'ladder-backup-'));

/** A separate installation, with one coach, one athlete and a block at a revision. */
async function inInstallation(work: (one: { url: string; sequelize: Sequelize }) => Promise<void>) {
  await inSchema(async ({ url, sequelize }) => {
    await migrate(sequelize);
    await sequelize.query(
      "INSERT INTO coaches (id, email, name, password_hash) VALUES ('c', 'c@example.org', 'Coach ü', 'x')",
    );
    await sequelize.query(
      "INSERT INTO athletes (id, coach_id, name, facts, revision) VALUES ('a', 'c', 'Athlete', '{}', 3)",
    );
    await sequelize.query(
      "INSERT INTO blocks (id, coach_id, athlete_id, revision, document, created_at, updated_at) VALUES ('b', 'c', 'a', 7, '{\"weeks\":6}', NOW(3), NOW(3))",
    );
    await work({ url, sequelize });
  });
}

function script(name: string, url: string, args: readonly string[], passphrase = ''): string {
  const env = {
    ...process.env,
    DATABASE_URL: url,
    DATABASE_OWNER_URL: url,
    LADDER_BACKUP_PASSPHRASE: passphrase,
  };
  return execFileSync('node', [join(ROOT, 'scripts', `${name}.mjs`), ...args], {
    env,
    encoding: 'utf8',
    stdio: 'pipe',
    timeout: 40_000,
  });
}

function made(folder: string): string {
  const [file] = readdirSync(folder).sort().reverse();
  return join(folder, file ?? '');
}

async function cell(sequelize: Sequelize, sql: string): Promise<unknown> {
  const [rows] = await sequelize.query(sql);
  return Object.values((rows as object[])[0] ?? {})[0];
}

test('a backup is restored unchanged, reports first what it would change, and skips revisions pages may have used', async () => {
  await inInstallation(async ({ url, sequelize }) => {
    const folder = FOLDER();
    script('backup', url, ['--to', folder]);
    const file = made(folder);
    await sequelize.query('UPDATE blocks SET revision = 12, document = \'{"weeks":9}\'');
    await sequelize.query(
      "INSERT INTO athletes (id, coach_id, name, facts, revision) VALUES ('late', 'c', 'Later', '{}', 0)",
    );
    const told = script('restore', url, [file]);
    expect(told).toContain('athletes: 0 rows added, 1 removed, 0 changed');
    expect(told).toContain('blocks: 0 rows added, 0 removed, 1 changed');
    expect(told).toContain('Nothing has been changed.');
    expect(await cell(sequelize, 'SELECT revision FROM blocks')).toBe(12);

    expect(script('restore', url, [file, '--yes'])).toContain('Restored.');
    expect(await cell(sequelize, 'SELECT COUNT(*) FROM athletes')).toBe(1);
    expect(await cell(sequelize, 'SELECT document FROM blocks')).toEqual({ weeks: 6 });
    expect(await cell(sequelize, 'SELECT name FROM coaches')).toBe('Coach ü');
    // Above every number given before.
    expect(await cell(sequelize, 'SELECT revision FROM blocks')).toBe(10_007);
    expect(await cell(sequelize, 'SELECT revision FROM athletes')).toBe(10_003);
    // Foreign keys still work.
    await sequelize.query("DELETE FROM athletes WHERE id = 'a'");
    expect(await cell(sequelize, 'SELECT COUNT(*) FROM blocks')).toBe(0);
    const [left] = await sequelize.query("SHOW DATABASES LIKE '%cut\\_restore%'");
    expect(left).toEqual([]);
  });
}, 60_000);

test('a backup restores into an empty installation; encrypted, it needs its passphrase; with a changed byte it is refused', async () => {
  const folder = FOLDER();
  await inInstallation(async ({ url }) => {
    script('backup', url, ['--to', folder], 'a long passphrase');
  });
  const file = made(folder);
  expect(readFileSync(file).includes('Coach ü')).toBe(false);
  const broken = join(folder, 'broken');
  const bytes = readFileSync(file);
  bytes[bytes.length - 60] = (bytes[bytes.length - 60] ?? 0) ^ 1;
  writeFileSync(broken, bytes);
  await inInstallation(async ({ url, sequelize }) => {
    await sequelize.query('DELETE FROM coaches');
    expect(() => script('restore', url, [file, '--yes'])).toThrow(/enter its passphrase/);
    expect(() => script('restore', url, [file, '--yes'], 'another one')).toThrow(/passphrase is wrong/);
    expect(() => script('restore', url, [broken, '--yes'], 'a long passphrase')).toThrow(/checksum is wrong/);
    expect(() => script('restore', url, [join(ROOT, 'package.json')])).toThrow(/not a Dense Ladder backup/);
    expect(await cell(sequelize, 'SELECT COUNT(*) FROM coaches')).toBe(0);
    const told = script('restore', url, [file], 'a long passphrase');
    expect(told).toContain('coaches: 1 rows added, 0 removed');
    script('restore', url, [file, '--yes'], 'a long passphrase');
    expect(await cell(sequelize, 'SELECT COUNT(*) FROM blocks')).toBe(1);
  });
}, 60_000);

test('the newest few backups are kept', async () => {
  await inInstallation(async ({ url }) => {
    const folder = FOLDER();
    for (let times = 0; times < 3; times++) script('backup', url, ['--to', folder, '--keep', '2']);
    expect(readdirSync(folder)).toHaveLength(2);
  });
}, 60_000);
