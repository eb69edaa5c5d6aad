import { useCallback, useSyncExternalStore } from 'react';

const MOVED = 'address';

function subscribe(onMove: () => void): () => void {
  const events = ['popstate', 'hashchange', MOVED];
  for (const event of events) window.addEventListener(event, onMove);
  return () => {
    for (const event of events) window.removeEventListener(event, onMove);
  };
}

function read(): string {
  try {
    return decodeURIComponent(window.location.hash.slice(1));
  } catch {
    return '';
  }
}

/**
 * What of a screen is shown, as it stands in the address behind the #: a link leads there, back and forward walk it.
 * @param part the part of it that matters here: the screen is drawn again only when that changes
 * @returns the part, empty on the server, and a way to go elsewhere: a step of the history, or in place of this one
 */
export function useAddress(
  part: (address: string) => string,
): readonly [string, (address: string, how?: 'step' | 'replace') => void] {
  const now = useSyncExternalStore(
    subscribe,
    () => part(read()),
    () => '',
  );
  const go = useCallback((address: string, how: 'step' | 'replace' = 'step') => {
    if (read() === address) return;
    const url = `#${encodeURI(address)}`;
    if (how === 'step') window.history.pushState(null, '', url);
    else window.history.replaceState(null, '', url);
    window.dispatchEvent(new Event(MOVED));
  }, []);
  return [now, go];
}

/** The address as it stands, outside of drawing. */
export { read as addressNow };
