import { randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { Semaphore } from 'es-toolkit';

/** Passwords hashed in parallel: each uses a core and memory for a while, which other requests need too. */
const AT_ONCE = 2;
/** Most waiting; further ones are asked to try again. */
const MOST_WAITING = 40;

/** Too many passwords are being hashed. */
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
 * A password's Argon2id hash for storage.
 * @throws Busy if too many are being hashed
 */
export function hashPassword(password: string): Promise<string> {
  return inTurn(() => hash(password));
}

/**
 * Whether a password matches a hash.
 * @throws Busy if too many are being hashed
 */
export function matches(kept: string, password: string): Promise<boolean> {
  return inTurn(() => verify(kept, password));
}

/**
 * Hashes for storing several one-time codes: Argon2id with one salt, so that a typed code is found by hashing it
 * once.
 * @throws Busy if too many are being hashed
 */
export function hashWithSameSalt(codes: readonly string[]): Promise<readonly string[]> {
  const salt = randomBytes(16);
  return Promise.all(codes.map((code) => inTurn(() => hash(code, { salt }))));
}

/**
 * A code's hash for comparison with stored ones.
 * @param kept one of them
 * @throws Busy if too many are being hashed
 */
export function hashCodes(kept: string, code: string): Promise<string> {
  // $argon2id$v=19$m=…,t=…,p=…$salt$hash
  const salt = Buffer.from(kept.split('$')[4] ?? '', 'base64');
  return inTurn(() => hash(code, { salt }));
}
