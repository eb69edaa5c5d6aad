import { closeDatabase } from '../database';
import { migrate } from '../migrate';
import { models } from '../models/models';
import { NOW, PASSWORD, someCoach } from '../testing/coach';
import { inSchema } from '../testing/schema';
import { addFirstCoach, changePassword, confirmPassword, isEmptyInstallation, signIn } from './coaches';
import { endSession, findSessionCoach, listSessions, openSession, signOut } from './sessions';

afterAll(closeDatabase);

const later = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000);

test('the right password opens a session, with any capitalisation of the address; sign-out ends the token', async () => {
  const coach = await someCoach();
  const outcome = await signIn(` ${coach.email.toUpperCase()} `, PASSWORD, NOW);
  if (outcome.status !== 'signed in') throw new Error(outcome.status);
  expect(await findSessionCoach(outcome.token, NOW)).toMatchObject({ coachId: coach.coachId });
  await signOut(outcome.token);
  expect(await findSessionCoach(outcome.token, NOW)).toBeUndefined();
});

test('neither the password nor the token is stored in plain text', async () => {
  const coach = await someCoach();
  const outcome = await signIn(coach.email, PASSWORD, NOW);
  if (outcome.status !== 'signed in') throw new Error(outcome.status);
  const row = await models().coaches.findByPk(coach.coachId);
  expect(row?.get().passwordHash).toMatch(/^\$argon2id\$/);
  expect(await models().signIns.findByPk(outcome.token)).toBeNull();
});

test('a session expires', async () => {
  const coach = await someCoach();
  const outcome = await signIn(coach.email, PASSWORD, NOW);
  if (outcome.status !== 'signed in') throw new Error(outcome.status);
  expect(await findSessionCoach(outcome.token, later(31 * 24 * 60))).toBeUndefined();
});

test('wrong passwords and unknown addresses get the same answer', async () => {
  const coach = await someCoach();
  expect(await signIn(coach.email, 'wrong', NOW)).toEqual({ status: 'wrong' });
  expect(await signIn('nobody@example.org', 'wrong', NOW)).toEqual({ status: 'wrong' });
});

test('a stranger’s attempts wait longer and longer, at most a quarter of an hour; an hour resets them', async () => {
  const coach = await someCoach();
  const from = { address: 'a-stranger' };
  const at = (seconds: number) => new Date(NOW.getTime() + seconds * 1000);
  const attempt = (seconds: number, password = 'wrong') => signIn(coach.email, password, at(seconds), from);
  for (let free = 0; free < 5; free++) expect(await attempt(0)).toEqual({ status: 'wrong' });
  expect(await attempt(0, PASSWORD)).toEqual({ status: 'wait', seconds: 5 });
  expect(await attempt(4)).toEqual({ status: 'wait', seconds: 1 });
  expect(await attempt(5)).toEqual({ status: 'wrong' });
  // An attempt made while waiting does not count: twice as long, not more.
  expect(await attempt(14)).toEqual({ status: 'wait', seconds: 1 });
  expect(await attempt(15)).toEqual({ status: 'wrong' });
  let now = 15;
  for (const wait of [20, 40, 80, 160, 320, 640, 900, 900]) {
    expect(await attempt(now + wait - 1)).toEqual({ status: 'wait', seconds: 1 });
    now += wait;
    expect(await attempt(now)).toEqual({ status: 'wrong' });
  }
  expect((await attempt(now + 3599)).status).toBe('wrong');
  now += 3599;
  expect(await attempt(now + 1)).toMatchObject({ status: 'wait' });
  expect((await attempt(now + 3600, PASSWORD)).status).toBe('signed in');
});

