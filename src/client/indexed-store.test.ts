import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { indexedStore } from './indexed-store';
import type { Store } from './ports';

/** A store in memory, like that of older pages. */
function memory(texts: Record<string, string>): Store {
  return {
    keys: async (prefix) => Object.keys(texts).filter((key) => key.startsWith(prefix)),
    read: async (key) => texts[key] ?? null,
    write: async (key, text) => {
      texts[key] = text;
    },
    remove: async (key) => {
      delete texts[key];
    },
  };
}

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
});

test('what was written can be read, by another page too; what was removed is gone', async () => {
  const store = indexedStore('test');
  await store.write('floor/a/1', 'one');
  await store.write('floor/a/1', 'two');
  await store.write('floor/b/1', 'three');
  const other = indexedStore('test');
  expect(await other.read('floor/a/1')).toBe('two');
  expect(await other.keys('floor/a/')).toEqual(['floor/a/1']);
  await other.remove('floor/a/1');
  expect(await store.read('floor/a/1')).toBeNull();
  expect(await store.keys('floor/')).toEqual(['floor/b/1']);
});

test('the browser is asked to flush to disk before a write resolves', async () => {
  const asked: unknown[] = [];
  const { transaction } = IDBDatabase.prototype;
  IDBDatabase.prototype.transaction = function (names, mode, options) {
    if (mode === 'readwrite') asked.push(options?.durability);
    return transaction.call(this, names, mode, options);
  };
  await indexedStore('test').write('a', 'text');
  IDBDatabase.prototype.transaction = transaction;
  expect(asked).toEqual(['strict']);
});

test('values left by older pages in the previous store are found, and removed with their key', async () => {
  const texts = { 'floor/a/1': 'older', other: 'not asked for' };
  const store = indexedStore('test', memory(texts));
  await store.write('floor/a/2', 'newer');
  expect([...(await store.keys('floor/a/'))].sort()).toEqual(['floor/a/1', 'floor/a/2']);
  expect(await store.read('floor/a/1')).toBe('older');
  await store.remove('floor/a/1');
  expect(texts).toEqual({ other: 'not asked for' });
});

test('without access to the database a write rejects, and the next one tries again', async () => {
  const { open } = indexedDB;
  indexedDB.open = () => {
    throw new DOMException('denied', 'SecurityError');
  };
  const store = indexedStore('test');
  await expect(store.write('a', 'text')).rejects.toThrow('denied');
  indexedDB.open = open;
  await store.write('a', 'text');
  expect(await store.read('a')).toBe('text');
});

test('without room a write rejects and the previous value stays', async () => {
  const store = indexedStore('test');
  await store.write('a', 'before');
  const { put } = IDBObjectStore.prototype;
  IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...given) {
    const request = put.apply(this, given);
    this.transaction.abort();
    return request;
  };
  await expect(store.write('a', 'after')).rejects.toBeDefined();
  IDBObjectStore.prototype.put = put;
  expect(await store.read('a')).toBe('before');
});
