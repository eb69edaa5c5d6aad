import { useEffect, useState } from 'react';

export type SearchParts = typeof import('./search-parts');

/** Everyday names and the matcher of misspellings: loaded for the first search; null until then. */
export function useSearchParts(search: string): SearchParts | null {
  const asked = search !== '';
  const [parts, setParts] = useState<SearchParts | null>(null);
  useEffect(() => {
    if (!asked) return;
    let wanted = true;
    void import('./search-parts').then((found) => wanted && setParts(found));
    return () => {
      wanted = false;
    };
  }, [asked]);
  return parts;
}
