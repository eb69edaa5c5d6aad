import 'server-only';
import { headers } from 'next/headers';
import type { From } from '@/data';
import { readCookie } from './cookie';
import { deviceName } from './device-name';
import { networkPrefix } from './network';

/** The client's address, set by scripts/serve.mjs. */
export async function clientOrigin(): Promise<From> {
  const told = await headers();
  return {
    address: networkPrefix(told.get('x-client-address') ?? ''),
    device: await readCookie('ladder_device'),
    called: deviceName(told.get('user-agent') ?? ''),
  };
}
