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
 * The visible part of a screen, in the address after the #: links lead there, back and forward move between parts.
 * @param part the relevant part: the screen only renders again when it changes
 * @returns the part, empty on the server, and a function to navigate: as a new history entry, or replacing this one
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

/** The current address, outside of rendering. */
export { read as addressNow };
