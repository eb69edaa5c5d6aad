'use server';

import { redirect } from 'next/navigation';
import type { Unanswered } from '@/core';
import { createCodeForPhone, listPhones, type Phone, revokePhones } from '@/data';
import type { CodeAnswer } from '@/features/training/phones';
import { dropCookie } from '../../cookie';
import { isId } from '../../inputs';
import { asPhone, currentPhone } from '../asker';

/** A code that signs another phone of the same athlete in. */
export async function createPhoneCode(): Promise<CodeAnswer | Unanswered> {
  return asPhone(async (phone): Promise<CodeAnswer> => {
    const { token, expiresAt } = await createCodeForPhone(phone, new Date());
    return { status: 'made', code: token, until: expiresAt.toISOString() };
  });
}

/** Signs out another phone of the same athlete. */
export async function signOutPhone(
  phoneId: string,
): Promise<{ readonly status: 'revoked'; readonly phones: readonly Phone[] } | Unanswered> {
  if (!isId(phoneId)) return { status: 'malformed' };
  return asPhone(async (phone) => {
    const now = new Date();
    await revokePhones(phone, phone.athleteId, { phoneId }, now);
    return { status: 'revoked' as const, phones: await listPhones(phone, phone.athleteId, now) };
  });
}

/** Signs this phone out. */
export async function signOutThisPhone(): Promise<void> {
  const phone = await currentPhone();
  if (phone !== undefined) await revokePhones(phone, phone.athleteId, { phoneId: phone.phoneId }, new Date());
  await dropCookie('ladder_phone');
  redirect('/join');
}
