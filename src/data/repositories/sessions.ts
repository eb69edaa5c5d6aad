import { Op, QueryTypes, type Transaction } from 'sequelize';
import type { Asker } from '../asker';
import { database } from '../database';
import { models } from '../models/models';
import { digest, newToken } from '../token';

const DAY_MS = 86_400_000;
const MINUTE_MS = 60_000;
/** Longest life of a session, of an unused one, and of one that waits for its code. */
const SESSION_MS = 30 * DAY_MS;
const IDLE_MS = 7 * DAY_MS;
const CODE_MS = 10 * MINUTE_MS;
/** How long a confirmed password is valid for sensitive actions. */
const TOLD_MS = 15 * MINUTE_MS;
/** How often a session's last use is recorded. */
const SEEN_MS = 10 * MINUTE_MS;
/** Characters of a session's name in a list: it identifies the session but is useless as a token. */
const NAME_LENGTH = 24;
/** Known devices per coach; the one unused longest is dropped first. */
const MOST_DEVICES = 20;

/** A device's session token. */
export interface Opened {
  readonly token: string;
  readonly expiresAt: Date;
}

/** Opens a session of a coach. @param awaitsCode whether a second-factor code is still needed */
export async function openSession(
  coachId: string,
  { device, awaitsCode }: { readonly device: string; readonly awaitsCode: boolean },
  now: Date,
  transaction?: Transaction,
): Promise<Opened> {
  const token = newToken();
  const expiresAt = new Date(now.getTime() + (awaitsCode ? CODE_MS : SESSION_MS));
  const row = { tokenHash: digest(token), coachId, expiresAt, awaitsCode, tries: 0, device };
  await models().signIns.create(
    { ...row, begunAt: now, seenAt: now, toldAt: now },
    transaction === undefined ? {} : { transaction },
  );
  return { token, expiresAt };
}

/** Removes expired sessions. */
export async function endedSessions(now: Date): Promise<void> {
  await models().signIns.destroy({
    where: {
      [Op.or]: [{ expiresAt: { [Op.lt]: now } }, { seenAt: { [Op.lt]: new Date(now.getTime() - IDLE_MS) } }],
    },
  });
}

/** A coach with a session. */
export interface SignedIn extends Asker {
  readonly name: string;
  /** Whether their team requires a second factor that they have not set up: until then they can access nothing. */
  readonly lacksFactor: boolean;
  /** Whether a teammate shares an athlete with them. */
  readonly isShown: boolean;
  /** Whether the password was confirmed recently; see `renewSession`. */
  readonly isSure: boolean;
}

/** The coach of this token; undefined if the session has ended. */
export async function findSessionCoach(token: string, now: Date): Promise<SignedIn | undefined> {
  // Runs for every request: one query.
  const [row] = await database().query<{
    coachId: string;
    name: string;
    lacksFactor: number;
    isShown: number;
    isSure: number;
    isStale: number;
  }>(
    `SELECT c.id AS coachId, c.name, c.second_factor IS NULL AND COALESCE(h.second_factor_required, FALSE) AS lacksFactor,
       EXISTS (SELECT 1 FROM athlete_shares WHERE athlete_shares.coach_id = c.id) AS isShown,
       COALESCE(s.told_at > :told, FALSE) AS isSure, s.seen_at <= :stale AS isStale
     FROM sign_ins s JOIN coaches c ON c.id = s.coach_id LEFT JOIN houses h ON h.id = c.house_id
     WHERE s.token_hash = :token AND NOT s.awaits_code AND s.expires_at > :now AND s.seen_at > :idle`,
    {
      type: QueryTypes.SELECT,
      replacements: {
        token: digest(token),
        now,
        idle: new Date(now.getTime() - IDLE_MS),
        told: new Date(now.getTime() - TOLD_MS),
        stale: new Date(now.getTime() - SEEN_MS),
      },
    },
  );
  if (row === undefined) return undefined;
  const { isStale, ...coach } = row;
  if (Number(isStale) === 1)
    await models().signIns.update({ seenAt: now }, { where: { tokenHash: digest(token) } });
  const { lacksFactor, isShown, isSure } = coach;
  return { ...coach, lacksFactor: Boolean(lacksFactor), isShown: Boolean(isShown), isSure: Boolean(isSure) };
}

/**
 * Gives a session with a confirmed password a new token; the old one stops working.
 * @returns the device's new token; undefined if the session has ended meanwhile
 */
export async function renewSession(token: string, now: Date): Promise<Opened | undefined> {
  const { signIns } = models();
  const row = await signIns.findByPk(digest(token));
  const renewed = newToken();
  const [count] = await signIns.update(
    { tokenHash: digest(renewed), toldAt: now },
    { where: { tokenHash: digest(token) } },
  );
  return row === null || count === 0 ? undefined : { token: renewed, expiresAt: row.get().expiresAt };
}

/** Ends a session; ending it twice is fine. */
export async function signOut(token: string): Promise<void> {
  await models().signIns.destroy({ where: { tokenHash: digest(token) } });
}

/** A session as its coach sees it. Times as ISO texts. */
export interface Session {
  readonly name: string;
  readonly device: string;
  readonly since: string;
  readonly seen: string;
  /** Whether it is the asking one. */
  readonly isThis: boolean;
}

/** A coach's sessions, most recently used first. */
export async function listSessions(
  { coachId }: Asker,
  token: string,
  now: Date,
): Promise<readonly Session[]> {
  const rows = await models().signIns.findAll({
    where: {
      coachId,
      awaitsCode: false,
      expiresAt: { [Op.gt]: now },
      seenAt: { [Op.gt]: new Date(now.getTime() - IDLE_MS) },
    },
    order: [
      ['seenAt', 'DESC'],
      ['begunAt', 'DESC'],
    ],
  });
  return rows.map((row) => {
    const { tokenHash, device, begunAt, seenAt } = row.get();
    return {
      name: tokenHash.slice(0, NAME_LENGTH),
      device,
      since: begunAt.toISOString(),
      seen: seenAt.toISOString(),
      isThis: tokenHash === digest(token),
    };
  });
}

/** Ends a coach's session by its name in the list. @returns whether it existed */
export async function endSession({ coachId }: Asker, name: string): Promise<boolean> {
  if (!/^[0-9a-f]+$/.test(name) || name.length !== NAME_LENGTH) return false;
  const where = { coachId, tokenHash: { [Op.startsWith]: name } };
  return (await models().signIns.destroy({ where })) > 0;
}

/**
 * Whether a coach has used a device before: not enough to sign in, but enough to tell them from strangers guessing
 * passwords.
 */
export async function isKnownDevice(coachId: string, device: string): Promise<boolean> {
  return (await models().knownDevices.count({ where: { tokenHash: digest(device), coachId } })) > 0;
}

/**
 * Remembers a device for a coach. A device may be known for several coaches.
 * @param device its current token; one that was never issued is not accepted
 * @returns the token it is to store
 */
export async function rememberDevice(
  coachId: string,
  device: string | undefined,
  now: Date,
): Promise<string> {
  const { knownDevices } = models();
  const given =
    device !== undefined && (await knownDevices.count({ where: { tokenHash: digest(device) } })) > 0;
  const token = given ? device : newToken();
  await knownDevices.upsert({ tokenHash: digest(token), coachId, seenAt: now });
  const all = await knownDevices.findAll({ where: { coachId }, order: [['seenAt', 'DESC']] });
  const old = all.slice(MOST_DEVICES).map((row) => row.get().tokenHash);
  if (old.length > 0) await knownDevices.destroy({ where: { coachId, tokenHash: old } });
  return token;
}
