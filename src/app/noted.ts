import 'server-only';
import { whereFrom } from './from';
import { type SecurityEvent, securityLog } from './security-log';

const log = securityLog();

/** Writes down what came of a try at a way in, with the network it was made from. */
export async function noted(way: SecurityEvent['way'], said: string, coach?: string): Promise<void> {
  const { address = '' } = await whereFrom();
  log({ way, said, from: address, ...(coach === undefined ? {} : { coach }) });
}
