'use server';

import { cookies, headers } from 'next/headers';
import { redirect } from 'next/navigation';
import * as z from 'zod';
import { isUnavailable, type Joined, joinBy } from '@/data';
import type { JoinAnswer } from '@/features/join/join';
import { PHONE_COOKIE } from '../floor/asker';
import { phoneName } from './phone-name';

const form = z.object({ token: z.string().trim().min(1).max(200) });
/** The server says when a sign-in ends; the browser only must not forget it before. */
const COOKIE_SECONDS = 400 * 86_400;

/** Signs this phone in by a link or a code; says why not. */
export async function joinAction(_before: JoinAnswer, data: FormData): Promise<JoinAnswer> {
  const parsed = form.safeParse(Object.fromEntries(data));
  if (!parsed.success) return { status: 'incomplete' };
  const told = await headers();
  let joined: Joined;
  try {
    joined = await joinBy(parsed.data.token, phoneName(told.get('user-agent') ?? ''), new Date());
  } catch (error) {
    if (isUnavailable(error)) return { status: 'unavailable' };
    throw error;
  }
  if (joined.status !== 'joined') return joined;
  (await cookies()).set(PHONE_COOKIE, joined.token, {
    httpOnly: true,
    sameSite: 'lax',
    path: '/',
    secure: told.get('x-forwarded-proto') === 'https',
    maxAge: COOKIE_SECONDS,
  });
  redirect('/floor');
}
