import { isEqual } from 'es-toolkit';

/** A result with what it came from. Results of one name hang together, the latest used first. */
interface Kept {
  readonly by: unknown;
  readonly given: readonly unknown[];
  readonly value: unknown;
  next: Kept | null;
}

/** How many results of one name are kept: what is, and what an edit looked at beside it came to. */
const KEPT = 3;

/**
 * Remembers what pure functions came to. The key of a result is the function with the whole list of its arguments, each
 * compared by identity, so that what is remembered cannot go stale: whatever a result depends on is an argument. With a
 * memo or without one the results are the same.
 */
export class Memo {
  private kept: Map<string, Kept> | null = null;
  private parts: Map<string | number, Memo> | null = null;

  /**
   * @param depth how deep it remembers: 0 the whole, 1 its parts too, 2 theirs; what is asked for once is cheaper
   * derived than kept
   */
  constructor(private readonly depth = Number.POSITIVE_INFINITY) {}

  /** The memory of a part of the whole (a week, a session, a slot), with names of its own. */
  part(key: string | number): Memo {
    if (this.depth <= 0) return FORGETFUL;
    this.parts ??= new Map();
    let part = this.parts.get(key);
    if (part === undefined) {
      part = new Memo(this.depth - 1);
      this.parts.set(key, part);
    }
    return part;
  }

  /**
   * The function's result for the arguments, remembered.
   * @param name of this use of it; a name holds a few results, the latest used first
   */
  call<A extends readonly unknown[], T>(name: string, work: (...given: A) => T, ...given: A): T {
    if (this.depth < 0) return work(...given);
    let before: Kept | null = null;
    for (let one = this.kept?.get(name) ?? null; one !== null; before = one, one = one.next)
      if (one.by === work && isSame(one.given, given)) return this.used(name, one, before) as T;
    const value = work(...given);
    this.put(name, work, given, value);
    return value;
  }

  /**
   * The value as it was kept under the name before where it is alike, so that its identity says whether it changed.
   * @param isAlike which two values are; must compare all that they hold
   */
  same<T>(name: string, value: T, isAlike: (a: T, b: T) => boolean = isEqual): T {
    if (this.depth < 0) return value;
    let before: Kept | null = null;
    for (let one = this.kept?.get(name) ?? null; one !== null; before = one, one = one.next)
      if (isAlike(one.value as T, value)) return this.used(name, one, before) as T;
    this.put(name, null, [], value);
    return value;
  }

  /** What was found, now the first of its name. */
  private used(name: string, one: Kept, before: Kept | null): unknown {
    if (before !== null) {
      before.next = one.next;
      one.next = this.kept?.get(name) ?? null;
      this.kept?.set(name, one);
    }
    return one.value;
  }

  private put(name: string, by: unknown, given: readonly unknown[], value: unknown): void {
    this.kept ??= new Map();
    const first: Kept = { by, given, value, next: this.kept.get(name) ?? null };
    this.kept.set(name, first);
    let last = first;
    for (let count = 1; count < KEPT && last.next !== null; count++) last = last.next;
    last.next = null;
  }
}

/** What lies deeper than is remembered. */
const FORGETFUL = new Memo(-1);

/** Whether two objects hold the very same in each of their fields. */
export function haveSameFields<T extends object>(a: T, b: T): boolean {
  if (a === b) return true;
  const keys = Object.keys(a) as (keyof T)[];
  return keys.length === Object.keys(b).length && keys.every((key) => Object.is(a[key], b[key]));
}

function isSame(a: readonly unknown[], b: readonly unknown[]): boolean {
  if (a.length !== b.length) return false;
  for (let at = 0; at < a.length; at++) if (!Object.is(a[at], b[at])) return false;
  return true;
}
