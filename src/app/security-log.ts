import pino, { type DestinationStream } from 'pino';

/** A way in, or what keeps it. */
type Way =
  | 'sign-in'
  | 'sign-up'
  | 'code'
  | 'sign-out'
  | 'password'
  | 'password told again'
  | 'password by link'
  | 'link for a coach'
  | 'second factor'
  | 'second factor for all'
  | 'session of another device'
  | 'phone';

/** What happened at it. */
export interface SecurityEvent {
  readonly way: Way;
  /** What came of it, in the words it was answered with. */
  readonly said: string;
  /** The network it was asked from. */
  readonly from: string;
  /** Whose account, where that is known. */
  readonly coach?: string;
}

/**
 * Writes down what happens at the ways in: a line of JSON each, beside those of the answers. Neither what was typed nor a
 * token nor an address of a person is in it.
 */
export function securityLog(to?: DestinationStream): (event: SecurityEvent) => void {
  const settings = { level: process.env.LOG_LEVEL ?? 'info', base: { of: 'security' } };
  const log = to === undefined ? pino(settings) : pino(settings, to);
  return ({ way, said, from, coach }) => log.info({ way, said, from, coach }, 'way in');
}
