'use server';

import { toString as drawn } from 'qrcode';
import * as z from 'zod';
import type { Unanswered, Unsure } from '@/core';
import { decodeConventions } from '@/core/codecs';
import {
  type Asker,
  changePassword,
  confirmFactor,
  confirmPassword,
  createFactorSecret,
  endSession,
  inviteCoach,
  isUnavailable,
  listSessions,
  newPasswordLink,
  type Opened,
  removeFactor,
  requireFactor,
  type SignedIn,
  saveCoachConventions,
} from '@/data';
import type { AccountAnswer, ConventionsAnswer } from '@/features/account/account';
import type { SecondFactorActions } from '@/features/account/second-factor';
import type { SessionsProps } from '@/features/account/sessions';
import type { HouseProps } from '@/features/account/team';
import type { TellPassword } from '@/ui/password-dialog';
import { asCoach, asConfirmedCoach, currentSession, requireAsker } from '../../asker';
import { keepCookie, readCookie } from '../../cookie';
import { isId } from '../../inputs';
import { logOutcome } from '../../log-outcome';
import { ownUrl } from '../../own-url';
import { readForm } from '../../read-form';

const passwordSchema = z.string().min(1).max(200);
const form = z.object({
  current: passwordSchema,
  next: passwordSchema,
  again: z.string().max(200),
});

/** Changes the coach's password and signs out their other devices. */
export async function changePasswordAction(_before: AccountAnswer, data: FormData): Promise<AccountAnswer> {
  const asker = await requireAsker();
  const parsed = form.safeParse(readForm(data));
  if (!parsed.success) return { status: 'incomplete' };
  const { current, next, again } = parsed.data;
  if (next !== again) return { status: 'differ' };
  const token = (await readCookie('ladder_sign_in')) ?? '';
  try {
    const outcome = await changePassword(asker, { current, next }, token, new Date());
    await logOutcome('password', outcome.status, asker.coachId);
    if (outcome.status === 'changed') await continueSession(outcome.session);
    return { status: outcome.status };
  } catch (error) {
    if (isUnavailable(error)) return { status: 'unavailable' };
    throw error;
  }
}

/** Saves the coach's rules for all athletes. */
export async function saveConventionsAction(unchecked: unknown): Promise<ConventionsAnswer> {
  return asCoach(async (asker): Promise<ConventionsAnswer> => {
    const decoded = decodeConventions(unchecked);
    if (!decoded.ok) return { status: 'malformed' };
    await saveCoachConventions(asker, decoded.value);
    return { status: 'kept' };
  });
}

/**
 * Creates a link that invites a coach to the owner's team, or lets a member set a new password.
 * @param coachId the member who sets a new password; null invites somebody new
 */
export async function createTeamLink(
  coachId: string | null,
): Promise<{ readonly status: 'made'; readonly url: string } | { readonly status: 'gone' } | Unsure> {
  if (coachId !== null && !isId(coachId)) return { status: 'malformed' };
  return asConfirmedCoach(async (asker) => {
    const now = new Date();
    const token =
      coachId === null ? await inviteCoach(asker, now) : await newPasswordLink(asker, coachId, now);
    await logOutcome('link for a coach', token === undefined ? 'gone' : 'made', asker.coachId);
    if (token === undefined) return { status: 'gone' };
    return { status: 'made', url: await ownUrl(`/invite/${token}`) };
  });
}

/** A new secret for the second factor, as text and as a QR code. */
export async function startSecondFactor(): ReturnType<SecondFactorActions['begin']> {
  return withConfirmedPassword(async (asker) => {
    const factor = await createFactorSecret(asker);
    if (factor === undefined) return { status: 'gone' };
    const svg = await drawn(factor.uri, { type: 'svg', margin: 2, errorCorrectionLevel: 'M' });
    const picture = `data:image/svg+xml;utf8,${encodeURIComponent(svg)}`;
    return { status: 'begun', secret: factor.secret, picture };
  });
}

