import 'server-only';
import { headers } from 'next/headers';
import { isByTls } from './by-tls';

/** A path of this server as an address that works elsewhere, by what the request says of how it came. */
export async function ownUrl(path: string): Promise<string> {
  const told = await headers();
  return `${isByTls(told) ? 'https' : 'http'}://${told.get('host') ?? 'localhost'}${path}`;
}
