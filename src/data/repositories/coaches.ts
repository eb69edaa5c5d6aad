import { randomUUID } from 'node:crypto';
import { Op, type Transaction } from 'sequelize';
import type { Asker } from '../asker';
import { transact } from '../database';
import { hashPassword, matches } from '../hashing';
import { models } from '../models/models';
import type { CoachRow } from '../models/rows';
import { type PasswordProblem, passwordProblem } from '../passwords';
import { digest } from '../token';
import { countAttempt, resetAttempts } from './attempts';
import {
  endedSessions,
  isKnownDevice,
  type Opened,
  openSession,
  rememberDevice,
  renewSession,
} from './sessions';

const normal = (email: string) => email.trim().toLowerCase();

/** A new coach with their own team; the password is stored as an Argon2id hash only. */
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
    passwordHash: await hashPassword(password),
    conventions: '{}',
    houseId: id,
    secondFactor: null,
    secondFactorStep: null,
  };
}

/** Adds a coach with their own team. */
async function withHouse(row: CoachRow, transaction: Transaction): Promise<void> {
  const { coaches, houses } = models();
  await coaches.create(row, { transaction });
  await houses.create({ id: row.houseId, ownerId: row.id, secondFactorRequired: false }, { transaction });
}

/** Adds a coach; the password is stored as an Argon2id hash only. */
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
    // Locked from the first row on: of two at once one is the first.
    const held = await coaches.findAll({ attributes: ['id'], transaction, lock: transaction.LOCK.UPDATE });
    if (held.length > 0) return false;
    await withHouse(row, transaction);
    return true;
  });
}

/** The coach with this e-mail address, if any. */
export async function coachByEmail(email: string): Promise<Asker | undefined> {
  const row = await models().coaches.findOne({ where: { email: normal(email) } });
  return row === null ? undefined : { coachId: row.get().id };
}

export type SignIn =
  | ({ readonly status: 'signed in'; readonly device: string } & Opened)
  /** The password is right; a second-factor code is still needed. */
  | ({ readonly status: 'code' } & Opened)
  | { readonly status: 'wrong' }
  | { readonly status: 'wait'; readonly seconds: number };

/** Where a sign-in comes from. */
export interface From {
  /** Address of the network; absent: unknown. */
  readonly address?: string | undefined;
  /** The device's token from an earlier sign-in. */
  readonly device?: string | undefined;
  /** The device's name. */
  readonly called?: string | undefined;
}

/**
 * The counters of a password attempt. A known device of the coach has its own counter: attacks from elsewhere cannot
 * lock it out. A stranger is counted by address and account together, and by each alone: one who tries many accounts,
 * and many who try one.
 */
export async function attemptCounters(
  email: string,
  coachId: string | undefined,
  { address = '', device }: From,
) {
  if (coachId !== undefined && device !== undefined && (await isKnownDevice(coachId, device)))
    return { own: [{ by: `device ${device}`, free: 5 }], common: [] };
  return {
    own: [{ by: `account ${email} from ${address}`, free: 5 }],
    common: [
      { by: `from ${address}`, free: 20 },
      { by: `account ${email}`, free: 50 },
    ],
  };
}

// Verified when no coach has the address, so that the answer takes as long as for a wrong password.
let decoy: Promise<string> | undefined;

/**
 * Checks a password and opens a session. After some attempts each further one must wait, longer each time, whether
 * the password is right or not; see `countedBy` and `waitFor`.
 * @param now passed in so that tests can move time
 * @throws Busy if too many passwords are being hashed
 */
export async function signIn(email: string, password: string, now: Date, from: From = {}): Promise<SignIn> {
  const address = normal(email).slice(0, 190);
  const coach = (await models().coaches.findOne({ where: { email: address } }))?.get();
  const counted = await attemptCounters(address, coach?.id, from);
  const seconds = await countAttempt([...counted.own, ...counted.common], now);
  if (seconds > 0) return { status: 'wait', seconds };
  decoy ??= hashPassword(randomUUID());
  const right = await matches(coach?.passwordHash ?? (await decoy), password);
  if (coach === undefined || !right) return { status: 'wrong' };
  const awaitsCode = coach.secondFactor !== null;
  const opened = await openSession(coach.id, { device: from.called ?? '', awaitsCode }, now);
  await endedSessions(now);
  // Attempts are counted until the code is right too.
  if (awaitsCode) return { status: 'code', ...opened };
  await resetAttempts(counted, now);
  return { status: 'signed in', ...opened, device: await rememberDevice(coach.id, from.device, now) };
}

/** The result of confirming a password in a session, which continues under another token if it was right. */
export type PasswordOutcome<Right extends string> =
  | { readonly status: Right; readonly session: Opened }
  | { readonly status: 'wrong' | 'gone' }
  | { readonly status: 'wait'; readonly seconds: number };

/** The counters for attempts of a signed-in coach: an unattended device must not help to find the password. */
export const triesWithin = ({ coachId }: Asker) => [{ by: `within ${coachId}`, free: 5 }];

type Checked =
  | { readonly status: 'right'; readonly coach: CoachRow }
  | { readonly status: 'wrong' | 'gone' }
  | { readonly status: 'wait'; readonly seconds: number };

/** Checks the password of a signed-in coach. @throws Busy if too many passwords are being hashed */
async function checked(asker: Asker, password: string, now: Date): Promise<Checked> {
  const coach = (await models().coaches.findByPk(asker.coachId))?.get();
  if (coach === undefined) return { status: 'gone' };
  const seconds = await countAttempt(triesWithin(asker), now);
  if (seconds > 0) return { status: 'wait', seconds };
  if (!(await matches(coach.passwordHash, password))) return { status: 'wrong' };
  await resetAttempts({ own: triesWithin(asker), common: [] }, now);
  return { status: 'right', coach };
}

/**
 * Confirms the password in a session, for sensitive actions. The session continues under another token.
 * @throws Busy if too many passwords are being hashed
 */
export async function confirmPassword(
  asker: Asker,
  password: string,
  token: string,
  now: Date,
): Promise<PasswordOutcome<'told'>> {
  const outcome = await checked(asker, password, now);
  if (outcome.status !== 'right') return outcome;
  const session = await renewSession(token, now);
  return session === undefined ? { status: 'gone' } : { status: 'told', session };
}

/**
 * Changes a coach's password and ends all their other sessions.
 * @param token of the session that continues
 * @throws Busy if too many passwords are being hashed
 */
export async function changePassword(
  asker: Asker,
  { current, next }: { readonly current: string; readonly next: string },
  token: string,
  now: Date,
): Promise<PasswordOutcome<'changed'> | { readonly status: PasswordProblem }> {
  const { coaches, signIns } = models();
  const outcome = await checked(asker, current, now);
  if (outcome.status !== 'right') return outcome;
  const problem = passwordProblem(next, [outcome.coach.name, outcome.coach.email]);
  if (problem !== null) return { status: problem };
  await coaches.update({ passwordHash: await hashPassword(next) }, { where: { id: asker.coachId } });
  await signIns.destroy({ where: { coachId: asker.coachId, tokenHash: { [Op.ne]: digest(token) } } });
  const session = await renewSession(token, now);
  return session === undefined ? { status: 'gone' } : { status: 'changed', session };
}