test('attacks on a coach’s account from everywhere lock out neither their known device nor the coach elsewhere', async () => {
  const coach = await someCoach();
  const home = { address: 'home' };
  const first = await signIn(coach.email, PASSWORD, NOW, home);
  if (first.status !== 'signed in') throw new Error(first.status);
  for (let n = 0; n < 45; n++)
    await signIn(coach.email, 'wrong', NOW, { address: `net-${n % 10}-${coach.email}` });
  const stranger = { address: `net-1-${coach.email}` };
  expect((await signIn(coach.email, PASSWORD, NOW, { address: 'hotel' })).status).toBe('signed in');
  for (let n = 0; n < 12; n++)
    await signIn(coach.email, 'wrong', NOW, { address: `more-${n}-${coach.email}` });
  expect((await signIn(coach.email, PASSWORD, NOW, stranger)).status).toBe('wait');
  const known = { ...stranger, device: first.device };
  expect(await signIn(coach.email, PASSWORD, NOW, known)).toMatchObject({
    status: 'signed in',
    device: first.device,
  });
  // The known device is theirs alone, and its attempts are counted separately.
  const other = await someCoach();
  for (let n = 0; n < 5; n++) await signIn(coach.email, 'wrong', NOW, known);
  expect((await signIn(coach.email, PASSWORD, NOW, known)).status).toBe('wait');
  expect((await signIn(other.email, PASSWORD, NOW, { address: 'hotel', device: first.device })).status).toBe(
    'signed in',
  );
  expect((await signIn(coach.email, PASSWORD, NOW, { address: 'hotel', device: 'made up' })).status).toBe(
    'wait',
  );
});

test('attempts on many accounts from one address make it wait; the attacker’s own sign-in does not reset that', async () => {
  const own = await someCoach();
  const from = { address: `one-${own.email}` };
  for (let n = 0; n < 19; n++) await signIn(`nobody-${n}-${own.email}`, 'wrong', NOW, from);
  expect((await signIn(own.email, PASSWORD, NOW, from)).status).toBe('signed in');
  expect((await signIn(`nobody-20-${own.email}`, 'wrong', NOW, from)).status).toBe('wrong');
  expect((await signIn(`nobody-21-${own.email}`, 'wrong', NOW, from)).status).toBe('wait');
});

test('parallel attempts count too', async () => {
  const coach = await someCoach();
  const tries = await Promise.all(
    Array.from({ length: 12 }, () =>
      signIn(coach.email, 'wrong', NOW, { address: `at-once-${coach.email}` }),
    ),
  );
  expect(tries.filter(({ status }) => status === 'wrong')).toHaveLength(5);
});

test('an unused session expires after a week, a used one after thirty days; each can be ended by its name', async () => {
  const coach = await someCoach();
  const day = (n: number) => new Date(NOW.getTime() + n * 86_400_000);
  const { token } = await openSession(coach.coachId, { device: 'Mac, Firefox', awaitsCode: false }, NOW);
  const idle = await openSession(coach.coachId, { device: 'iPad, Safari', awaitsCode: false }, NOW);
  for (let n = 6; n < 30; n += 6)
    expect(await findSessionCoach(token, day(n))).toMatchObject({ coachId: coach.coachId });
  expect(await findSessionCoach(idle.token, day(7))).toBeUndefined();
  expect(await findSessionCoach(token, day(30))).toBeUndefined();
  const other = await openSession(coach.coachId, { device: 'iPhone, Safari', awaitsCode: false }, day(24));
  const listed = await listSessions(coach, token, day(25));
  expect(listed.map(({ device, isThis }) => [device, isThis])).toEqual([
    ['iPhone, Safari', false],
    ['Mac, Firefox', true],
  ]);
  expect(JSON.stringify(listed)).not.toContain(token);
  const name = listed[0]?.name ?? '';
  expect(await endSession(await someCoach(), name)).toBe(false);
  expect(await endSession(coach, '%')).toBe(false);
  expect(await endSession(coach, name)).toBe(true);
  expect(await findSessionCoach(other.token, day(25))).toBeUndefined();
  expect(await findSessionCoach(token, day(25))).toBeDefined();
});

