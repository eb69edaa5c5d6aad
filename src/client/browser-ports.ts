import type { Ports, Store } from './ports';

/** One of the browser's storages, resolved on use because access may be forbidden. */
export function browserStore(storage: () => Storage): Store {
  return {
    keys: async (prefix) => Object.keys(storage()).filter((key) => key.startsWith(prefix)),
    read: async (key) => storage().getItem(key),
    write: async (key, text) => storage().setItem(key, text),
    remove: async (key) => storage().removeItem(key),
  };
}

/** The ports as a browser provides them. */
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
      // Without the Locks API nothing is locked, and every other page counts as gone.
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
