import { closeDatabase } from '../database';
import { models } from '../models/models';
import { NOW, setsFor, someBlock, someCoach, work } from '../testing/coach';
import { archiveAthlete } from './athletes';
import { storeWork } from './logging';
import {
  checkInvite,
  createCodeForPhone,
  findPhone,
  inviteAthlete,
  listPhones,
  revokePhones,
  signInPhone,
} from './phones';
import { listRefused, settleRefusedItem, storeRefused } from './refused-items';
import { issueWeek } from './sending-weeks';
import { newestIssued } from './training';

afterAll(closeDatabase);

const HOUR = 3_600_000;
const later = (ms: number) => new Date(NOW.getTime() + ms);

/** A phone signed in for an athlete of a new coach. */
async function somePhone() {
  const made = await someBlock();
  const link = await inviteAthlete(made.asker, made.athlete.id, NOW);
  const joined = link === undefined ? undefined : await signInPhone(link.token, 'Android phone', NOW);
  if (joined?.status !== 'joined') throw new Error('not joined');
  const phone = await findPhone(joined.token, NOW);
  if (phone === undefined) throw new Error('no phone');
  return { ...made, token: joined.token, phone };
}

describe('a personal link', () => {
  test('signs in one phone, once; viewing it does not use it up', async () => {
    const { asker, athlete } = await someBlock();
    const link = await inviteAthlete(asker, athlete.id, NOW);
    if (link === undefined) throw new Error('no link');
    const open = { status: 'open', athleteName: athlete.name };
    expect(await checkInvite(link.token, NOW)).toMatchObject(open);
    expect(await checkInvite(link.token, NOW)).toMatchObject(open);
    expect((await signInPhone(link.token, 'phone', NOW)).status).toBe('joined');
    expect(await signInPhone(link.token, 'phone', NOW)).toEqual({ status: 'used' });
    expect(await checkInvite(link.token, NOW)).toEqual({ status: 'used' });
  });

  test('of two phones opening it at once one is signed in', async () => {
    const { asker, athlete } = await someBlock();
    const link = await inviteAthlete(asker, athlete.id, NOW);
    const tried = await Promise.all([1, 2, 3].map(() => signInPhone(link?.token ?? '', 'phone', NOW)));
    expect(tried.map(({ status }) => status).sort()).toEqual(['joined', 'used', 'used']);
    expect(await listPhones(asker, athlete.id, NOW)).toHaveLength(1);
  });

  test('is valid for exactly 72 hours; a new one revokes it', async () => {
    const { asker, athlete } = await someBlock();
    const link = await inviteAthlete(asker, athlete.id, NOW);
    const token = link?.token ?? '';
    expect((await checkInvite(token, later(72 * HOUR - 1))).status).toBe('open');
    expect(await signInPhone(token, 'phone', later(72 * HOUR))).toEqual({ status: 'ended' });
    await inviteAthlete(asker, athlete.id, NOW);
    expect(await checkInvite(token, NOW)).toEqual({ status: 'unknown' });
  });

  test('can only be created by the athlete’s own coach, and is stored as a hash', async () => {
    const { asker, athlete } = await someBlock();
    expect(await inviteAthlete(await someCoach(), athlete.id, NOW)).toBeUndefined();
    const link = await inviteAthlete(asker, athlete.id, NOW);
    const rows = await models().invites.findAll({ where: { athleteId: athlete.id } });
    expect(JSON.stringify(rows)).not.toContain(link?.token);
  });

  test('is invalid once its athlete is archived', async () => {
    const { asker, athlete, token } = await somePhone();
    const link = await inviteAthlete(asker, athlete.id, NOW);
    await archiveAthlete(asker, athlete.id, NOW);
    expect(await checkInvite(link?.token ?? '', NOW)).toEqual({ status: 'unknown' });
    expect(await findPhone(token, NOW)).toBeUndefined();
  });
});