test('changing the password needs the old one; other sessions end, this one continues', async () => {
  const coach = await someCoach();
  const [here, there] = [await signIn(coach.email, PASSWORD, NOW), await signIn(coach.email, PASSWORD, NOW)];
  if (here.status !== 'signed in' || there.status !== 'signed in') throw new Error('not signed in');
  const change = async (current: string, next: string) =>
    (await changePassword(coach, { current, next }, here.token, NOW)).status;
  expect(await change('wrong', 'a longer password')).toBe('wrong');
  expect(await change(PASSWORD, 'short')).toBe('too short');
  expect(await change(PASSWORD, 'password123')).toBe('too easy');
  // The form cannot be used to guess passwords.
  for (let n = 0; n < 5; n++) expect(await change('wrong', 'a longer password')).toBe('wrong');
  expect(await change(PASSWORD, 'a longer password')).toBe('wait');
  const later = new Date(NOW.getTime() + 5_000);
  const changed = { current: PASSWORD, next: 'a longer password' };
  const outcome = await changePassword(coach, changed, here.token, later);
  if (outcome.status !== 'changed') throw new Error(outcome.status);
  // Under another token.
  expect(await findSessionCoach(here.token, NOW)).toBeUndefined();
  expect(await findSessionCoach(outcome.session.token, NOW)).toMatchObject({ coachId: coach.coachId });
  expect(outcome.session.expiresAt).toEqual(here.expiresAt);
  expect(await findSessionCoach(there.token, NOW)).toBeUndefined();
  expect((await signIn(coach.email, PASSWORD, NOW)).status).toBe('wrong');
  expect((await signIn(coach.email, 'a longer password', NOW)).status).toBe('signed in');
});

test('a confirmed password is valid for a quarter of an hour, once per session, under a new token', async () => {
  const coach = await someCoach();
  const [here, there] = [await signIn(coach.email, PASSWORD, NOW), await signIn(coach.email, PASSWORD, NOW)];
  if (here.status !== 'signed in' || there.status !== 'signed in') throw new Error('not signed in');
  const isSure = async (token: string, minutes: number) =>
    (await findSessionCoach(token, later(minutes)))?.isSure;
  expect([await isSure(here.token, 14.9), await isSure(here.token, 15)]).toEqual([true, false]);
  const tell = (password: string, token: string, minutes: number) =>
    confirmPassword(coach, password, token, later(minutes));
  expect(await tell('wrong', here.token, 20)).toEqual({ status: 'wrong' });
  expect(await isSure(here.token, 20)).toBe(false);
  const told = await tell(PASSWORD, here.token, 20);
  if (told.status !== 'told') throw new Error(told.status);
  const { token } = told.session;
  expect([await isSure(token, 34.9), await isSure(token, 35)]).toEqual([true, false]);
  // The old token is worthless, and other devices are unaffected.
  expect(await isSure(here.token, 20)).toBeUndefined();
  expect(await isSure(there.token, 20)).toBe(false);
  expect(await tell(PASSWORD, here.token, 21)).toEqual({ status: 'gone' });
  // It cannot be used to guess passwords.
  for (let n = 0; n < 5; n++) await tell('wrong', token, 40);
  expect(await tell(PASSWORD, token, 40)).toEqual({ status: 'wait', seconds: 5 });
});

test('of concurrent attempts exactly one becomes the installation’s first coach', async () => {
  const before = process.env.DATABASE_URL ?? '';
  await inSchema(async ({ url }) => {
    await closeDatabase();
    process.env.DATABASE_URL = url;
    await migrate();
    expect(await isEmptyInstallation()).toBe(true);
    const first = (who: string) =>
      addFirstCoach({ email: `${who}@example.org`, name: who, password: PASSWORD });
    const tried = await Promise.all(['one', 'two', 'three'].map(first));
    expect(tried.filter(Boolean)).toHaveLength(1);
    expect(await models().coaches.count()).toBe(1);
    expect(await isEmptyInstallation()).toBe(false);
    await closeDatabase();
  }).finally(() => {
    process.env.DATABASE_URL = before;
  });
});
