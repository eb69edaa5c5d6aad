import { useEffect, useState } from 'react';

/** When stopwatches of a session were started, by their keys, milliseconds. */
export interface Watches {
  readonly startedAt: (key: string) => number | null;
  readonly start: (key: string) => void;
}

type Started = Readonly<Record<string, number>>;

/** The stopwatches of a session: known to the tab, so that a page the phone has put away comes back with them running. */
export function useWatches(workoutId: string): Watches {
  const name = `ladder/watches/${workoutId}`;
  const [started, setStarted] = useState<Started>({});
  // After the first picture, which the server drew too.
  useEffect(() => setStarted(kept(name)), [name]);
  return {
    startedAt: (key) => started[key] ?? null,
    start: (key) => {
      const now = { ...started, [key]: Date.now() };
      setStarted(now);
      try {
        sessionStorage.setItem(name, JSON.stringify(now));
      } catch {
        // Where nothing may be kept it runs as long as the page.
      }
    },
  };
}

function kept(name: string): Started {
  try {
    const read: unknown = JSON.parse(sessionStorage.getItem(name) ?? '{}');
    return typeof read === 'object' && read !== null ? (read as Started) : {};
  } catch {
    return {};
  }
}
