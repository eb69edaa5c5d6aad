import Fuse from 'fuse.js';
import type { Found, Named } from './search-by-name';

/** Largest distance of a misspelled name, on Fuse's scale from 0 to 1. */
const THRESHOLD = 0.34;

/** Names similar to a text, nearest first. */
export default function findSimilar<T extends Named>(
  list: readonly T[],
  search: string,
): readonly Found<T>[] {
  const fuse = new Fuse(list, {
    keys: ['label', 'names'],
    threshold: THRESHOLD,
    ignoreLocation: true,
    includeMatches: true,
    minMatchCharLength: 2,
  });
  return fuse.search(search.trim()).map(({ item, matches }) => {
    const match = matches?.find(({ key }) => key === 'names');
    const isOwn = matches?.some(({ key }) => key === 'label') ?? false;
    return { item, by: isOwn ? null : (match?.value ?? null) };
  });
}
