import { useEffect, useState } from 'react';

/** Whether the page has hydrated: false while it is only the server's HTML. */
export function useHydrated(): boolean {
  const [ready, setReady] = useState(false);
  useEffect(() => setReady(true), []);
  return ready;
}