describe('a phone', () => {
  test('stays signed in for 90 days after its last use', async () => {
    const { token, phone } = await somePhone();
    const days = (count: number) => later(count * 24 * HOUR);
    expect(await findPhone(token, days(89))).toMatchObject({ phoneId: phone.phoneId });
    // Extended then: 90 more days.
    expect(await findPhone(token, days(178))).toMatchObject({ phoneId: phone.phoneId });
    expect(await findPhone(token, days(178 + 90))).toBeUndefined();
    expect(await findPhone('nobody’s', NOW)).toBeUndefined();
  });

  test('admits another one by a code, typed in any form, once and within ten minutes', async () => {
    const { asker, athlete, phone } = await somePhone();
    const code = await createCodeForPhone(phone, NOW);
    expect(code.token).toMatch(/^[A-HJKMNP-Z2-9]{10}$/);
    const typed = ` ${code.token.slice(0, 5).toLowerCase()} ${code.token.slice(5)}`;
    expect(await signInPhone(typed, 'iPhone', later(10 * 60_000))).toEqual({ status: 'ended' });
    expect((await signInPhone(typed, 'iPhone', later(10 * 60_000 - 1))).status).toBe('joined');
    expect(await signInPhone(typed, 'iPhone', NOW)).toEqual({ status: 'used' });
    expect((await listPhones(asker, athlete.id, NOW)).map(({ name }) => name).sort()).toEqual([
      'Android phone',
      'iPhone',
    ]);
  });

  test('is signed out alone or with all others; its codes and open links are revoked', async () => {
    const { asker, athlete, token, phone } = await somePhone();
    const code = await createCodeForPhone(phone, NOW);
    await revokePhones(await someCoach(), athlete.id, { phoneId: phone.phoneId }, NOW);
    expect(await findPhone(token, NOW)).toBeDefined();
    await revokePhones(asker, athlete.id, { phoneId: phone.phoneId }, NOW);
    expect(await findPhone(token, NOW)).toBeUndefined();
    expect(await signInPhone(code.token, 'phone', NOW)).toEqual({ status: 'unknown' });
    const link = await inviteAthlete(asker, athlete.id, NOW);
    await revokePhones(asker, athlete.id, 'all', NOW);
    expect(await signInPhone(link?.token ?? '', 'phone', NOW)).toEqual({ status: 'unknown' });
  });

  test('logs for its own athlete only, even among athletes of one coach', async () => {
    const { asker, athlete, blockId, phone } = await somePhone();
    expect(await newestIssued(phone)).toBeUndefined();
    const issued = await issueWeek(asker, blockId, 1, 0, NOW);
    if (issued.status !== 'issued') throw new Error(issued.status);
    expect(await newestIssued(phone)).toBe(blockId);
    const ref = { issuedWeekId: issued.week.id, sessionId: 'sa' };
    const outgoing = work({ sets: await setsFor(asker, blockId, 'sa') });
    expect(await storeWork({ ...phone, athleteId: 'another' }, ref, outgoing, NOW)).toEqual({
      status: 'gone',
    });
    expect(await storeWork(phone, ref, outgoing, NOW)).toMatchObject({ status: 'taken', refused: [] });
    expect(phone).toMatchObject({ coachId: asker.coachId, athleteId: athlete.id });
  });
});

test('what a phone could not send: shown while it has it, settled by whoever comes first, nobody else’s touched', async () => {
  const { asker, athlete } = await someBlock();
  const made = await inviteAthlete(asker, athlete.id, NOW);
  const joined = await signInPhone(made?.token ?? '', 'A phone', NOW);
  if (joined.status !== 'joined') throw new Error(joined.status);
  const phone = await findPhone(joined.token, NOW);
  if (phone === undefined) throw new Error('no phone');
  const items = ['a', 'b'].map((id) => ({ id: `${phone.phoneId}${id}`, item: '{}', why: 'id taken' }));
  await storeRefused(phone, items, NOW);
  await storeRefused(phone, items, NOW);
  const ids = async () => (await listRefused(asker, athlete.id)).map(({ id }) => id.slice(-1)).sort();
  expect(await ids()).toEqual(['a', 'b']);
  expect(await listRefused(await someCoach(), athlete.id)).toEqual([]);
  await settleRefusedItem(await someCoach(), athlete.id, items[0]?.id ?? '', NOW);
  expect(await ids()).toEqual(['a', 'b']);
  await settleRefusedItem(asker, athlete.id, items[0]?.id ?? '', NOW);
  expect(await ids()).toEqual(['b']);
  // The phone still reports both, and later neither.
  await storeRefused(phone, items, NOW);
  expect(await ids()).toEqual(['b']);
  await storeRefused(phone, [], NOW);
  expect(await ids()).toEqual([]);
});
