import 'server-only';
import { cookies } from 'next/headers';
import { redirect } from 'next/navigation';
import { cache } from 'react';
import type { Training, Unanswered } from '@/core';
import { type Asker, findTraining, isUnavailable, type PhoneAsker, phoneOf } from '@/data';
import { currentAsker, requireAsker } from '../asker';

export const PHONE_COOKIE = 'ladder_phone';

/** Who stands on the floor: the athlete by their phone, or the coach. */
export type FloorAsker =
  | { readonly kind: 'phone'; readonly asker: PhoneAsker }
  | { readonly kind: 'coach'; readonly asker: Asker };

/** The athlete whose phone this is; undefined when it is nobody's. */
export const currentPhone = cache(async (): Promise<PhoneAsker | undefined> => {
  const token = (await cookies()).get(PHONE_COOKIE)?.value;
  return token === undefined ? undefined : phoneOf(token, new Date());
});

/** The coach where one is signed in, for they may stand on any athlete's floor; else the phone's athlete. */
const currentFloor = cache(async (): Promise<FloorAsker | undefined> => {
  const coach = await currentAsker();
  if (coach !== undefined) return { kind: 'coach', asker: coach };
  const phone = await currentPhone();
  return phone === undefined ? undefined : { kind: 'phone', asker: phone };
});

/** Who asks for a page of the floor; sends anybody else to the coach's sign-in, which says how an athlete comes in. */
export async function requireFloor(): Promise<FloorAsker> {
  return (await currentFloor()) ?? { kind: 'coach', asker: await requireAsker() };
}

/** The athlete of this phone; anybody else is shown how a phone comes in. */
export async function requirePhone(): Promise<PhoneAsker> {
  return (await currentPhone()) ?? redirect('/join');
}

/** A block's training where whoever asks may see it: a phone that of its own athlete alone. */
export async function floorTraining(floor: FloorAsker, blockId: string): Promise<Training | undefined> {
  const training = await findTraining(floor.asker, blockId);
  const isTheirs = floor.kind === 'coach' || training?.athlete.id === floor.asker.athleteId;
  return isTheirs ? training : undefined;
}

/** Runs an action for whoever stands on the floor; a database that is away for the moment is an answer, not an error. */
export async function onFloor<T>(work: (floor: FloorAsker) => Promise<T>): Promise<T | Unanswered> {
  try {
    const floor = await currentFloor();
    return floor === undefined ? { status: 'signed out' } : await work(floor);
  } catch (error) {
    if (isUnavailable(error)) return { status: 'unavailable' };
    throw error;
  }
}

/** Runs an action for the athlete of this phone, and for nobody else. */
export async function asPhone<T>(work: (phone: PhoneAsker) => Promise<T>): Promise<T | Unanswered> {
  try {
    const phone = await currentPhone();
    return phone === undefined ? { status: 'signed out' } : await work(phone);
  } catch (error) {
    if (isUnavailable(error)) return { status: 'unavailable' };
    throw error;
  }
}
