import { randomBytes, randomUUID } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { Op, QueryTypes, type Transaction } from 'sequelize';
import type { Asker } from '../asker';
import { database, transact } from '../database';
import { models } from '../models/models';
import type { CoachRow } from '../models/rows';
import { digest, newToken } from '../token';

/** How long a session lasts, and one whose code is still to come. */
export const SESSION_DAYS = 30;
const CODE_MINUTES = 10;
const DAY_MS = 86_400_000;
const WINDOW_MINUTES = 15;
const MOST_ATTEMPTS = 8;

const normal = (email: string) => email.trim().toLowerCase();

/** What is kept of a password. */
export async function passwordHashOf(password: string): Promise<string> {
  return hash(password);
}

/** A coach to be added, with a house of their own; the password is kept as an Argon2id hash only. */
export async function newCoach(coach: {
  readonly email: string;
  readonly name: string;
  readonly password: string;
}): Promise<CoachRow> {
  const id = randomUUID();
  const { email, name, password } = coach;
  return {
    id,
    email: normal(email),
    name,
    passwordHash: await hash(password),
    conventions: '{}',
    houseId: id,
    secondFactor: null,
    secondFactorStep: null,
  };
}

/** Adds a coach with a house of their own. */
async function withHouse(row: CoachRow, transaction: Transaction): Promise<void> {
  const { coaches, houses } = models();
  await coaches.create(row, { transaction });
  await houses.create({ id: row.houseId, ownerId: row.id, secondFactorRequired: false }, { transaction });
}

/** Adds a coach; the password is kept as an Argon2id hash only. */
export async function addCoach(coach: { email: string; name: string; password: string }): Promise<Asker> {
  const row = await newCoach(coach);
  await transact((transaction) => withHouse(row, transaction));
  return { coachId: row.id };
}

/** Whether nobody has signed up yet. */
export async function isEmptyInstallation(): Promise<boolean> {
  return (await models().coaches.findOne({ attributes: ['id'] })) === null;
}

/** Adds the first coach of an installation. @returns whether there was none before */
export async function addFirstCoach(coach: {
  readonly email: string;
  readonly name: string;
  readonly password: string;
}): Promise<boolean> {
  const row = await newCoach(coach);
  return transact(async (transaction) => {
    const { coaches } = models();
    // Held from the first row to the last: of two at once one is the first.
    const held = await coaches.findAll({ attributes: ['id'], transaction, lock: transaction.LOCK.UPDATE });
    if (held.length > 0) return false;
    await withHouse(row, transaction);
    return true;
  });
}

/**
 * Gives a coach who has forgotten theirs a new password, and ends all their sessions.
 * @returns the password, to be told once; undefined where nobody has the address
 */
export async function resetPassword(email: string): Promise<string | undefined> {
  const { attempts, coaches, signIns } = models();
  const coach = await coaches.findOne({ where: { email: normal(email) } });
  if (coach === null) return undefined;
  const password = randomBytes(12).toString('base64url');
  const { id } = coach.get();
  await coaches.update({ passwordHash: await hash(password) }, { where: { id } });
  await signIns.destroy({ where: { coachId: id } });
  await attempts.destroy({ where: { email: normal(email) } });
  return password;
}

/** The coach with this email address, if any. */
export async function coachByEmail(email: string): Promise<Asker | undefined> {
  const row = await models().coaches.findOne({ where: { email: normal(email) } });
  return row === null ? undefined : { coachId: row.get().id };
}

export type SignIn =
  | { readonly status: 'signed in'; readonly token: string; readonly expiresAt: Date }
  /** The password is right; a code of the second factor is still to come. */
  | { readonly status: 'code'; readonly token: string; readonly expiresAt: Date }
  | { readonly status: 'wrong' }
  | { readonly status: 'wait'; readonly minutes: number };

// Verified when no coach has the address, so that the answer takes as long as a wrong password.
let decoy: Promise<string> | undefined;

/**
 * Checks a password and opens a session. After too many attempts on one address in a quarter of an hour it asks to
 * wait, right password or not.
 * @param now passed in so that tests can move time
 */
