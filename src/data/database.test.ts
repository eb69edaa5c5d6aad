import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir, userInfo } from 'node:os';
import { join } from 'node:path';
import { rootCertificates } from 'node:tls';
import { inspect } from 'node:util';
import { Sequelize } from 'sequelize';
import { closeDatabase, database, hostsOf, isUnavailable } from './database';
import { migrate } from './migrate';
import { models } from './models/models';
import { archiveAthlete, eraseAthlete } from './repositories/athletes';
import { setsFor, someBlock } from './testing/coach';

afterAll(closeDatabase);

test('an unreachable server is unavailable; a wrong statement or a bug is not', async () => {
  const nobody = new Sequelize('mysql://app:x@127.0.0.1:1/none', { dialect: 'mysql', logging: false });
  const refused = await nobody.query('SELECT 1').catch((error: unknown) => error);
  expect(isUnavailable(refused)).toBe(true);
  const wrong = await database()
    .query('SELECT nonsense FROM nowhere')
    .catch((error: unknown) => error);
  expect(isUnavailable(wrong)).toBe(false);
  expect(isUnavailable(new TypeError('a bug'))).toBe(false);
  expect(isUnavailable('closed state')).toBe(false);
});

test('migrating twice changes nothing', async () => {
  expect(await migrate()).toEqual([]);
});

test('every table of a coach’s data has the coach’s id and is deleted with the coach', async () => {
  const { asker, blockId } = await someBlock();
  expect(await setsFor(asker, blockId, 'sa')).toEqual([]);
  await models().coaches.destroy({ where: { id: asker.coachId } });
  expect(await models().blocks.count({ where: { id: blockId } })).toBe(0);
  expect(await models().athletes.count({ where: { coachId: asker.coachId } })).toBe(0);
});

test('invalid JSON is refused by document columns', async () => {
  const { asker, blockId } = await someBlock();
  const broken = models().blocks.update(
    { document: '{"format":' },
    { where: { id: blockId, coachId: asker.coachId } },
  );
  await expect(broken).rejects.toThrow();
});

test('if TLS is required, a server without it is not queried', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'ladder-ca-'));
  const file = join(folder, 'ca.pem');
  writeFileSync(file, rootCertificates[0] ?? '');
  await closeDatabase();
  process.env.DATABASE_CA = file;
  try {
    await expect(database().query('SELECT 1')).rejects.toThrow(/HANDSHAKE_NO_SSL_SUPPORT|secure connection/);
  } finally {
    delete process.env.DATABASE_CA;
    await closeDatabase();
    rmSync(folder, { recursive: true });
  }
  await expect(database().query('SELECT 1')).resolves.toBeDefined();
});

test('every commit is flushed to disk', async () => {
  const [rows] = await database().query('SELECT @@innodb_flush_log_at_trx_commit AS flushed');
  expect(rows).toEqual([{ flushed: 1 }]);
});

test.each(['root', 'mysql', 'mariadb.sys', '', 'app'])(
  '“%s” cannot connect over the network without the application’s password',
  async (user) => {
    const url = new URL(process.env.DATABASE_URL ?? '');
    url.username = user;
    url.password = '';
    url.pathname = '/mysql';
    const stranger = new Sequelize(url.toString(), { dialect: 'mysql', logging: false });
    const entered = await stranger.query('SELECT 1').catch((error: unknown) => error);
    await stranger.close();
    expect(String(entered)).toMatch(/Access denied/);
  },
);

test('ids must be text: a number would match every id that starts with it', async () => {
  const { asker, athlete } = await someBlock();
  const numbers: readonly unknown[] = [5, Number.parseInt(athlete.id, 10), true, { like: '%' }];
  for (const id of numbers) {
    await expect(eraseAthlete(asker, id as string, new Date())).rejects.toThrow(TypeError);
    await expect(archiveAthlete(asker, id as string, null)).rejects.toThrow(TypeError);
  }
  expect(await models().athletes.count({ where: { coachId: asker.coachId } })).toBe(1);
});

