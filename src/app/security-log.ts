import pino, { type DestinationStream } from 'pino';

/** A way in, or something that protects it. */
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

/** What happened there. */
export interface SecurityEvent {
  readonly way: Way;
  /** The result, in the words of the answer. */
  readonly said: string;
  /** The network of the request. */
  readonly from: string;
  /** The account, if known. */
  readonly coach?: string;
}

/**
 * Security log: one line of JSON per event, beside the lines of responses. It never contains what was typed, tokens
 * or e-mail addresses.
 */
export function securityLog(to?: DestinationStream): (event: SecurityEvent) => void {
  const settings = { level: process.env.LOG_LEVEL ?? 'info', base: { of: 'security' } };
  const log = to === undefined ? pino(settings) : pino(settings, to);
  return ({ way, said, from, coach }) => log.info({ way, said, from, coach }, 'way in');
}
