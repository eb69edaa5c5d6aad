import { exerciseById } from '@/core';
import { athleteFile } from '../archive/archive-out';
import { closeDatabase, database } from '../database';
import { NOW, PASSWORD, someCoach } from '../testing/coach';
import { slot, someWeeks, twoDays } from '../testing/weeks';
import { findAthlete } from './athletes';
import { saveSteps } from './blocks';
import { coachByEmail, signIn } from './coaches';
import { saveExercise, shareExercise, sharing } from './exercises';
import { ownExercises } from './own-exercises';
import { findPhone, inviteAthlete, signInPhone } from './phones';
import { roster } from './roster';
import { findSessionCoach } from './sessions';
import {
  acceptInvite,
  coachInvite,
  findTeam,
  forgottenPasswordLink,
  inviteCoach,
  newPasswordLink,
  passwordBy,
  transferAthlete,
} from './teams';
import {
  findDesign,
  ownTemplates,
  removeTemplate,
  renameTemplate,
  shareTemplate,
  storeTemplate,
} from './templates';
import { findTraining } from './training';

afterAll(closeDatabase);

const DAY = 86_400_000;
let made = 0;
/** A second coach in the team of the first. */
async function colleague(owner: { readonly coachId: string }) {
  const token = await inviteCoach(owner, NOW);
  const email = `colleague-${made++}-${Math.random()}@example.org`;
  expect(await acceptInvite(token ?? '', { email, name: 'Colleague', password: PASSWORD }, NOW)).toBe(
    'joined',
  );
  const asker = await coachByEmail(email);
  if (asker === undefined) throw new Error('not in');
  return { ...asker, email };
}

test('an invitation admits one coach, once and within a week; only the owner can create one', async () => {
  const owner = await someCoach();
  const token = (await inviteCoach(owner, NOW)) ?? '';
  expect(await coachInvite(token, NOW)).toMatchObject({ status: 'open' });
  expect(await coachInvite(`${token}x`, NOW)).toEqual({ status: 'unknown' });
  expect(await coachInvite(token, new Date(NOW.getTime() + 7 * DAY))).toEqual({ status: 'ended' });
  const coach = (email: string) => ({ email, name: 'Somebody', password: PASSWORD });
  expect(await acceptInvite(token, coach(owner.email), NOW)).toBe('taken');
  const emails = [1, 2, 3].map((at) => `in-${made++}-${at}-${Math.random()}@example.org`);
  const tried = await Promise.all(emails.map((email) => acceptInvite(token, coach(email), NOW)));
  expect(tried.filter((one) => one === 'joined')).toHaveLength(1);
  expect(await coachInvite(token, NOW)).toEqual({ status: 'used' });

  const house = await findTeam(owner);
  expect(house.isOwner).toBe(true);
  expect(house.coaches).toHaveLength(2);
  const other = await coachByEmail(emails[tried.indexOf('joined')] ?? '');
  if (other === undefined) throw new Error('not in');
  expect((await findTeam(other)).isOwner).toBe(false);
  expect(await inviteCoach(other, NOW)).toBeUndefined();
  // The team has no other member.
  expect((await findTeam(await someCoach())).coaches).toHaveLength(1);
});

test('an athlete is transferred with everything unchanged, nothing stays behind, and their phone keeps working', async () => {
  const weeks = await someWeeks(twoDays(6));
  const { asker, athlete, blockId } = weeks;
  const base = exerciseById('hack-squat');
  if (base === undefined) throw new Error('no squat');
  const exercise = {
    ...base,
    id: `own-${Math.random().toString(36).slice(2)}`,
    name: 'squat of this house',
    revision: 1,
  };
  await saveExercise(asker, exercise, NOW);
  const added = { ...slot('own', 'hack-squat'), exercise: { id: exercise.id, revision: 1 } };
  const edit = { kind: 'slot/add', session: 'sa', after: null, slot: added } as const;
  await saveSteps(asker, blockId, 0, [{ id: 'step-1', action: 'do', edit }], NOW);
  await weeks.live(1, { says: { slept: 'poorly' } });
  const invite = await inviteAthlete(asker, athlete.id, NOW);
  const joined = await signInPhone(invite?.token ?? '', 'a phone', NOW);
  if (joined.status !== 'joined') throw new Error(joined.status);
  const to = await colleague(asker);
  const stranger = await someCoach();
  expect(await ownExercises(to)).toEqual([]);
  expect(await transferAthlete(asker, athlete.id, stranger.coachId)).toBe(false);
  expect(await transferAthlete(stranger, athlete.id, stranger.coachId)).toBe(false);
  expect(await transferAthlete(to, athlete.id, to.coachId)).toBe(false);

  const before = await athleteFile(asker, athlete.id);
  const training = await findTraining(asker, blockId);
  expect(await transferAthlete(asker, athlete.id, to.coachId)).toBe(true);
  expect(await findAthlete(asker, athlete.id)).toBeUndefined();
  expect(await athleteFile(to, athlete.id)).toEqual(before);
  const after = await findTraining(to, blockId);
  expect({ ...after, readAt: '', athleteRevision: 0 }).toEqual({
    ...training,
    readAt: '',
    athleteRevision: 0,
  });
  expect(await roster(to)).toMatchObject([{ block: { id: blockId, state: 'running' } }]);
  expect(await findPhone(joined.token, NOW)).toMatchObject({ coachId: to.coachId, athleteId: athlete.id });
  // Both see the exercise from now on.
  expect(await ownExercises(to)).toEqual([exercise]);
  expect(await ownExercises(asker)).toEqual([exercise]);
  expect(await ownExercises(stranger)).toEqual([]);
  // No row of theirs belongs to the former coach, in any table with an owner.
  const [tables] = await database().query(
    `SELECT DISTINCT table_name AS name FROM information_schema.columns
     WHERE table_schema = DATABASE() AND column_name = 'coach_id'`,
  );
  const kept = new Set(['exercises', 'templates', 'sign_ins', 'import_names']);
  for (const { name } of tables as { name: string }[]) {
    if (kept.has(name)) continue;
    const [[row]] = (await database().query(`SELECT COUNT(*) AS n FROM ${name} WHERE coach_id = :coach`, {
      replacements: { coach: asker.coachId },
    })) as [[{ n: number }], unknown];
    expect([name, row.n]).toEqual([name, 0]);
  }
  expect((await signIn(to.email, PASSWORD, NOW)).status).toBe('signed in');
});