test('another user of the machine cannot use the socket or read a password', () => {
  const home = join(__dirname, '..', '..', '.data', 'test');
  const isRoot = userInfo().uid === 0;
  // If these tests cannot switch users they connect under other names.
  const stranger = isRoot ? { uid: 65_534, gid: 65_534 } : {};
  const names = ['root', 'mysql', 'app', 'owner', 'nobody', ''].filter(
    (name) => name !== userInfo().username,
  );
  for (const name of isRoot ? [...names, 'root'] : names) {
    const entered = spawnSync(
      'mariadb',
      ['--no-defaults', `-u${name}`, `--socket=${join(home, 'db.sock')}`, '-e', 'SELECT 1'],
      { ...stranger, encoding: 'utf8' },
    );
    expect([name, entered.status]).toEqual([name, 1]);
    expect(entered.stderr).toMatch(/Access denied|Can't connect/);
  }
  expect((statSync(home).mode & 0o777).toString(8)).toBe('700');
  for (const file of ['password', 'owner-password'])
    expect((statSync(join(home, file)).mode & 0o777).toString(8)).toBe('600');
});

test('the application reads and writes rows but cannot change the schema', async () => {
  const grants = (await database().query('SHOW GRANTS'))[0] as object[];
  const may = grants.map((row) => String(Object.values(row)[0]).replace(/ IDENTIFIED .*/, ''));
  expect(may.sort()).toEqual([
    'GRANT SELECT, INSERT, UPDATE, DELETE ON `dense_ladder`.* TO `app`@`127.0.0.1`',
    'GRANT USAGE ON *.* TO `app`@`127.0.0.1`',
  ]);
  await expect(database().query('CREATE TABLE mine (id INT)')).rejects.toThrow(/ER_TABLEACCESS_DENIED/);
  await expect(database().query('SELECT * FROM mysql.user')).rejects.toThrow(/DENIED/);
  await expect(database().query("SELECT LOAD_FILE('/etc/passwd') IS NULL AS none")).resolves.toMatchObject([
    [{ none: 1 }],
    expect.anything(),
  ]);
});

test('values that do not fit their column are refused: too long, no date, not one of the allowed ones', async () => {
  const { asker, athlete } = await someBlock();
  const insert = (id: string, date: string, value: string) =>
    database().query(
      `INSERT INTO measurements (id, coach_id, athlete_id, local_date, kind, value, unit, at)
       VALUES (:id, :coach, :athlete, :date, 'body weight', :value, 'kg', NOW())`,
      { replacements: { id, date, value, coach: asker.coachId, athlete: athlete.id } },
    );
  for (const [id, date, value] of [
    ['m', '0000-00-00', '70'],
    ['m', '2026-02-31', '70'],
    ['x'.repeat(97), '2026-11-24', '70'],
    ['m', '2026-11-24', 'seventy'],
    ['m', '2026-11-24', '1e9'],
  ] as const)
    await expect(insert(id, date, value)).rejects.toThrow(/\(\d+\)/);
  expect(await models().measurements.count({ where: { athleteId: athlete.id } })).toBe(0);
});

test('a database error contains neither the statement nor a value', async () => {
  const { asker, athlete } = await someBlock();
  const secret = 'whisper-4711';
  const twice = { id: athlete.id, coachId: asker.coachId, name: secret, facts: '{}', revision: 0 };
  const errors = await Promise.all(
    [
      models().athletes.create({ ...twice, archivedAt: null, eraseAt: null }),
      models().athletes.update({ facts: `{"${secret}` }, { where: { id: athlete.id } }),
      database().query(`SELECT nonsense FROM nowhere WHERE name = '${secret}'`),
      database().query('SELECT nonsense FROM athletes WHERE name = :secret', { replacements: { secret } }),
    ].map((refused) => Promise.resolve(refused).catch((error: unknown) => error)),
  );
  for (const error of errors) {
    expect(error).toBeInstanceOf(Error);
    const logged = inspect(error, { depth: 9, showHidden: true });
    expect(logged).toMatch(/ER_\w+ \(\d+\)/);
    expect(logged).not.toMatch(/whisper|SELECT|INSERT|UPDATE|nonsense/);
  }
});

test('ids are compared case-sensitively', async () => {
  const [rows] = await database().query(
    `SELECT table_name, column_name, collation_name FROM information_schema.columns
     WHERE table_schema = DATABASE() AND data_type IN ('varchar', 'char')
       AND (column_name = 'id' OR column_name LIKE '%\\_id' OR column_name IN ('token_hash', 'code_hash'))
       AND collation_name NOT LIKE '%\\_bin'`,
  );
  expect(rows).toEqual([]);
});

test.each([
  ['mysql://app:x@127.0.0.1:3306/dense_ladder', ['127.0.0.1:3306']],
  ['mysql://app:x@a:1,b:2,c/dense_ladder', ['a:1', 'b:2', 'c']],
])('the hosts of %s', (url, hosts) => expect(hostsOf(url)).toEqual(hosts));
