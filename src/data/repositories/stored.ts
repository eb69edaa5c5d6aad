import type { Problem, Result } from '@/core';

/** Something in the database that its codec refuses. */
export class Unreadable extends Error {
  constructor(
    what: string,
    readonly problems: readonly Problem[],
  ) {
    super(
      `${what} as stored cannot be read: ${problems.map(({ code, path }) => `${code} at ${path}`).join(', ')}`,
    );
    this.name = 'Unreadable';
  }
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/**
 * Reads a JSON column through its codec.
 * @param what its name in the error
 * @throws Unreadable if the codec refuses it
 */
export function stored<T>(what: string, decode: (unchecked: unknown) => Result<T>, text: string): T {
  const decoded = decode(parsed(text));
  if (!decoded.ok) throw new Unreadable(what, decoded.problems);
  return decoded.value;
}
