import { Sequelize } from 'sequelize';
import { closeDatabase, database, isUnavailable } from './database';
import { migrate } from './migrate';
import { models } from './models/models';
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