test('a shared template is visible to the team with its exercises, stays its author’s, and can be withdrawn', async () => {
  const weeks = await someWeeks(twoDays(6));
  const { asker, blockId } = weeks;
  const base = exerciseById('hack-squat');
  if (base === undefined) throw new Error('no squat');
  const exercise = {
    ...base,
    id: `own-${Math.random().toString(36).slice(2)}`,
    name: 'shared squat',
    revision: 1,
  };
  await saveExercise(asker, exercise, NOW);
  const added = { ...slot('own', 'hack-squat'), exercise: { id: exercise.id, revision: 1 } };
  const edit = { kind: 'slot/add', session: 'sa', after: null, slot: added } as const;
  await saveSteps(asker, blockId, 0, [{ id: 'step-1', action: 'do', edit }], NOW);
  await storeTemplate(asker, blockId, 'Of this house', NOW);
  const [template] = await ownTemplates(asker);
  const id = template?.id ?? '';
  const [other, stranger] = [await colleague(asker), await someCoach()];
  expect(await ownTemplates(other)).toEqual([]);
  expect(await shareTemplate(other, id, true)).toBe(false);
  expect(await shareTemplate(asker, id, true)).toBe(true);
  expect(await ownTemplates(other)).toMatchObject([{ id, shared: true, isOwn: false }]);
  expect(await findDesign(other, id)).toEqual(await findDesign(asker, id));
  expect(await ownExercises(other)).toEqual([exercise]);
  expect(await sharing(other)).toEqual({ [exercise.id]: { shared: true, isOwn: false } });
  expect(await findDesign(stranger, id)).toBeUndefined();
  // It can be viewed and copied, not changed.
  expect(await renameTemplate(other, id, 'Mine')).toBe(false);
  await removeTemplate(other, id);
  expect((await saveExercise(other, { ...exercise, revision: 2 }, NOW)).status).toBe('gone');
  expect(await shareExercise(other, exercise.id, false)).toBe(false);
  // A later revision is shared like the earlier one.
  await saveExercise(asker, { ...exercise, revision: 2 }, NOW);
  expect(await ownExercises(other)).toHaveLength(2);
  await shareTemplate(asker, id, false);
  await shareExercise(asker, exercise.id, false);
  expect([await ownTemplates(other), await ownExercises(other)]).toEqual([[], []]);
  expect(await ownTemplates(asker)).toMatchObject([{ id, shared: false, isOwn: true }]);
});

test('the owner’s link resets a member’s password once and ends all their sessions', async () => {
  const owner = await someCoach();
  const other = await colleague(owner);
  const stranger = await someCoach();
  expect(await newPasswordLink(other, owner.coachId, NOW)).toBeUndefined();
  expect(await newPasswordLink(owner, stranger.coachId, NOW)).toBeUndefined();
  const signedIn = await signIn(other.email, PASSWORD, NOW);
  const token = (await newPasswordLink(owner, other.coachId, NOW)) ?? '';
  expect(await coachInvite(token, NOW)).toMatchObject({ status: 'open', coach: 'Colleague' });
  // It invites nobody, and an invitation resets no password.
  const coach = { email: `x-${Math.random()}@example.org`, name: 'X', password: PASSWORD };
  expect(await acceptInvite(token, coach, NOW)).toBe('unknown');
  expect(await passwordBy((await inviteCoach(owner, NOW)) ?? '', 'another password', NOW)).toBeUndefined();
  expect(await passwordBy(token, 'another password', NOW)).toBe(other.email);
  expect(await passwordBy(token, 'a third password', NOW)).toBeUndefined();
  expect((await signIn(other.email, 'another password', NOW)).status).toBe('signed in');
  expect(signedIn.status === 'signed in' && (await findSessionCoach(signedIn.token, NOW))).toBeUndefined();
});

test('a forgotten password is reset by the operator’s link: once, within a day; the old one no longer works', async () => {
  const coach = await someCoach();
  const signedIn = await signIn(coach.email, PASSWORD, NOW);
  if (signedIn.status !== 'signed in') throw new Error(signedIn.status);
  const link = async () => (await forgottenPasswordLink(coach.email.toUpperCase(), NOW)) ?? '';
  const late = await link();
  expect(await findSessionCoach(signedIn.token, NOW)).toBeUndefined();
  expect(await signIn(coach.email, PASSWORD, NOW)).toEqual({ status: 'wrong' });
  const at = (hours: number) => new Date(NOW.getTime() + hours * 3_600_000);
  expect(await passwordBy(late, 'another password', at(24))).toBeUndefined();
  expect(await passwordBy(await link(), 'another password', at(23.9))).toBe(coach.email);
  expect((await signIn(coach.email, 'another password', NOW)).status).toBe('signed in');
  expect(await forgottenPasswordLink('nobody@example.org', NOW)).toBeUndefined();
});