const secretSchema = z.string().regex(/^[A-Z2-7]{16,64}$/);
const codeSchema = z.string().min(1).max(40);

/** Sets up the second factor with a code made from its secret. */
export async function confirmSecondFactor(
  secret: string,
  code: string,
): ReturnType<SecondFactorActions['confirm']> {
  if (!secretSchema.safeParse(secret).success || !codeSchema.safeParse(code).success)
    return { status: 'wrong' };
  return withConfirmedPassword(async (asker) => {
    const codes = await confirmFactor(asker, secret, code, new Date());
    await logOutcome('second factor', codes === undefined ? 'wrong' : 'on', asker.coachId);
    return codes === undefined ? { status: 'wrong' } : { status: 'on', codes };
  });
}

/** Removes it, given one of its codes. */
export async function endSecondFactor(code: string): ReturnType<SecondFactorActions['end']> {
  if (!codeSchema.safeParse(code).success) return { status: 'wrong' };
  return withConfirmedPassword(async (asker) => {
    const status = (await removeFactor(asker, code, new Date())) ? 'off' : 'wrong';
    await logOutcome('second factor', status, asker.coachId);
    return { status };
  });
}

/** Requires a second factor of every coach of the owner's team, or stops requiring it. */
export async function requireSecondFactor(isRequired: boolean): ReturnType<HouseProps['requireFactor']> {
  if (typeof isRequired !== 'boolean') return { status: 'malformed' };
  return asConfirmedCoach(async (asker) => {
    const status = (await requireFactor(asker, isRequired)) ? 'kept' : 'gone';
    await logOutcome('second factor for all', isRequired ? status : `no longer ${status}`, asker.coachId);
    return { status };
  });
}

const sessionSchema = z.string().regex(/^[0-9a-f]{1,64}$/);

/** Signs the coach out on another device. */
export async function endOneSession(name: string): ReturnType<SessionsProps['end']> {
  if (!sessionSchema.safeParse(name).success) return { status: 'malformed' };
  return asConfirmedCoach(async (asker) => {
    const token = (await readCookie('ladder_sign_in')) ?? '';
    await endSession(asker, name);
    await logOutcome('session of another device', 'ended', asker.coachId);
    return { status: 'ended', sessions: await listSessions(asker, token, new Date()) };
  });
}

/** The session continues under another token. */
async function continueSession({ token, expiresAt }: Opened): Promise<void> {
  await keepCookie('ladder_sign_in', token, expiresAt);
}

/** Confirms the password again, for actions that need a recent confirmation. */
export async function confirmPasswordAction(password: string): ReturnType<TellPassword> {
  if (!passwordSchema.safeParse(password).success) return { status: 'wrong' };
  return withSession(async (asker) => {
    const token = (await readCookie('ladder_sign_in')) ?? '';
    const outcome = await confirmPassword(asker, password, token, new Date());
    await logOutcome('password told again', outcome.status, asker.coachId);
    if (outcome.status !== 'told') return outcome;
    await continueSession(outcome.session);
    return { status: 'told' };
  });
}

/**
 * Runs an action for a signed-in coach who has recently confirmed the password, even before their second factor is
 * set up.
 */
async function withConfirmedPassword<T>(work: (asker: Asker) => Promise<T>): Promise<T | Unsure> {
  return withSession(
    async (session): Promise<T | Unsure> => (session.isSure ? work(session) : { status: 'password first' }),
  );
}

/** Runs an action for a signed-in coach, even before their second factor is set up. */
async function withSession<T>(work: (session: SignedIn) => Promise<T>): Promise<T | Unanswered> {
  try {
    const session = await currentSession();
    return session === undefined ? { status: 'signed out' } : await work(session);
  } catch (error) {
    if (isUnavailable(error)) return { status: 'unavailable' };
    throw error;
  }
}
