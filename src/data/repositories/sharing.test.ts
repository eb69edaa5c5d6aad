import { closeDatabase, database } from '../database';
import { NOW, PASSWORD, someBlock, someCoach } from '../testing/coach';
import { listActivity, recordActivity } from './activity';
import { findAthlete } from './athletes';
import { saveSteps } from './blocks';
import { signIn } from './coaches';
import { findRevisions } from './revisions';
import { roster, waiting } from './roster';
import { issueWeek } from './sending-weeks';
import { findSessionCoach } from './sessions';
import { actingAs, listShares, shareAthlete, sharedWith } from './sharing';
import { acceptInvite, inviteCoach, transferAthlete } from './teams';
import { ownTemplates, storeTemplate } from './templates';

afterAll(closeDatabase);

/** A coach in the team of another, as their session finds them. */
async function colleagueOf(owner: { readonly coachId: string }) {
  const email = `colleague-${Math.random()}@example.org`;
  const coach = { email, name: 'Second Coach', password: PASSWORD };
  await acceptInvite((await inviteCoach(owner, NOW)) ?? '', coach, NOW);
  return { email, again: () => session(email) };
}

async function session(email: string) {
  const signedIn = await signIn(email, PASSWORD, NOW);
  const coach = signedIn.status === 'signed in' ? await findSessionCoach(signedIn.token, NOW) : undefined;
  if (coach === undefined) throw new Error(signedIn.status);
  return coach;
}

const rename = (id: string, value: string) =>
  [{ id, action: 'do', edit: { kind: 'block/set', field: 'name', value } }] as const;

test('only an athlete’s own coach can share them with a teammate, to read or in full, and end it', async () => {
  const { asker, athlete, blockId } = await someBlock();
  const { again } = await colleagueOf(asker);
  const second = await again();
  const stranger = await someCoach();
  expect(second.isShown).toBe(false);
  expect(await shareAthlete(second, athlete.id, second.coachId, 'full')).toBe(false);
  expect(await shareAthlete(asker, athlete.id, stranger.coachId, 'read')).toBe(false);
  expect(await shareAthlete(asker, athlete.id, asker.coachId, 'read')).toBe(false);
  expect(await shareAthlete(stranger, athlete.id, second.coachId, 'read')).toBe(false);

  expect(await shareAthlete(asker, athlete.id, second.coachId, 'read')).toBe(true);
  const reading = await again();
  expect(reading.isShown).toBe(true);
  const shared = { coach: 'Test Coach', may: 'read' };
  const acting = { asker: { coachId: asker.coachId, actorId: second.coachId }, shared };
  expect(await actingAs(reading, { athleteId: athlete.id })).toEqual(acting);
  expect(await actingAs(reading, { blockId })).toEqual(acting);
  // For an athlete not shared with them they are an ordinary coach and find nothing.
  const other = await someBlock();
  expect(await actingAs(reading, { blockId: other.blockId })).toEqual({
    asker: { coachId: second.coachId },
    shared: null,
  });
  // A number or a pattern instead of an id finds nothing.
  expect((await actingAs(reading, { blockId: '%' })).shared).toBeNull();
  await expect(actingAs(reading, { blockId: 0 as unknown as string })).rejects.toThrow(TypeError);

  const shown = await sharedWith(reading);
  expect([...shown]).toEqual([[athlete.id, shared]]);
  expect(await roster(reading, shown)).toMatchObject([{ athleteId: athlete.id, shared }]);
  expect(await roster(asker)).toMatchObject([{ athleteId: athlete.id, shared: null }]);

  await shareAthlete(asker, athlete.id, second.coachId, 'full');
  expect(await listShares(asker, athlete.id)).toEqual([{ coachId: second.coachId, may: 'full' }]);
  expect(await listShares(reading, athlete.id)).toEqual([]);
  await shareAthlete(asker, athlete.id, second.coachId, null);
  expect(await again()).toMatchObject({ isShown: false });
  expect((await actingAs(reading, { blockId })).shared).toBeNull();
});

