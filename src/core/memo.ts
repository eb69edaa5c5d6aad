import { isEqual } from 'es-toolkit';

/** A result with its inputs. Results of one name are kept together, most recently used first. */
interface Kept {
  readonly by: unknown;
  readonly given: readonly unknown[];
  readonly value: unknown;
  next: Kept | null;
}

/** Results kept per name: the current one, and those of previewed edits. */
const KEPT = 3;

/**
 * Memoises pure functions. A result is keyed by its function and its full list of arguments, compared by identity, so
 * that it cannot become stale: whatever it depends on is an argument. Results are the same with and without it.
 */
export class Memo {
  private kept: Map<string, Kept> | null = null;
  private parts: Map<string | number, Memo> | null = null;

  /**
   * @param depth levels that are memoised: 0 the whole, 1 also its parts, 2 their parts; a one-off computation is
   * cheaper without
   */
  constructor(private readonly depth = Number.POSITIVE_INFINITY) {}

  /** The memo of a part of the whole (a week, a session, a slot), with its own names. */
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
   * The function's result for the arguments, memoised.
   * @param name of this use; a name keeps a few results, most recently used first
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
   * The previous value under the name if it is equal, so that its identity tells whether it changed.
   * @param isAlike compares two values completely
   */
  same<T>(name: string, value: T, isAlike: (a: T, b: T) => boolean = isEqual): T {
    if (this.depth < 0) return value;
    let before: Kept | null = null;
    for (let one = this.kept?.get(name) ?? null; one !== null; before = one, one = one.next)
      if (isAlike(one.value as T, value)) return this.used(name, one, before) as T;
    this.put(name, null, [], value);
    return value;
  }

  /** Moves a found result to the front. */
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

/** A level that is not memoised. */
const FORGETFUL = new Memo(-1);

/** Whether two objects have identical field values. */
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
