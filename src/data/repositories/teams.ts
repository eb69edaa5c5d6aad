import { QueryTypes, type Transaction } from 'sequelize';
import { exercisesIn } from '@/formats/archive/files';
import { type Asker, ownRows } from '../asker';
import { database, transact } from '../database';
import { hashPassword } from '../hashing';
import { models } from '../models/models';
import { digest, newToken } from '../token';
import { coachByEmail, newCoach } from './coaches';
import { shareExercisesUsed } from './exercises';
import { ownExercises } from './own-exercises';

const DAY_MS = 86_400_000;
/** Validity of an invitation, and of a password link. */
const JOIN_MS = 7 * DAY_MS;
const PASSWORD_MS = DAY_MS;

/** A team of coaches. */
export interface House {
  /** Whether the asker owns it and may invite others. */
  readonly isOwner: boolean;
  readonly coaches: readonly {
    readonly id: string;
    readonly name: string;
    readonly email: string;
    readonly isOwner: boolean;
    readonly athletes: number;
  }[];
}

/** A coach's team, by name. */
export async function findTeam(asker: Asker): Promise<House> {
  const rows = await database().query<{
    id: string;
    name: string;
    email: string;
    ownerId: string;
    athletes: number;
  }>(
    `SELECT c.id, c.name, c.email, h.owner_id AS ownerId,
       (SELECT COUNT(*) FROM athletes a WHERE a.coach_id = c.id AND a.archived_at IS NULL) AS athletes
     FROM coaches m JOIN houses h ON h.id = m.house_id JOIN coaches c ON c.house_id = h.id
     WHERE m.id = :coachId ORDER BY c.name, c.id`,
    { type: QueryTypes.SELECT, replacements: { coachId: asker.coachId } },
  );
  return {
    isOwner: rows[0]?.ownerId === asker.coachId,
    coaches: rows.map(({ id, name, email, ownerId, athletes }) => ({
      id,
      name,
      email,
      isOwner: id === ownerId,
      athletes: Number(athletes),
    })),
  };
}

/** Creates an invitation, valid once and for a week. @returns its token; undefined if the asker owns no team */
export async function inviteCoach(asker: Asker, now: Date): Promise<string | undefined> {
  const house = await models().houses.findOne({ where: { ownerId: asker.coachId } });
  return house === null ? undefined : makeLink(house.get().id, null, now);
}

/**
 * Creates a link with which a member sets a new password, valid once and for a day.
 * @returns its token; undefined if the asker owns no team, or there is no such member
 */
export async function newPasswordLink(asker: Asker, coachId: string, now: Date): Promise<string | undefined> {
  const { isOwner, coaches } = await findTeam(asker);
  if (!isOwner || coachId === asker.coachId || !coaches.some(({ id }) => id === coachId)) return undefined;
  const coach = await models().coaches.findByPk(coachId);
  return coach === null ? undefined : makeLink(coach.get().houseId, coachId, now);
}

/**
 * Creates a password link on the server's command line. The old password and all sessions stop working at once.
 * @returns its token, shown once; undefined if nobody has the address
 */
export async function forgottenPasswordLink(email: string, now: Date): Promise<string | undefined> {
  const asker = await coachByEmail(email);
  const { coaches, signIns } = models();
  const coach = asker === undefined ? null : await coaches.findByPk(asker.coachId);
  if (coach === null) return undefined;
  const { id, houseId } = coach.get();
  await coaches.update({ passwordHash: await hashPassword(newToken()) }, { where: { id } });
  await signIns.destroy({ where: { coachId: id } });
  return makeLink(houseId, id, now);
}

/** @param coachId who sets a password with it; null: an invitation */
async function makeLink(houseId: string, coachId: string | null, now: Date): Promise<string> {
  const token = newToken();
  const expiresAt = new Date(now.getTime() + (coachId === null ? JOIN_MS : PASSWORD_MS));
  await models().coachInvites.create({ tokenHash: digest(token), houseId, coachId, expiresAt, usedAt: null });
  return token;
}

/** What a link is for, and in which team. */
export type CoachInvite =
  | {
      readonly status: 'open';
      readonly owner: string;
      /** Who sets a new password with it; null: an invitation. */
      readonly coach: string | null;
    }
  | { readonly status: 'unknown' | 'used' | 'ended' };

/** Checks a link without using it up. */
export async function coachInvite(token: string, now: Date): Promise<CoachInvite> {
  const { coaches, coachInvites, houses } = models();
  const row = await coachInvites.findByPk(digest(token));
  if (row === null) return { status: 'unknown' };
  const { usedAt, expiresAt, houseId, coachId } = row.get();
  if (usedAt !== null) return { status: 'used' };
  if (expiresAt <= now) return { status: 'ended' };
  const house = await houses.findByPk(houseId);
  const owner = house === null ? null : await coaches.findByPk(house.get().ownerId);
  const coach = coachId === null ? null : await coaches.findByPk(coachId);
  if (owner === null || (coachId !== null && coach === null)) return { status: 'unknown' };
  return { status: 'open', owner: owner.get().name, coach: coach?.get().name ?? null };
}

/** Adds a coach by an invitation, which is used up. Of two concurrent attempts one succeeds. */
export async function acceptInvite(
  token: string,
  coach: { readonly email: string; readonly name: string; readonly password: string },
  now: Date,
): Promise<'joined' | 'taken' | 'unknown' | 'used' | 'ended'> {
  const state = await coachInvite(token, now);
  if (state.status !== 'open') return state.status;
  if (state.coach !== null) return 'unknown';
  const row = await newCoach(coach);
  return transact(async (transaction) => {
    const { coaches, coachInvites } = models();
    const invite = await coachInvites.findByPk(digest(token), { transaction, lock: transaction.LOCK.UPDATE });
    if (invite === null) return 'unknown';
    const { houseId, usedAt } = invite.get();
    if (usedAt !== null) return 'used';
    if ((await coaches.count({ where: { email: row.email }, transaction })) > 0) return 'taken';
    await coaches.create({ ...row, houseId }, { transaction });
    await invite.update({ usedAt: now }, { transaction });
    return 'joined';
  });
}

