import { createHash, randomBytes } from 'node:crypto';

/** An unguessable secret token. */
export function newToken(): string {
  return randomBytes(32).toString('base64url');
}

/** The stored hash of a token. */
export function digest(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}
