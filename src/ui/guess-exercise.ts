import type { Catalogue } from '@/core';
import { searchNames } from '@/core/names';
import { findNamed } from './search-by-name';

/** What a name in a file probably means, and how certain that is. */
export interface Likely {
  readonly id: string | undefined;
  readonly how: 'known' | 'remembered' | 'likely' | 'unknown';
}

export type LikelyExercise = typeof guessExercise;

/**
 * The exercise a name most likely means: as remembered, by exact name, or by similarity.
 * @param name lower case, single spaces
 */
export function guessExercise(
  name: string,
  catalogue: Catalogue,
  remembered: Readonly<Record<string, string>>,
): Likely {
  if (!/[a-z]{2}/.test(name)) return { id: undefined, how: 'unknown' };
  const before = Object.hasOwn(remembered, name) ? remembered[name] : undefined;
  if (before !== undefined && catalogue.newest(before) !== undefined)
    return { id: before, how: 'remembered' };
  const listed = catalogue.list.map(({ id, name: label }) => ({
    id,
    label,
    names: searchNames({ id, name: label }),
    facts: '',
  }));
  const own = listed.find(({ label, names }) =>
    [label, ...names].some((text) => text.toLowerCase() === name),
  );
  if (own !== undefined) return { id: own.id, how: 'known' };
  // In a name with more words than ours the last ones often matter most: `flat barbell bench press`.
  const words = name
    .replace(/[()[\],]/g, ' ')
    .split(' ')
    .filter((word) => word !== '')
    .map((word) => (/[^s]s$/.test(word) && word.length > 4 ? word.slice(0, -1) : word));
  // One word of several is too unspecific: `pull`.
  const last = Math.max(0, words.length - 2);
  for (let from = 0; from <= last; from++) {
    const [found] = findNamed(listed, words.slice(from).join(' '), null);
    if (found !== undefined) return { id: found.item.id, how: 'likely' };
  }
  return { id: undefined, how: 'unknown' };
}