test('alerts of a fully shared athlete wait for both; shared to read, for their own coach only', async () => {
  const { asker, athlete } = await someBlock();
  const { again } = await colleagueOf(asker);
  const counts = async (coach: { readonly coachId: string }) => {
    const shown = 'isShown' in coach ? await sharedWith(await again()) : undefined;
    return (await waiting(coach, ['next week'], shown)).counts.get(athlete.id) ?? 0;
  };
  const own = await counts(asker);
  expect(own).toBeGreaterThan(0);
  const { coachId } = await again();
  await shareAthlete(asker, athlete.id, coachId, 'read');
  expect(await counts(await again())).toBe(0);
  await shareAthlete(asker, athlete.id, coachId, 'full');
  expect(await counts(await again())).toBe(own);
});

test('each change of a block names its author, also after a transfer; actions are listed latest first', async () => {
  const { asker, athlete, blockId } = await someBlock();
  const { again } = await colleagueOf(asker);
  await saveSteps(asker, blockId, 0, rename('one', 'First'), NOW);
  await shareAthlete(asker, athlete.id, (await again()).coachId, 'full');
  const second = await again();
  const acting = (await actingAs(second, { blockId })).asker;
  expect(await saveSteps(acting, blockId, 1, rename('two', 'Second'), NOW)).toMatchObject({
    status: 'saved',
  });
  const by = async (coach: { readonly coachId: string }) =>
    (await findRevisions(coach, blockId)).map((line) => line.by);
  expect(await by(asker)).toEqual(['Second Coach', 'Test Coach']);

  expect((await issueWeek(acting, blockId, 1, 2, NOW)).status).toBe('issued');
  await recordActivity(acting, { blockId }, { what: 'handed out', about: '1' }, NOW);
  await recordActivity(asker, { athleteId: athlete.id }, { what: 'shared', about: 'Second Coach' }, NOW);
  // A coach without access to the athlete records nothing.
  await recordActivity(await someCoach(), { blockId }, { what: 'took back', about: '1' }, NOW);
  const deeds = [
    { what: 'shared', about: 'Second Coach', by: 'Test Coach', at: NOW.toISOString() },
    { what: 'handed out', about: '1', by: 'Second Coach', at: NOW.toISOString() },
  ];
  expect(await listActivity(asker, athlete.id)).toEqual(deeds);
  expect(await listActivity(await someCoach(), athlete.id)).toEqual([]);

  expect(await transferAthlete(asker, athlete.id, second.coachId)).toBe(true);
  expect(await by(second)).toEqual(['Second Coach', 'Test Coach']);
  expect(await listActivity(second, athlete.id)).toEqual(deeds);
  expect((await again()).isShown).toBe(false);
  expect(await findAthlete(second, athlete.id)).toBeDefined();
});

test('a template saved from a shared block belongs to the coach who saved it', async () => {
  const { asker, athlete, blockId } = await someBlock();
  const { again } = await colleagueOf(asker);
  await shareAthlete(asker, athlete.id, (await again()).coachId, 'read');
  const second = await again();
  const { asker: acting } = await actingAs(second, { blockId });
  expect(await storeTemplate(acting, blockId, 'Seen there', NOW)).toBe(true);
  expect(await ownTemplates(asker)).toEqual([]);
  expect(await ownTemplates(second)).toMatchObject([{ name: 'Seen there', isOwn: true }]);
});

test('shares and actions are erased with the athlete', async () => {
  const { asker, athlete } = await someBlock();
  const { again } = await colleagueOf(asker);
  await shareAthlete(asker, athlete.id, (await again()).coachId, 'read');
  await recordActivity(asker, { athleteId: athlete.id }, { what: 'archived', about: '' }, NOW);
  await database().query('DELETE FROM athletes WHERE id = :id', { replacements: { id: athlete.id } });
  for (const table of ['athlete_shares', 'deeds']) {
    const [rows] = await database().query(`SELECT * FROM ${table} WHERE athlete_id = :id`, {
      replacements: { id: athlete.id },
    });
    expect([table, rows]).toEqual([table, []]);
  }
});
