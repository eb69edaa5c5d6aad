import { randomInt } from 'node:crypto';
import { generateSecret, generateURI, verify } from 'otplib';
import { Op, type Transaction } from 'sequelize';
import type { Asker } from '../asker';
import { transact } from '../database';
import { hashCodes, hashWithSameSalt } from '../hashing';
import { models } from '../models/models';
import type { CoachRow } from '../models/rows';
import { digest } from '../token';
import { countAttempt, resetAttempts } from './attempts';
import { attemptCounters, type From, triesWithin } from './coaches';
import { type Opened, openSession, rememberDevice } from './sessions';

/** Seconds a code is valid by RFC 6238; the previous and the next are accepted too, for clocks that differ. */
const STEP = 30;
/** Codes tried in one session before it ends. */
const MOST_TRIES = 6;
const RECOVERY_CODES = 8;
/** Letters and digits that are not confused with each other. */
const LETTERS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';
const RECOVERY_CODE = new RegExp(`^[${LETTERS}]{5}-[${LETTERS}]{5}$`);

/** What an authenticator app needs: the secret, and its address for a QR code. */
export interface Factor {
  readonly secret: string;
  readonly uri: string;
}

/** A new secret for a coach; nothing is stored until one of its codes is entered. */
export async function createFactorSecret({ coachId }: Asker): Promise<Factor | undefined> {
  const coach = await models().coaches.findByPk(coachId);
  if (coach === null) return undefined;
  const secret = generateSecret();
  return { secret, uri: generateURI({ issuer: 'Dense Ladder', label: coach.get().email, secret }) };
}

/**
 * Stores a secret once one of its codes is entered: sign-ins then ask for a code.
 * @returns recovery codes, each valid once, shown only now; undefined if the code is wrong
 */
export async function confirmFactor(
  { coachId }: Asker,
  secret: string,
  code: string,
  now: Date,
): Promise<readonly string[] | undefined> {
  const step = await timeStep(secret, code, null, now);
  if (step === undefined) return undefined;
  const letters = () => Array.from({ length: 5 }, () => LETTERS[randomInt(LETTERS.length)]).join('');
  const codes = Array.from({ length: RECOVERY_CODES }, () => `${letters()}-${letters()}`);
  const hashes = await hashWithSameSalt(codes);
  await transact(async (transaction) => {
    const { coaches, recoveryCodes } = models();
    await coaches.update(
      { secondFactor: secret, secondFactorStep: step },
      { where: { id: coachId }, transaction },
    );
    await recoveryCodes.destroy({ where: { coachId }, transaction });
    await recoveryCodes.bulkCreate(
      hashes.map((codeHash) => ({ coachId, codeHash })),
      { transaction },
    );
  });
  return codes;
}

/** A coach's second-factor settings. */
export interface FactorState {
  readonly isOn: boolean;
  /** Unused recovery codes. */
  readonly left: number;
  /** Whether the team requires it. */
  readonly isRequired: boolean;
}

export async function factorState({ coachId }: Asker): Promise<FactorState> {
  const { coaches, houses, recoveryCodes } = models();
  const coach = await coaches.findByPk(coachId);
  const house = coach === null ? null : await houses.findByPk(coach.get().houseId);
  return {
    isOn: coach !== null && coach.get().secondFactor !== null,
    left: await recoveryCodes.count({ where: { coachId } }),
    isRequired: Boolean(house?.get().secondFactorRequired),
  };
}

/**
 * Removes a coach's second factor, given one of its codes. @returns whether the code was right and the attempt
 * allowed
 */
export async function removeFactor(asker: Asker, code: string, now: Date): Promise<boolean> {
  if ((await countAttempt(triesWithin(asker), now)) > 0) return false;
  const { coachId } = asker;
  const isRight = await transact(async (transaction) => {
    const { coaches, recoveryCodes } = models();
    const coach = await coaches.findByPk(coachId, { transaction, lock: transaction.LOCK.UPDATE });
    if (coach === null || !(await consumeCode(coach.get(), code, now, transaction))) return false;
    await coach.update({ secondFactor: null, secondFactorStep: null }, { transaction });
    await recoveryCodes.destroy({ where: { coachId }, transaction });
    return true;
  });
  if (isRight) await resetAttempts({ own: triesWithin(asker), common: [] }, now);
  return isRight;
}

