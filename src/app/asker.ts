import 'server-only';
import { headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { cache } from 'react';
import type { Unanswered, Unsure } from '@/core';
import {
  type About,
  type Acting,
  type Asker,
  actingAs,
  type Done,
  findSessionCoach,
  isUnavailable,
  recordActivity,
  type SignedIn,
} from '@/data';
import { readCookie } from './cookie';

/** The owner of this session, even while the team's second factor is missing. Read once per request. */
export const currentSession = cache(async (): Promise<SignedIn | undefined> => {
  const token = await readCookie('ladder_sign_in');
  return token === undefined ? undefined : findSessionCoach(token, new Date());
});

/** The signed-in coach; undefined if nobody is signed in or their second factor must still be set up. */
export async function currentAsker(): Promise<SignedIn | undefined> {
  const session = await currentSession();
  return session?.lacksFactor === true ? undefined : session;
}

/** The signed-in coach of a page; sends anybody else to the sign-in, which leads back here. */
export async function requireAsker(): Promise<SignedIn> {
  const asker = await currentAsker();
  if (asker !== undefined) return asker;
  if ((await currentSession()) !== undefined) return redirect('/second-factor');
  const address = (await headers()).get('x-address');
  return redirect(address === null ? '/sign-in' : `/sign-in?to=${encodeURIComponent(address)}`);
}

/**
 * The identity under which the signed-in coach sees what a page is about, whether it is theirs or shared with them.
 */
export async function requireAccess(about: About): Promise<Acting> {
  return actingAs(await requireAsker(), about);
}

/** Runs an action for the signed-in coach; a database outage is an answer, not an error. */
export async function asCoach<T>(work: (asker: SignedIn) => Promise<T>): Promise<T | Unanswered> {
  try {
    const asker = await currentAsker();
    return asker === undefined ? { status: 'signed out' } : await work(asker);
  } catch (error) {
    if (isUnavailable(error)) return { status: 'unavailable' };
    throw error;
  }
}

/** The same for sensitive actions: the password must have been confirmed recently. */
export async function asConfirmedCoach<T>(work: (asker: SignedIn) => Promise<T>): Promise<T | Unsure> {
  return asCoach(
    async (asker): Promise<T | Unsure> => (asker.isSure ? work(asker) : { status: 'password first' }),
  );
}

/** A coach acting on an athlete, bound to the rows of the athlete's own coach. */
export interface Doer extends Asker {
  /** Adds what was done to the athlete's history. */
  readonly did: (what: Done['what'], about?: string | number) => Promise<void>;
}

/**
 * Runs an action on an athlete, or on their data, if they are the signed-in coach's or fully shared with them.
 * Anybody else's data does not exist for them.
 */
export async function asCoachFor<T>(about: About, work: (doer: Doer) => Promise<T>): Promise<T | Unanswered> {
  return asCoach(async (coach): Promise<T | Unanswered> => {
    const { asker, shared } = await actingAs(coach, about);
    if (shared?.may === 'read') return { status: 'to read' };
    return work({
      ...asker,
      did: (what, about_ = '') => recordActivity(asker, about, { what, about: String(about_) }, new Date()),
    });
  });
}

/** The same for reading, which a share "to read" also allows. */
export async function asReaderFor<T>(
  about: About,
  work: (asker: Asker) => Promise<T>,
): Promise<T | Unanswered> {
  return asCoach(async (coach) => work((await actingAs(coach, about)).asker));
}
