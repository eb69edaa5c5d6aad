import { createHash, randomBytes } from 'node:crypto';

/** A secret that opens something: nobody guesses it. */
export function newToken(): string {
  return randomBytes(32).toString('base64url');
}

/** What is kept of a secret. */
export function digest(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}