export async function signIn(email: string, password: string, now: Date): Promise<SignIn> {
  const { attempts, coaches, signIns } = models();
  const address = normal(email).slice(0, 190);
  const since = new Date(now.getTime() - WINDOW_MINUTES * 60_000);
  const recent = await attempts.findAll({
    where: { email: address, at: { [Op.gt]: since } },
    order: [['at', 'ASC']],
  });
  if (recent.length >= MOST_ATTEMPTS) {
    const frees =
      (recent[recent.length - MOST_ATTEMPTS]?.get().at ?? now).getTime() + WINDOW_MINUTES * 60_000;
    return { status: 'wait', minutes: Math.max(1, Math.ceil((frees - now.getTime()) / 60_000)) };
  }
  // Counted before it is checked, so that attempts in parallel count too.
  await attempts.create({ email: address, at: now });
  const coach = await coaches.findOne({ where: { email: address } });
  decoy ??= hash(randomUUID());
  const right = await verify(coach?.get().passwordHash ?? (await decoy), password);
  if (coach === null || !right) return { status: 'wrong' };
  const { id, secondFactor } = coach.get();
  const awaitsCode = secondFactor !== null;
  // Attempts count on until the code is right too.
  if (!awaitsCode) await attempts.destroy({ where: { email: address } });
  const token = newToken();
  const expiresAt = new Date(now.getTime() + (awaitsCode ? CODE_MINUTES * 60_000 : SESSION_DAYS * DAY_MS));
  await signIns.create({ tokenHash: digest(token), coachId: id, expiresAt, awaitsCode, tries: 0 });
  await signIns.destroy({ where: { expiresAt: { [Op.lt]: now } } });
  return { status: awaitsCode ? 'code' : 'signed in', token, expiresAt };
}

/** A coach with a session. */
export interface SignedIn extends Asker {
  readonly name: string;
  /** Whether their house asks for a second factor that they have not set up: until then nothing answers to them. */
  readonly lacksFactor: boolean;
  /** Whether another coach of the house shares an athlete with them. */
  readonly isShown: boolean;
}

/** Who holds this token; undefined when the session has ended. */
export async function askerOf(token: string, now: Date): Promise<SignedIn | undefined> {
  // Asked by every request: one query.
  const [row] = await database().query<{
    coachId: string;
    name: string;
    lacksFactor: number;
    isShown: number;
  }>(
    `SELECT c.id AS coachId, c.name, c.second_factor IS NULL AND COALESCE(h.second_factor_required, FALSE) AS lacksFactor,
       EXISTS (SELECT 1 FROM athlete_shares WHERE athlete_shares.coach_id = c.id) AS isShown
     FROM sign_ins s JOIN coaches c ON c.id = s.coach_id LEFT JOIN houses h ON h.id = c.house_id
     WHERE s.token_hash = :token AND NOT s.awaits_code AND s.expires_at > :now`,
    { type: QueryTypes.SELECT, replacements: { token: digest(token), now } },
  );
  if (row === undefined) return undefined;
  return { ...row, lacksFactor: Boolean(row.lacksFactor), isShown: Boolean(row.isShown) };
}

/** Ends a session; ending one twice is fine. */
export async function signOut(token: string): Promise<void> {
  await models().signIns.destroy({ where: { tokenHash: digest(token) } });
}

export type PasswordOutcome = 'changed' | 'wrong' | 'too short' | 'gone';

/** Fewest characters of a password. */
export const PASSWORD_LEAST = 10;

/**
 * Changes a coach's password and ends all their other sessions.
 * @param keep the token of the session that goes on
 */
export async function changePassword(
  asker: Asker,
  current: string,
  next: string,
  keep: string,
): Promise<PasswordOutcome> {
  const { coaches, signIns } = models();
  const coach = await coaches.findByPk(asker.coachId);
  if (coach === null) return 'gone';
  if (!(await verify(coach.get().passwordHash, current))) return 'wrong';
  if (next.length < PASSWORD_LEAST) return 'too short';
  await coaches.update({ passwordHash: await hash(next) }, { where: { id: asker.coachId } });
  await signIns.destroy({ where: { coachId: asker.coachId, tokenHash: { [Op.ne]: digest(keep) } } });
  return 'changed';
}
