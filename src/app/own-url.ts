import 'server-only';
import { headers } from 'next/headers';
import { isHttps } from './is-https';

/** A path of this server as an absolute address, based on the request's headers. */
export async function ownUrl(path: string): Promise<string> {
  const told = await headers();
  return `${isHttps(told) ? 'https' : 'http'}://${told.get('host') ?? 'localhost'}${path}`;
}
