import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common';

/** Fewest characters of a password. */
export const PASSWORD_LEAST = 10;
/** Fewest guesses, as a power of ten, that somebody who knows what people choose needs for one. */
const LEAST_GUESSES = 6;

let guessing: ZxcvbnFactory | undefined;

export type PasswordProblem = 'too short' | 'too easy';

/**
 * What is wrong with a password that somebody wants to have: too few characters; or it is one of those many have, a row of
 * keys, a date, or made of what everybody knows of them.
 * @param known their name and address
 */
export function passwordProblem(password: string, known: readonly string[]): PasswordProblem | null {
  if (password.length < PASSWORD_LEAST) return 'too short';
  guessing ??= new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs });
  const parts = known.flatMap((one) => [one, ...one.split(/[^\p{L}\p{N}]+/u)]).filter((one) => one !== '');
  return guessing.check(password, [...parts, 'denseladder']).guessesLog10 < LEAST_GUESSES ? 'too easy' : null;
}
