import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { Store } from './ports';

interface Kept extends DBSchema {
  readonly kept: { readonly key: string; readonly value: string };
}

/**
 * Texts in the phone's IndexedDB. A write resolves once it is flushed to disk, so that a browser killed right after
 * has lost nothing; it rejects if there is no room or no access.
 * @param earlier the previous store: its values are found and removed with their key
 */
export function indexedStore(name: string, earlier?: Store): Store {
  let opened: Promise<IDBPDatabase<Kept>> | undefined;
  const database = () => {
    opened ??= openDB<Kept>(name, 1, {
      upgrade: (fresh) => {
        fresh.createObjectStore('kept');
      },
      // A newer page in another tab wants to upgrade the database: this page reopens it on its next access.
      blocking: (_current, _blocked, event) => {
        (event.target as IDBDatabase).close();
        opened = undefined;
      },
      terminated: () => {
        opened = undefined;
      },
    });
    // A failed opening is tried again later.
    opened.catch(() => {
      opened = undefined;
    });
    return opened;
  };
  const change = async (work: 'put' | 'delete', key: string, text = '') => {
    const transaction = (await database()).transaction('kept', 'readwrite', { durability: 'strict' });
    if (work === 'put') void transaction.store.put(text, key).catch(() => {});
    else void transaction.store.delete(key).catch(() => {});
    await transaction.done;
  };
  return {
    keys: async (prefix) => {
      const range = IDBKeyRange.bound(prefix, `${prefix}\uffff`);
      const here = await (await database()).getAllKeys('kept', range);
      const there = (await earlier?.keys(prefix)) ?? [];
      return [...new Set([...here, ...there])];
    },
    read: async (key) => (await (await database()).get('kept', key)) ?? (await earlier?.read(key)) ?? null,
    write: (key, text) => change('put', key, text),
    remove: async (key) => {
      await change('delete', key);
      await earlier?.remove(key);
    },
  };
}
