import 'server-only';
import { headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { cache } from 'react';
import type { Unanswered, Unsure } from '@/core';
import {
  type About,
  type Acting,
  type Asker,
  actingOn,
  askerOf,
  type Done,
  did,
  isUnavailable,
  type SignedIn,
} from '@/data';
import { readCookie } from './cookie';

/** Whose session this is, also where they still lack the second factor their house asks for. Asked once a request. */
export const currentSession = cache(async (): Promise<SignedIn | undefined> => {
  const token = await readCookie('ladder_sign_in');
  return token === undefined ? undefined : askerOf(token, new Date());
});

/** The signed-in coach; undefined when nobody is, or while a second factor is still to be set up. */
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

/** As whom the signed-in coach sees what a page is about, be it theirs or shown to them. */
export async function requireActing(about: About): Promise<Acting> {
  return actingOn(await requireAsker(), about);
}

/** Runs an action for the signed-in coach; a database that is away for the moment is an answer, not an error. */
export async function asCoach<T>(work: (asker: SignedIn) => Promise<T>): Promise<T | Unanswered> {
  try {
    const asker = await currentAsker();
    return asker === undefined ? { status: 'signed out' } : await work(asker);
  } catch (error) {
    if (isUnavailable(error)) return { status: 'unavailable' };
    throw error;
  }
}

/** The same for what is not done on the strength of a device left open: the password has to have been told of late. */
export async function asSureCoach<T>(work: (asker: SignedIn) => Promise<T>): Promise<T | Unsure> {
  return asCoach(
    async (asker): Promise<T | Unsure> => (asker.isSure ? work(asker) : { status: 'password first' }),
  );
}

/** A coach who acts on an athlete, bound to the rows of the athlete's own coach. */
export interface Doer extends Asker {
  /** Writes down what was done with the athlete. */
  readonly did: (what: Done['what'], about?: string | number) => Promise<void>;
}

/**
 * Runs an action on an athlete, or on what is an athlete's, of the signed-in coach or shown to them in full. What is
 * another's is not there for them.
 */
export async function asCoachOf<T>(about: About, work: (doer: Doer) => Promise<T>): Promise<T | Unanswered> {
  return asCoach(async (coach): Promise<T | Unanswered> => {
    const { asker, shared } = await actingOn(coach, about);
    if (shared?.may === 'read') return { status: 'to read' };
    return work({
      ...asker,
      did: (what, about_ = '') => did(asker, about, { what, about: String(about_) }, new Date()),
    });
  });
}

/** The same for what is only looked at: athletes shown to read alone too. */
export async function asReaderOf<T>(
  about: About,
  work: (asker: Asker) => Promise<T>,
): Promise<T | Unanswered> {
  return asCoach(async (coach) => work((await actingOn(coach, about)).asker));
}
