import type { Ports } from './ports';

/** The world as a browser has it. Writing to its storage is done before the promise is made, so it is safe at once. */
export function browserPorts(newId: () => string): Ports {
  return {
    newId,
    clock: {
      now: () => Date.now(),
      after: (milliseconds, work) => {
        const timer = setTimeout(work, milliseconds);
        return () => clearTimeout(timer);
      },
    },
    store: {
      keys: async (prefix) => Object.keys(localStorage).filter((key) => key.startsWith(prefix)),
      read: async (key) => localStorage.getItem(key),
      write: async (key, text) => localStorage.setItem(key, text),
      remove: async (key) => localStorage.removeItem(key),
    },
    tabs: {
      // Where there are no locks nothing is held, and a page without a lock is taken for gone.
      hold: (name) => void navigator.locks?.request(name, () => new Promise<never>(() => {})).catch(() => {}),
      whenGone: async (name, work) => {
        if (navigator.locks === undefined) return work();
        await navigator.locks.request(name, { ifAvailable: true }, (lock) =>
          lock === null ? undefined : work(),
        );
      },
    },
  };
}
