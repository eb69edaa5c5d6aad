import { useEffect, useState } from 'react';

/** When a session's stopwatches were started, by key, milliseconds. */
export interface Watches {
  readonly startedAt: (key: string) => number | null;
  readonly start: (key: string) => void;
}

type Started = Readonly<Record<string, number>>;

/** A session's stopwatches, stored in the tab so that a page the phone discarded returns with them running. */
export function useWatches(workoutId: string): Watches {
  const name = `ladder/watches/${workoutId}`;
  const [started, setStarted] = useState<Started>({});
  // After the first render, which must match the server's.
  useEffect(() => setStarted(kept(name)), [name]);
  return {
    startedAt: (key) => started[key] ?? null,
    start: (key) => {
      const now = { ...started, [key]: Date.now() };
      setStarted(now);
      try {
        sessionStorage.setItem(name, JSON.stringify(now));
      } catch {
        // Without storage it runs as long as the page.
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
