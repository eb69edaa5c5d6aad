import { Sequelize } from 'sequelize';
import { closeDatabase, database, isUnavailable } from './database';
import { migrate } from './migrate';
import { models } from './models/models';
import { archiveAthlete, eraseAthlete } from './repositories/athletes';
import { setsFor, someBlock } from './testing/coach';

afterAll(closeDatabase);

test('a server that is not there is unavailable; a wrong statement or a bug is not', async () => {
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

test('every table of a coach’s data is bound to the coach and goes with them', async () => {
  const { asker, blockId } = await someBlock();
  expect(await setsFor(asker, blockId, 'sa')).toEqual([]);
  await models().coaches.destroy({ where: { id: asker.coachId } });
  expect(await models().blocks.count({ where: { id: blockId } })).toBe(0);
  expect(await models().athletes.count({ where: { coachId: asker.coachId } })).toBe(0);
});

test('no JSON that does not parse gets into a document column', async () => {
  const { asker, blockId } = await someBlock();
  const broken = models().blocks.update(
    { document: '{"format":' },
    { where: { id: blockId, coachId: asker.coachId } },
  );
  await expect(broken).rejects.toThrow();
});

test('every commit is flushed', async () => {
  const [rows] = await database().query('SELECT @@innodb_flush_log_at_trx_commit AS flushed');
  expect(rows).toEqual([{ flushed: 1 }]);
});

test.each(['root', 'mysql', 'mariadb.sys', '', 'app'])(
  'nobody enters over the network as “%s” without the application’s password',
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

test('an id is text: a number would match every id that begins with it', async () => {
  const { asker, athlete } = await someBlock();
  const numbers: readonly unknown[] = [5, Number.parseInt(athlete.id, 10), true, { like: '%' }];
  for (const id of numbers) {
    await expect(eraseAthlete(asker, id as string, new Date())).rejects.toThrow(TypeError);
    await expect(archiveAthlete(asker, id as string, null)).rejects.toThrow(TypeError);
  }
  expect(await models().athletes.count({ where: { coachId: asker.coachId } })).toBe(1);
});
