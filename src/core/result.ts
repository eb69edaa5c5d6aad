import type { z } from 'zod';
import type { Problem } from './problem';

/** The result of processing input that may be invalid. Bugs throw; invalid input returns problems. */
export type Result<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly problems: readonly Problem[] };

export function ok<T>(value: T): Result<T> {
  return { ok: true, value };
}

export function refused(...problems: readonly Problem[]): Result<never> {
  return { ok: false, problems };
}

/** What a schema found wrong, each with its path. */
export function malformed(error: z.ZodError): Result<never> {
  return refused(
    ...error.issues.map((issue) => ({
      code: 'malformed' as const,
      path: issue.path.join('/'),
      detail: issue.message,
    })),
  );
}
