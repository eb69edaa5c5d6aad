import { useEffect, useState } from 'react';

/** Whether the page answers by now: false while it is only what the server drew. */
export function useReady(): boolean {
  const [ready, setReady] = useState(false);
  useEffect(() => setReady(true), []);
  return ready;
}
