'use server';

import { cookies, headers } from 'next/headers';
import * as z from 'zod';
import type { Unanswered } from '@/core';
import { decodeConventions } from '@/core/codecs';
import { changePassword, inviteCoach, isUnavailable, keepCoachConventions, newPasswordLink } from '@/data';
import type { AccountAnswer, ConventionsAnswer } from '@/features/account/account';
import { asCoach, COOKIE, requireAsker } from '../../asker';
import { isId } from '../../inputs';

const form = z.object({
  current: z.string().min(1).max(200),
  next: z.string().min(1).max(200),
  again: z.string().max(200),
});

/** Changes the coach's password; other devices are signed out. */
export async function changePasswordAction(_before: AccountAnswer, data: FormData): Promise<AccountAnswer> {
  const asker = await requireAsker();
  const parsed = form.safeParse(Object.fromEntries(data));
  if (!parsed.success) return { status: 'incomplete' };
  const { current, next, again } = parsed.data;
  if (next !== again) return { status: 'differ' };
  const token = (await cookies()).get(COOKIE)?.value ?? '';
  try {
    return { status: await changePassword(asker, current, next, token) };
  } catch (error) {
    if (isUnavailable(error)) return { status: 'unavailable' };
    throw error;
  }
}

/** Keeps the figures that the coach sets differently for all athletes. */
export async function keepConventionsAction(unchecked: unknown): Promise<ConventionsAnswer> {
  return asCoach(async (asker): Promise<ConventionsAnswer> => {
    const decoded = decodeConventions(unchecked);
    if (!decoded.ok) return { status: 'malformed' };
    await keepCoachConventions(asker, decoded.value);
    return { status: 'kept' };
  });
}

/**
 * A link that lets one coach into the house of the one who owns it, or one of it back in with a new password.
 * @param coachId who sets a new password; null: somebody new is let in
 */
export async function letIn(
  coachId: string | null,
): Promise<{ readonly status: 'made'; readonly url: string } | { readonly status: 'gone' } | Unanswered> {
  if (coachId !== null && !isId(coachId)) return { status: 'malformed' };
  const told = await headers();
  return asCoach(async (asker) => {
    const now = new Date();
    const token =
      coachId === null ? await inviteCoach(asker, now) : await newPasswordLink(asker, coachId, now);
    if (token === undefined) return { status: 'gone' };
    const scheme = told.get('x-forwarded-proto') ?? 'http';
    return { status: 'made', url: `${scheme}://${told.get('host') ?? 'localhost'}/let-in/${token}` };
  });
}
