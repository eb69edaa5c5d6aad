import 'server-only';
import { redirect } from 'next/navigation';
import { cache } from 'react';
import type { Training, Unanswered } from '@/core';
import {
  type About,
  type Asker,
  actingAs,
  findPhone,
  findTraining,
  isUnavailable,
  type PhoneAsker,
  type SignedIn,
} from '@/data';
import { currentAsker, requireAsker } from '../asker';
import { readCookie } from '../cookie';

/** Who uses the athlete's app: the athlete, by their phone, or the coach. */
export type FloorAsker =
  | { readonly kind: 'phone'; readonly asker: PhoneAsker }
  | { readonly kind: 'coach'; readonly asker: Asker };

/** The athlete of this phone; undefined if it is nobody's. */
export const currentPhone = cache(async (): Promise<PhoneAsker | undefined> => {
  const token = await readCookie('ladder_phone');
  return token === undefined ? undefined : findPhone(token, new Date());
});

/**
 * The coach if one is signed in, because they may open the app of any athlete of theirs or fully shared with them;
 * otherwise the phone's athlete.
 */
async function currentAppUser(about: About): Promise<FloorAsker | undefined> {
  const coach = await currentAsker();
  if (coach !== undefined) return coachForApp(coach, about);
  const phone = await currentPhone();
  return phone === undefined ? undefined : { kind: 'phone', asker: phone };
}

/** The athlete's app exists to write things down, so a coach who may only read is treated as a stranger. */
async function coachForApp(coach: SignedIn, about: About): Promise<FloorAsker> {
  const { asker, shared } = await actingAs(coach, about);
  return { kind: 'coach', asker: shared?.may === 'read' ? coach : asker };
}

/**
 * Who asks for a page of the athlete's app; sends anybody else to the coach's sign-in, which explains how athletes
 * sign in.
 */
export async function requireAppUser(about: About): Promise<FloorAsker> {
  return (await currentAppUser(about)) ?? coachForApp(await requireAsker(), about);
}

/** The athlete of this phone; anybody else sees how a phone signs in. */
export async function requirePhone(): Promise<PhoneAsker> {
  return (await currentPhone()) ?? redirect('/join');
}

/** A block's training, if the asker may see it: a phone sees its own athlete's only. */
export async function findAppTraining(floor: FloorAsker, blockId: string): Promise<Training | undefined> {
  const training = await findTraining(floor.asker, blockId);
  const isTheirs = floor.kind === 'coach' || training?.athlete.id === floor.asker.athleteId;
  return isTheirs ? training : undefined;
}

/** Runs an action in the athlete's app; a database outage is an answer, not an error. */
export async function asAppUser<T>(
  about: About,
  work: (floor: FloorAsker) => Promise<T>,
): Promise<T | Unanswered> {
  try {
    const floor = await currentAppUser(about);
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
