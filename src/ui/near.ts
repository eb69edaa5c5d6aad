import Fuse from 'fuse.js';
import type { Found, Named } from './search-by-name';

/** How far off a name typed with errors may be, of Fuse's 0 to 1. */
const THRESHOLD = 0.34;

/** What is spelt much like what was typed, nearest first. */
export default function near<T extends Named>(list: readonly T[], search: string): readonly Found<T>[] {
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
