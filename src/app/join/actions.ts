'use server';

import { redirect } from 'next/navigation';
import * as z from 'zod';
import { countAttempt, isUnavailable, type Joined, signInPhone } from '@/data';
import type { JoinAnswer } from '@/features/join/join';
import { clientOrigin } from '../client-origin';
import { keepCookie } from '../cookie';
import { logOutcome } from '../log-outcome';
import { readForm } from '../read-form';

const form = z.object({ token: z.string().trim().min(1).max(200) });
/** The server decides when a sign-in ends; the cookie only must not expire earlier. */
const COOKIE_MS = 400 * 86_400_000;
/** Codes are short enough to type, so failed attempts wait longer and longer. */
const FREE_TRIES = 20;

/** Signs this phone in by a link or a code, or says why not. */
export async function joinAction(_before: JoinAnswer, data: FormData): Promise<JoinAnswer> {
  const parsed = form.safeParse(readForm(data));
  if (!parsed.success) return { status: 'incomplete' };
  const { address = '', called = '' } = await clientOrigin();
  const now = new Date();
  let joined: Joined;
  try {
    const seconds = await countAttempt([{ by: `joins from ${address}`, free: FREE_TRIES }], now);
    if (seconds > 0) {
      await logOutcome('phone', 'wait');
      return { status: 'wait', seconds };
    }
    joined = await signInPhone(parsed.data.token, called, now);
    await logOutcome('phone', joined.status);
  } catch (error) {
    if (isUnavailable(error)) return { status: 'unavailable' };
    throw error;
  }
  if (joined.status !== 'joined') return joined;
  await keepCookie('ladder_phone', joined.token, new Date(now.getTime() + COOKIE_MS));
  redirect('/training');
}
