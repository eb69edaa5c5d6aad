import { closeDatabase } from '../database';
import { migrate } from '../migrate';
import { models } from '../models/models';
import { NOW, PASSWORD, someCoach } from '../testing/coach';
import { inSchema } from '../testing/schema';
import {
  addFirstCoach,
  askerOf,
  changePassword,
  isEmptyInstallation,
  resetPassword,
  signIn,
  signOut,
} from './coaches';

afterAll(closeDatabase);

const later = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000);

test('the right password opens a session, in any case of the address; the token ends with sign-out', async () => {
  const coach = await someCoach();
  const outcome = await signIn(` ${coach.email.toUpperCase()} `, PASSWORD, NOW);
  if (outcome.status !== 'signed in') throw new Error(outcome.status);
  expect(await askerOf(outcome.token, NOW)).toMatchObject({ coachId: coach.coachId });
  await signOut(outcome.token);
  expect(await askerOf(outcome.token, NOW)).toBeUndefined();
});

test('neither the password nor the token is stored as it is', async () => {
  const coach = await someCoach();
  const outcome = await signIn(coach.email, PASSWORD, NOW);
  if (outcome.status !== 'signed in') throw new Error(outcome.status);
  const row = await models().coaches.findByPk(coach.coachId);
  expect(row?.get().passwordHash).toMatch(/^\$argon2id\$/);
  expect(await models().signIns.findByPk(outcome.token)).toBeNull();
});

test('a session ends by itself', async () => {
  const coach = await someCoach();
  const outcome = await signIn(coach.email, PASSWORD, NOW);
  if (outcome.status !== 'signed in') throw new Error(outcome.status);
  expect(await askerOf(outcome.token, later(31 * 24 * 60))).toBeUndefined();
});

test('wrong passwords and unknown addresses are answered alike', async () => {
  const coach = await someCoach();
  expect(await signIn(coach.email, 'wrong', NOW)).toEqual({ status: 'wrong' });
  expect(await signIn('nobody@example.org', 'wrong', NOW)).toEqual({ status: 'wrong' });
});

test('after eight attempts even the right password waits; a quarter of an hour later it opens', async () => {
  const coach = await someCoach();
  for (let attempt = 0; attempt < 8; attempt++) await signIn(coach.email, 'wrong', NOW);
  expect(await signIn(coach.email, PASSWORD, later(1))).toEqual({ status: 'wait', minutes: 14 });
  expect((await signIn(coach.email, PASSWORD, later(16))).status).toBe('signed in');
});

test('a password is changed with the old one in hand; other sessions end, this one goes on', async () => {
  const coach = await someCoach();
  const [here, there] = [await signIn(coach.email, PASSWORD, NOW), await signIn(coach.email, PASSWORD, NOW)];
  if (here.status !== 'signed in' || there.status !== 'signed in') throw new Error('not signed in');
  expect(await changePassword(coach, 'wrong', 'a longer password', here.token)).toBe('wrong');
  expect(await changePassword(coach, PASSWORD, 'short', here.token)).toBe('too short');
  expect(await changePassword(coach, PASSWORD, 'a longer password', here.token)).toBe('changed');
  expect(await askerOf(here.token, NOW)).toBeDefined();
  expect(await askerOf(there.token, NOW)).toBeUndefined();
  expect((await signIn(coach.email, PASSWORD, NOW)).status).toBe('wrong');
  expect((await signIn(coach.email, 'a longer password', NOW)).status).toBe('signed in');
});

test('the first coach of an empty installation is one, whoever tries at once; then nobody is the first any more', async () => {
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

test('a forgotten password is replaced, and every session ends', async () => {
  const coach = await someCoach();
  const outcome = await signIn(coach.email, PASSWORD, NOW);
  if (outcome.status !== 'signed in') throw new Error(outcome.status);
  const next = await resetPassword(coach.email);
  expect(next).toMatch(/^[\w-]{16}$/);
  expect(await askerOf(outcome.token, NOW)).toBeUndefined();
  expect(await signIn(coach.email, PASSWORD, NOW)).toEqual({ status: 'wrong' });
  expect((await signIn(coach.email, next ?? '', NOW)).status).toBe('signed in');
  expect(await resetPassword('nobody@example.org')).toBeUndefined();
});
