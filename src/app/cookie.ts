import 'server-only';
import { cookies, headers } from 'next/headers';
import { isHttps } from './is-https';

/** Cookies of this server: a coach's session, the device it is on, the athlete of a phone. */
export type CookieName = 'ladder_sign_in' | 'ladder_device' | 'ladder_phone';

const isSecure = async () => isHttps(await headers());

/**
 * Over HTTPS the name's prefix makes browsers accept the cookie from this host only, for all paths and with `Secure`.
 */
async function nameOf(name: CookieName): Promise<string> {
  return (await isSecure()) ? `__Host-${name}` : name;
}

export async function readCookie(name: CookieName): Promise<string | undefined> {
  return (await cookies()).get(await nameOf(name))?.value;
}

export async function keepCookie(name: CookieName, value: string, expires: Date): Promise<void> {
  const secure = await isSecure();
  (await cookies()).set(await nameOf(name), value, {
    httpOnly: true,
    sameSite: 'lax',
    path: '/',
    secure,
    expires,
  });
}

export async function dropCookie(name: CookieName): Promise<void> {
  const secure = await isSecure();
  (await cookies()).set(await nameOf(name), '', {
    httpOnly: true,
    sameSite: 'lax',
    path: '/',
    secure,
    expires: new Date(0),
  });
}
