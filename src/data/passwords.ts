import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common';

/** Fewest characters of a password. */
export const PASSWORD_LEAST = 10;
/** Fewest guesses needed by somebody who knows common passwords, as a power of ten. */
const LEAST_GUESSES = 6;

let guessing: ZxcvbnFactory | undefined;

export type PasswordProblem = 'too short' | 'too easy';

/**
 * Problems of a new password: too short; or common, a keyboard row, a date, or made of known details.
 * @param known their name and address
 */
export function passwordProblem(password: string, known: readonly string[]): PasswordProblem | null {
  if (password.length < PASSWORD_LEAST) return 'too short';
  guessing ??= new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs });
  const parts = known.flatMap((one) => [one, ...one.split(/[^\p{L}\p{N}]+/u)]).filter((one) => one !== '');
  return guessing.check(password, [...parts, 'denseladder']).guessesLog10 < LEAST_GUESSES ? 'too easy' : null;
}
