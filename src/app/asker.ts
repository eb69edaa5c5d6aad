import 'server-only';
import { cookies, headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { cache } from 'react';
import { type Asker, askerOf, isUnavailable, type SignedIn } from '@/data';

export const COOKIE = 'ladder_sign_in';

/** Whose session this is, also where they still lack the second factor their house asks for. Asked once a request. */
export const currentSession = cache(async (): Promise<SignedIn | undefined> => {
  const token = (await cookies()).get(COOKIE)?.value;
  return token === undefined ? undefined : askerOf(token, new Date());
});

/** The signed-in coach; undefined when nobody is, or while a second factor is still to be set up. */
export async function currentAsker(): Promise<SignedIn | undefined> {
  const session = await currentSession();
  return session?.lacksFactor === true ? undefined : session;
}

/** The signed-in coach of a page; sends anybody else to the sign-in, which leads back here. */
export async function requireAsker(): Promise<Asker & { readonly name: string }> {
  const asker = await currentAsker();
  if (asker !== undefined) return asker;
  if ((await currentSession()) !== undefined) return redirect('/second-factor');
  const address = (await headers()).get('x-address');
  return redirect(address === null ? '/sign-in' : `/sign-in?to=${encodeURIComponent(address)}`);
}

export type Unanswered =
  | { readonly status: 'unavailable' }
  | { readonly status: 'signed out' }
  | { readonly status: 'malformed' };

/** Runs an action for the signed-in coach; a database that is away for the moment is an answer, not an error. */
export async function asCoach<T>(work: (asker: Asker) => Promise<T>): Promise<T | Unanswered> {
  try {
    const asker = await currentAsker();
    return asker === undefined ? { status: 'signed out' } : await work(asker);
  } catch (error) {
    if (isUnavailable(error)) return { status: 'unavailable' };
    throw error;
  }
}
