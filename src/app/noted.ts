import 'server-only';
import { whereFrom } from './from';
import { type SecurityEvent, securityLog } from './security-log';

const log = securityLog();

/** Logs the result of a sign-in attempt, with its network. */
export async function noted(way: SecurityEvent['way'], said: string, coach?: string): Promise<void> {
  const { address = '' } = await whereFrom();
  log({ way, said, from: address, ...(coach === undefined ? {} : { coach }) });
}
