import 'server-only';
import { clientOrigin } from './client-origin';
import { type SecurityEvent, securityLog } from './security-log';

const log = securityLog();

/** Logs the result of a sign-in attempt, with its network. */
export async function logOutcome(way: SecurityEvent['way'], said: string, coach?: string): Promise<void> {
  const { address = '' } = await clientOrigin();
  log({ way, said, from: address, ...(coach === undefined ? {} : { coach }) });
}
