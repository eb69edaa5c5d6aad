import 'server-only';
import { cookies, headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { cache } from 'react';
import { type Asker, askerOf, isUnavailable } from '@/data';

export const COOKIE = 'ladder_sign_in';

/** The signed-in coach; undefined when nobody is. Asked once a request, however many parts of the page need it. */
export const currentAsker = cache(async (): Promise<(Asker & { readonly name: string }) | undefined> => {
  const token = (await cookies()).get(COOKIE)?.value;
  return token === undefined ? undefined : askerOf(token, new Date());
});

/** The signed-in coach of a page; sends anybody else to the sign-in, which leads back here. */
export async function requireAsker(): Promise<Asker & { readonly name: string }> {
  const asker = await currentAsker();
  if (asker !== undefined) return asker;
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
