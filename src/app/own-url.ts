import 'server-only';
import { headers } from 'next/headers';

/** A path of this server as an address that works elsewhere, by what the request says of how it came. */
export async function ownUrl(path: string): Promise<string> {
  const told = await headers();
  return `${told.get('x-forwarded-proto') ?? 'http'}://${told.get('host') ?? 'localhost'}${path}`;
}
