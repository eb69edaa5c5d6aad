'use server';

import { redirect } from 'next/navigation';
import * as z from 'zod';
import {
  acceptInvite,
  addFirstCoach,
  confirmSignIn,
  isUnavailable,
  type Opened,
  passwordBy,
  passwordProblem,
  type SignIn,
  signIn,
  signOut,
} from '@/data';
import type { CodeAnswer } from '@/features/sign-in/code-form';
import type { SignInAnswer } from '@/features/sign-in/sign-in';
import type { SignUpAnswer } from '@/features/sign-in/sign-up';
import { clientOrigin } from '../client-origin';
import { dropCookie, keepCookie, readCookie } from '../cookie';
import { logOutcome } from '../log-outcome';
import { readForm } from '../read-form';
import { ownAddress } from './own-address';

const form = z.object({ email: z.string().trim().min(1).max(190), password: z.string().min(1).max(200) });

/** Checks a password; signs in or says why not. */
export async function signInAction(_before: SignInAnswer, data: FormData): Promise<SignInAnswer> {
  const parsed = form.safeParse(readForm(data));
  if (!parsed.success) return { status: 'incomplete' };
  let outcome: SignIn;
  try {
    outcome = await signIn(parsed.data.email, parsed.data.password, new Date(), await clientOrigin());
    await logOutcome('sign-in', outcome.status);
  } catch (error) {
    if (isUnavailable(error)) return { status: 'unavailable' };
    throw error;
  }
  const to = ownAddress(readForm(data).to);
  if (outcome.status === 'code') return goToCodeStep(outcome, to);
  if (outcome.status !== 'signed in') return outcome;
  await rememberSession(outcome);
  redirect(to);
}

/** Remembers a session that waits for its second-factor code, and leads to the code page. */
async function goToCodeStep(outcome: Session, to = '/desk'): Promise<never> {
  await rememberSession(outcome);
  redirect(`/sign-in?to=${encodeURIComponent(to)}`);
}

/** Signs this device in with a code of the second factor. */
export async function confirmCodeAction(
  to: string,
  _before: CodeAnswer,
  data: FormData,
): Promise<CodeAnswer> {
  const parsed = codeForm.safeParse(readForm(data));
  if (!parsed.success) return { status: 'wrong' };
  const token = (await readCookie('ladder_sign_in')) ?? '';
  let outcome: Awaited<ReturnType<typeof confirmSignIn>>;
  try {
    outcome = await confirmSignIn(token, parsed.data.code, new Date(), await clientOrigin());
    await logOutcome('code', outcome.status);
  } catch (error) {
    if (isUnavailable(error)) return { status: 'unavailable' };
    throw error;
  }
  if (outcome.status !== 'signed in') return outcome;
  await rememberSession(outcome);
  redirect(ownAddress(to));
}

const codeForm = z.object({ code: z.string().min(1).max(40) });
/** What a device stores about a session. */
type Session = Opened & { readonly device?: string };
const passwordForm = form.pick({ password: true }).extend({ again: z.string().max(200) });
const firstForm = form.extend({ name: z.string().trim().min(1).max(120), again: z.string().max(200) });

type Coach = Pick<z.output<typeof firstForm>, 'name' | 'email' | 'password'>;

/** Signs a coach up with what they typed, and in. @param add creates the coach; any other outcome is their answer */
async function signUp(
  data: FormData,
  add: (coach: Coach) => Promise<SignUpAnswer | null>,
): Promise<SignUpAnswer> {
  const parsed = firstForm.safeParse(readForm(data));
  if (!parsed.success) return { status: 'incomplete' };
  const { name, email, password, again } = parsed.data;
  const problem = passwordProblem(password, [name, email]);
  if (problem !== null) return { status: problem };
  if (password !== again) return { status: 'differ' };
  let outcome: SignIn;
  try {
    const refused = await add({ name, email, password });
    await logOutcome('sign-up', refused?.status ?? 'signed up');
    if (refused !== null) return refused;
    outcome = await signIn(email, password, new Date(), await clientOrigin());
  } catch (error) {
    if (isUnavailable(error)) return { status: 'unavailable' };
    throw error;
  }
  if (outcome.status === 'code') return goToCodeStep(outcome);
  if (outcome.status !== 'signed in') return { status: 'taken' };
  await rememberSession(outcome);
  redirect('/desk');
}

/** Signs up the first coach of an empty installation, and signs them in. */
export async function firstCoachAction(_before: SignUpAnswer, data: FormData): Promise<SignUpAnswer> {
  return signUp(data, async (coach) => ((await addFirstCoach(coach)) ? null : { status: 'taken' }));
}

/** Signs a coach up by the owner's invitation, and signs them in. */
export async function acceptInviteAction(
  token: string,
  _before: SignUpAnswer,
  data: FormData,
): Promise<SignUpAnswer> {
  if (typeof token !== 'string' || token.length > 200) return { status: 'ended' };
  return signUp(data, async (coach) => {
    const outcome = await acceptInvite(token, coach, new Date());
    if (outcome === 'joined') return null;
    return { status: outcome === 'taken' ? 'taken' : 'ended' };
  });
}

/** Sets a new password by a reset link, and signs in with it. */
export async function newPasswordAction(
  token: string,
  _before: SignUpAnswer,
  data: FormData,
): Promise<SignUpAnswer> {
  const parsed = passwordForm.safeParse(readForm(data));
  if (typeof token !== 'string' || token.length > 200) return { status: 'ended' };
  if (!parsed.success) return { status: 'incomplete' };
  const { password, again } = parsed.data;
  const problem = passwordProblem(password, []);
  if (problem !== null) return { status: problem };
  if (password !== again) return { status: 'differ' };
  let outcome: SignIn;
  try {
    const email = await passwordBy(token, password, new Date());
    await logOutcome('password by link', email === undefined ? 'ended' : 'changed');
    if (email === undefined) return { status: 'ended' };
    outcome = await signIn(email, password, new Date(), await clientOrigin());
  } catch (error) {
    if (isUnavailable(error)) return { status: 'unavailable' };
    throw error;
  }
  if (outcome.status === 'code') return goToCodeStep(outcome);
  if (outcome.status !== 'signed in') return { status: 'ended' };
  await rememberSession(outcome);
  redirect('/desk');
}

/** How long a device stays known: browsers limit cookies to this. */
const KNOWN_MS = 400 * 86_400_000;

/** Stores a session on this device and ends the one it replaces. */
async function rememberSession({ token, expiresAt, device }: Session): Promise<void> {
  const before = await readCookie('ladder_sign_in');
  if (before !== undefined) await signOut(before);
  await keepCookie('ladder_sign_in', token, expiresAt);
  if (device !== undefined) await keepCookie('ladder_device', device, new Date(Date.now() + KNOWN_MS));
}

/** Ends the session on this device, which stays known. */
export async function signOutAction(): Promise<void> {
  const token = await readCookie('ladder_sign_in');
  if (token !== undefined) await signOut(token);
  await logOutcome('sign-out', 'ended');
  await dropCookie('ladder_sign_in');
  redirect('/sign-in');
}
