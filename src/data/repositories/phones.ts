import { randomInt, randomUUID } from 'node:crypto';
import { type Asker, ownRows } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import { digest, newToken } from '../token';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** Validity of a coach's link, of a code from a phone, and of an unused sign-in. */
const LINK_MS = 72 * HOUR;
const CODE_MS = HOUR / 6;
const PHONE_MS = 90 * DAY;
/** How often a phone's last use is recorded. */
const SEEN_MS = HOUR;
/** Letters and digits that are not confused with each other. */
const CODE_LETTERS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';
const CODE_LENGTH = 10;

/** A phone asking for its athlete: it can access nothing else. */
export interface PhoneAsker extends Asker {
  readonly athleteId: string;
  readonly phoneId: string;
}

export interface Invite {
  /** Its token, shown once because only the hash is stored. */
  readonly token: string;
  readonly expiresAt: Date;
}

/**
 * Creates a personal link for an athlete, valid once; unused earlier links are revoked. Undefined if the athlete does
 * not exist.
 */
export async function inviteAthlete(asker: Asker, athleteId: string, now: Date): Promise<Invite | undefined> {
  return transact(async (transaction) => {
    const { athletes, invites } = models();
    if ((await athletes.count({ where: ownRows(asker, { id: athleteId }), transaction })) === 0)
      return undefined;
    await invites.destroy({ where: ownRows(asker, { athleteId, kind: 'link', usedAt: null }), transaction });
    const token = newToken();
    const expiresAt = new Date(now.getTime() + LINK_MS);
    await invites.create(
      {
        tokenHash: digest(token),
        coachId: asker.coachId,
        athleteId,
        kind: 'link',
        phoneId: null,
        createdAt: now,
        expiresAt,
        usedAt: null,
      },
      { transaction },
    );
    return { token, expiresAt };
  });
}

/** Creates a code with which a phone admits another, valid once and for ten minutes. */
export async function createCodeForPhone(
  { coachId, athleteId, phoneId }: PhoneAsker,
  now: Date,
): Promise<Invite> {
  const { invites } = models();
  const token = Array.from({ length: CODE_LENGTH }, () => CODE_LETTERS[randomInt(CODE_LETTERS.length)]).join(
    '',
  );
  const expiresAt = new Date(now.getTime() + CODE_MS);
  await invites.destroy({ where: { coachId, athleteId, kind: 'code', usedAt: null } });
  await invites.create({
    tokenHash: digest(token),
    coachId,
    athleteId,
    kind: 'code',
    phoneId,
    createdAt: now,
    expiresAt,
    usedAt: null,
  });
  return { token, expiresAt };
}

/** What an unused link or code leads to: the athlete of the phone. */
export type InviteState =
  | { readonly status: 'open'; readonly athleteName: string; readonly coachName: string }
  | { readonly status: 'unknown' | 'used' | 'ended' };

/** Checks a link or code without using it: a link preview must not use it up. */
export async function checkInvite(token: string, now: Date): Promise<InviteState> {
  const { athletes, coaches, invites } = models();
  const row = await invites.findByPk(digest(tidy(token)));
  if (row === null) return { status: 'unknown' };
  const { usedAt, expiresAt, athleteId, coachId } = row.get();
  if (usedAt !== null) return { status: 'used' };
  if (expiresAt <= now) return { status: 'ended' };
  const [athlete, coach] = await Promise.all([athletes.findByPk(athleteId), coaches.findByPk(coachId)]);
  if (athlete === null || coach === null || athlete.get().archivedAt !== null) return { status: 'unknown' };
  return { status: 'open', athleteName: athlete.get().name, coachName: coach.get().name };
}

export type Joined =
  | { readonly status: 'joined'; readonly token: string; readonly expiresAt: Date }
  | { readonly status: 'unknown' | 'used' | 'ended' };