/**
 * Sets the password of a link's coach, uses the link up, and ends all their sessions.
 * @returns their address, to sign in with; undefined if the link is not valid any more
 */
export async function passwordBy(token: string, password: string, now: Date): Promise<string | undefined> {
  const state = await coachInvite(token, now);
  if (state.status !== 'open' || state.coach === null) return undefined;
  const passwordHash = await hashPassword(password);
  return transact(async (transaction) => {
    const { coaches, coachInvites, signIns } = models();
    const invite = await coachInvites.findByPk(digest(token), { transaction, lock: transaction.LOCK.UPDATE });
    const { coachId = null, usedAt = now } = invite?.get() ?? {};
    if (invite === null || coachId === null || usedAt !== null) return undefined;
    await coaches.update({ passwordHash }, { where: { id: coachId }, transaction });
    await signIns.destroy({ where: { coachId }, transaction });
    await invite.update({ usedAt: now }, { transaction });
    return (await coaches.findByPk(coachId, { transaction }))?.get().email;
  });
}

/** Tables whose rows belong to an athlete directly, through a block, or through a workout. */
const BY_ATHLETE = [
  'blocks',
  'measurements',
  'check_ins',
  'refused_items',
  'phones',
  'invites',
  'calendar_links',
  'standings',
  'calls',
] as const;
const BY_BLOCK = ['block_revisions', 'issued_weeks', 'workouts'] as const;
const BY_WORKOUT = ['logged_sets', 'soreness_reports', 'ramp_reports'] as const;

/**
 * Transfers an athlete with everything to another coach of the team: blocks and steps, weeks, logs, notes, phones and
 * links continue as they were. Custom exercises they use are shared with the team.
 * @returns whether the athlete exists, and the coach is in the team
 */
export async function transferAthlete(asker: Asker, athleteId: string, toCoachId: string): Promise<boolean> {
  const { coaches } = await findTeam(asker);
  if (toCoachId === asker.coachId || !coaches.some(({ id }) => id === toCoachId)) return false;
  return transact(async (transaction) => {
    const { athletes, blocks } = models();
    const where = ownRows(asker, { id: athleteId });
    const row = await athletes.findOne({ where, transaction, lock: transaction.LOCK.UPDATE });
    if (row === null) return false;
    const documents = await blocks.findAll({ where: ownRows(asker, { athleteId }), transaction });
    const ids = documents.map((block) => block.get().id);
    await shareExercises(asker, athleteId, ids, transaction);
    const replacements = {
      from: asker.coachId,
      to: toCoachId,
      athleteId,
      ids: ids.length === 0 ? [''] : ids,
    };
    const move = (sql: string) => database().query(sql, { replacements, transaction });
    for (const table of BY_WORKOUT)
      await move(
        `UPDATE ${table} t JOIN workouts w ON w.id = t.workout_id SET t.coach_id = :to WHERE w.block_id IN (:ids) AND t.coach_id = :from`,
      );
    await move(
      `UPDATE issued_before t JOIN issued_weeks i ON i.id = t.issued_id SET t.coach_id = :to WHERE i.block_id IN (:ids) AND t.coach_id = :from`,
    );
    for (const table of BY_BLOCK)
      await move(`UPDATE ${table} SET coach_id = :to WHERE block_id IN (:ids) AND coach_id = :from`);
    for (const table of BY_ATHLETE)
      await move(`UPDATE ${table} SET coach_id = :to WHERE athlete_id = :athleteId AND coach_id = :from`);
    // The new owner needs no share; others keep theirs.
    await move('DELETE FROM athlete_shares WHERE athlete_id = :athleteId AND coach_id = :to');
    // Incremented, so that an open page notices.
    await move(
      'UPDATE athletes SET coach_id = :to, revision = revision + 1 WHERE id = :athleteId AND coach_id = :from',
    );
    return true;
  });
}

/** Shares custom exercises used in an athlete's blocks, weeks or log with the team. */
async function shareExercises(
  asker: Asker,
  athleteId: string,
  blocks: readonly string[],
  transaction: Transaction,
): Promise<void> {
  const { athletes } = models();
  const row = await athletes.findOne({ where: ownRows(asker, { id: athleteId }), transaction });
  const [documents, weeks, logged] = await Promise.all([
    models().blocks.findAll({ where: ownRows(asker, { athleteId }), attributes: ['document'], transaction }),
    models().issued.findAll({
      where: ownRows(asker, { blockId: blocks }),
      attributes: ['snapshot'],
      transaction,
    }),
    database().query<{ exerciseId: string }>(
      `SELECT DISTINCT s.exercise_id AS exerciseId FROM logged_sets s JOIN workouts w ON w.id = s.workout_id
       WHERE w.block_id IN (:ids)`,
      { type: QueryTypes.SELECT, replacements: { ids: blocks.length === 0 ? [''] : blocks }, transaction },
    ),
  ]);
  const texts = [
    row?.get().facts ?? '',
    ...documents.map((block) => block.get().document),
    ...weeks.map((week) => week.get().snapshot),
  ].map((text) => JSON.parse(text === '' ? 'null' : text) as unknown);
  const ids = logged.map(({ exerciseId }) => exerciseId);
  const held = exercisesIn([texts, ids], await ownExercises(asker, transaction));
  await shareExercisesUsed(asker, held, transaction);
}
