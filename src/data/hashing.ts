import { randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { Semaphore } from 'es-toolkit';

/** Passwords hashed at once: each takes a core and some memory for a while, and other requests want them too. */
const AT_ONCE = 2;
/** Most that wait for their turn; whoever comes then is asked to try again. */
const MOST_WAITING = 40;

/** Too many passwords are being looked at. */
export class Busy extends Error {
  constructor() {
    super('too many passwords at once');
    this.name = 'Busy';
  }
}

const turns = new Semaphore(AT_ONCE);
let waiting = 0;

async function inTurn<T>(work: () => Promise<T>): Promise<T> {
  if (waiting >= MOST_WAITING) throw new Busy();
  waiting++;
  try {
    await turns.acquire();
  } finally {
    waiting--;
  }
  try {
    return await work();
  } finally {
    turns.release();
  }
}

/**
 * What is kept of a password: an Argon2id hash.
 * @throws Busy where too many are being made
 */
export function hashed(password: string): Promise<string> {
  return inTurn(() => hash(password));
}

/**
 * Whether a password is the one a hash was made of.
 * @throws Busy where too many are being looked at
 */
export function matches(kept: string, password: string): Promise<boolean> {
  return inTurn(() => verify(kept, password));
}

/**
 * What is kept of several codes that each are good once: Argon2id hashes with one salt, so that one that is told is looked
 * for among them by hashing it once.
 * @throws Busy where too many are being made
 */
export function hashedAlike(codes: readonly string[]): Promise<readonly string[]> {
  const salt = randomBytes(16);
  return Promise.all(codes.map((code) => inTurn(() => hash(code, { salt }))));
}

/**
 * What would be kept of a code beside these.
 * @param kept one of them
 * @throws Busy where too many are being looked at
 */
export function hashedAs(kept: string, code: string): Promise<string> {
  // $argon2id$v=19$m=…,t=…,p=…$salt$hash
  const salt = Buffer.from(kept.split('$')[4] ?? '', 'base64');
  return inTurn(() => hash(code, { salt }));
}
