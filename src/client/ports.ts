/** What the client needs from its environment, so that tests can provide their own. */

export interface Clock {
  /** Milliseconds since 1970. */
  readonly now: () => number;
  /** Runs work later. @returns a function that cancels it */
  readonly after: (milliseconds: number, work: () => void) => () => void;
}

/** Texts by key that outlive the page. A write that has resolved is safe; it rejects if there is no room. */
export interface Store {
  readonly keys: (prefix: string) => Promise<readonly string[]>;
  readonly read: (key: string) => Promise<string | null>;
  readonly write: (key: string, text: string) => Promise<void>;
  readonly remove: (key: string) => Promise<void>;
}

/** Which of the pages that share a store are alive. */
export interface Tabs {
  /** Holds a lock with this name until the page ends. */
  readonly hold: (name: string) => void;
  /** Runs work while holding a lock, unless a living page holds it. */
  readonly whenGone: (name: string, work: () => Promise<void>) => Promise<void>;
}

export interface Ports {
  readonly clock: Clock;
  readonly store: Store;
  readonly tabs: Tabs;
  /** A unique id. */
  readonly newId: () => string;
}