/** Signs a phone in by a link or code, which is used up. Of two concurrent attempts one succeeds. */
export async function signInPhone(token: string, phoneName: string, now: Date): Promise<Joined> {
  const state = await checkInvite(token, now);
  if (state.status !== 'open') return state;
  return transact(async (transaction): Promise<Joined> => {
    const { invites, phones } = models();
    const where = { tokenHash: digest(tidy(token)) };
    const row = await invites.findOne({ where, transaction, lock: transaction.LOCK.UPDATE });
    if (row === null) return { status: 'unknown' };
    const { usedAt, coachId, athleteId } = row.get();
    if (usedAt !== null) return { status: 'used' };
    await invites.update({ usedAt: now }, { where, transaction });
    const own = newToken();
    const expiresAt = new Date(now.getTime() + PHONE_MS);
    await phones.create(
      {
        id: randomUUID(),
        coachId,
        athleteId,
        tokenHash: digest(own),
        name: phoneName.slice(0, 120),
        createdAt: now,
        seenAt: now,
        expiresAt,
        revokedAt: null,
      },
      { transaction },
    );
    return { status: 'joined', token: own, expiresAt };
  });
}

/** Codes are typed in any case, with or without spaces. Links are used as they are. */
function tidy(token: string): string {
  const plain = token.replace(/[\s-]/g, '');
  return plain.length === CODE_LENGTH ? plain.toUpperCase() : token.trim();
}

/**
 * The phone with this token, and its expiry; undefined if it was revoked, has expired, or its athlete is archived.
 */
export async function findPhone(
  token: string,
  now: Date,
): Promise<(PhoneAsker & { readonly expiresAt: Date }) | undefined> {
  const { athletes, phones } = models();
  const row = await phones.findOne({ where: { tokenHash: digest(token) } });
  if (row === null) return undefined;
  const { id, coachId, athleteId, seenAt, expiresAt, revokedAt } = row.get();
  if (revokedAt !== null || expiresAt <= now) return undefined;
  const athlete = await athletes.findOne({ where: { id: athleteId, coachId, archivedAt: null } });
  if (athlete === null) return undefined;
  const asker = { coachId, athleteId, phoneId: id };
  if (now.getTime() - seenAt.getTime() < SEEN_MS) return { ...asker, expiresAt };
  // Sliding expiry: a phone in use stays signed in.
  const later = new Date(now.getTime() + PHONE_MS);
  await phones.update({ seenAt: now, expiresAt: later }, { where: { id } });
  return { ...asker, expiresAt: later };
}

/** A phone as its coach and its athlete see it. Times as ISO texts. */
export interface Phone {
  readonly id: string;
  readonly name: string;
  readonly since: string;
  readonly seen: string;
}

/** An athlete's signed-in phones, latest first. */
export async function listPhones(asker: Asker, athleteId: string, now: Date): Promise<readonly Phone[]> {
  const rows = await models().phones.findAll({
    where: ownRows(asker, { athleteId, revokedAt: null }),
    order: [['createdAt', 'DESC']],
  });
  return rows
    .map((row) => row.get())
    .filter(({ expiresAt }) => expiresAt > now)
    .map(({ id, name, createdAt, seenAt }) => ({
      id,
      name,
      since: createdAt.toISOString(),
      seen: seenAt.toISOString(),
    }));
}

/** Signs out a phone of an athlete, or all of them with every open link and code. */
export async function revokePhones(
  asker: Asker,
  athleteId: string,
  which: { readonly phoneId: string } | 'all',
  now: Date,
): Promise<void> {
  const { invites, phones } = models();
  if (which !== 'all') {
    const where = ownRows(asker, { id: which.phoneId, athleteId, revokedAt: null });
    await phones.update({ revokedAt: now }, { where });
    // Its codes are revoked with it.
    await invites.destroy({ where: ownRows(asker, { phoneId: which.phoneId, usedAt: null }) });
    return;
  }
  await transact(async (transaction) => {
    await phones.update(
      { revokedAt: now },
      { where: ownRows(asker, { athleteId, revokedAt: null }), transaction },
    );
    await invites.destroy({ where: ownRows(asker, { athleteId, usedAt: null }), transaction });
  });
}
