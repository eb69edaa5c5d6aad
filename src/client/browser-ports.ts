import type { Ports, Store } from './ports';

/** One of the browser's storages; asked for only when it is used, since asking may be forbidden. */
export function browserStore(storage: () => Storage): Store {
  return {
    keys: async (prefix) => Object.keys(storage()).filter((key) => key.startsWith(prefix)),
    read: async (key) => storage().getItem(key),
    write: async (key, text) => storage().setItem(key, text),
    remove: async (key) => storage().removeItem(key),
  };
}

/** The world as a browser has it. */
export function browserPorts(newId: () => string, store: Store = browserStore(() => localStorage)): Ports {
  return {
    newId,
    clock: {
      now: () => Date.now(),
      after: (milliseconds, work) => {
        const timer = setTimeout(work, milliseconds);
        return () => clearTimeout(timer);
      },
    },
    store,
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
