import { isEqual } from 'es-toolkit';

interface Kept {
  readonly by: unknown;
  readonly given: readonly unknown[];
  readonly value: unknown;
}

/** How many results of one name are kept: what is, and what an edit looked at beside it came to. */
const KEPT = 3;

/**
 * Remembers what pure functions came to. The key of a result is the function with the whole list of its arguments, each
 * compared by identity, so that what is remembered cannot go stale: whatever a result depends on is an argument. With a
 * memo or without one the results are the same.
 */
export class Memo {
  private readonly names = new Map<string, readonly Kept[]>();

  /**
   * The function's result for the arguments, remembered.
   * @param name of this use of it; a name holds a few results, the latest used first
   */
  call<A extends readonly unknown[], T>(name: string, work: (...given: A) => T, ...given: A): T {
    const held = this.names.get(name) ?? [];
    const at = held.findIndex((one) => one.by === work && isSame(one.given, given));
    const found = held[at];
    if (at === 0 && found !== undefined) return found.value as T;
    const value = found === undefined ? work(...given) : (found.value as T);
    const others = held.filter((one) => one !== found).slice(0, KEPT - 1);
    this.names.set(name, [{ by: work, given, value }, ...others]);
    return value;
  }

  /** The value as it was kept under the name before where it is alike, so that its identity says whether it changed. */
  same<T>(name: string, value: T): T {
    const held = this.names.get(name) ?? [];
    const same = held.find((one) => isEqual(one.value, value));
    if (same !== undefined && same === held[0]) return same.value as T;
    const others = held.filter((one) => one !== same).slice(0, KEPT - 1);
    this.names.set(name, [same ?? { by: null, given: [], value }, ...others]);
    return (same?.value ?? value) as T;
  }
}

function isSame(a: readonly unknown[], b: readonly unknown[]): boolean {
  if (a.length !== b.length) return false;
  for (let at = 0; at < a.length; at++) if (!Object.is(a[at], b[at])) return false;
  return true;
}
