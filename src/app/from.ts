import 'server-only';
import { headers } from 'next/headers';
import type { From } from '@/data';
import { readCookie } from './cookie';
import { deviceName } from './device-name';
import { networkOf } from './network';

/** Where the request comes from: scripts/serve.mjs says by which address. */
export async function whereFrom(): Promise<From> {
  const told = await headers();
  return {
    address: networkOf(told.get('x-client-address') ?? ''),
    device: await readCookie('ladder_device'),
    called: deviceName(told.get('user-agent') ?? ''),
  };
}