/**
 * Requires a second factor of every coach of the owner's team, or stops requiring it. @returns whether the asker owns
 * a team
 */
export async function requireFactor({ coachId }: Asker, isRequired: boolean): Promise<boolean> {
  const house = await models().houses.findOne({ where: { ownerId: coachId } });
  if (house === null) return false;
  await house.update({ secondFactorRequired: isRequired });
  return true;
}

/** Whether a session waits for its code. */
export async function awaitsCode(token: string, now: Date): Promise<boolean> {
  const where = { tokenHash: digest(token), awaitsCode: true, expiresAt: { [Op.gt]: now } };
  return (await models().signIns.count({ where })) > 0;
}

/**
 * Opens a session that waits for a code, under a new token. After too many wrong codes it ends.
 * @param from the origin of the sign-in
 * @returns its token; wrong: another attempt is left; ended: the password must be entered again
 */
export async function confirmSignIn(
  token: string,
  code: string,
  now: Date,
  from: From = {},
): Promise<
  | ({ readonly status: 'signed in'; readonly device: string } & Opened)
  | { readonly status: 'wrong' | 'ended' }
> {
  const outcome = await transact(async (transaction) => {
    const { coaches, signIns } = models();
    const session = await signIns.findOne({
      where: { tokenHash: digest(token), awaitsCode: true, expiresAt: { [Op.gt]: now } },
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    if (session === null) return { status: 'ended' as const };
    const { coachId, tries, device: called } = session.get();
    const coach = await coaches.findByPk(coachId, { transaction, lock: transaction.LOCK.UPDATE });
    if (coach === null) return { status: 'ended' as const };
    if (!(await consumeCode(coach.get(), code, now, transaction))) {
      if (tries + 1 >= MOST_TRIES) {
        await session.destroy({ transaction });
        return { status: 'ended' as const };
      }
      await session.update({ tries: tries + 1 }, { transaction });
      return { status: 'wrong' as const };
    }
    await session.destroy({ transaction });
    const opened = await openSession(coachId, { device: called, awaitsCode: false }, now, transaction);
    return { status: 'signed in' as const, coachId, email: coach.get().email, ...opened };
  });
  if (outcome.status !== 'signed in') return outcome;
  const { coachId, email, ...opened } = outcome;
  await resetAttempts(await attemptCounters(email, coachId, from), now);
  return { ...opened, device: await rememberDevice(coachId, from.device, now) };
}

/** Checks a code and uses it up: neither it nor a recovery code works twice. */
async function consumeCode(
  coach: CoachRow,
  code: string,
  now: Date,
  transaction: Transaction,
): Promise<boolean> {
  const { id, secondFactor, secondFactorStep } = coach;
  if (secondFactor === null) return false;
  const { coaches, recoveryCodes } = models();
  const last = secondFactorStep === null ? null : Number(secondFactorStep);
  const step = await timeStep(secondFactor, code, last, now);
  if (step !== undefined) {
    await coaches.update({ secondFactorStep: step }, { where: { id }, transaction });
    return true;
  }
  const recovery = code.trim().toUpperCase();
  if (!RECOVERY_CODE.test(recovery)) return false;
  const rows = await recoveryCodes.findAll({ where: { coachId: id }, transaction });
  const kept = rows.map((row) => row.get().codeHash);
  const beside = kept.find((one) => one.startsWith('$argon2'));
  // Codes stored in the older form work once as well.
  const codeHash = beside === undefined ? digest(recovery) : await hashCodes(beside, recovery);
  if (!kept.includes(codeHash)) return false;
  return (await recoveryCodes.destroy({ where: { coachId: id, codeHash }, transaction })) > 0;
}

/** The 30-second step of a code, if it is current and later than the last accepted one. */
async function timeStep(
  secret: string,
  code: string,
  last: number | null,
  now: Date,
): Promise<number | undefined> {
  const token = code.replace(/\s/g, '');
  if (!/^\d{6}$/.test(token) || !/^[A-Z2-7]{16,64}$/.test(secret)) return undefined;
  const epoch = Math.floor(now.getTime() / 1000);
  const told = await verify({ secret, token, epoch, epochTolerance: STEP });
  if (!told.valid) return undefined;
  const step = Math.floor(epoch / STEP) + told.delta;
  return last !== null && step <= last ? undefined : step;
}
