/** What the client is given of the world, so that it can be tested with a world of its own. */

export interface Clock {
  /** Milliseconds since 1970. */
  readonly now: () => number;
  /** Does some work later. @returns what calls it off */
  readonly after: (milliseconds: number, work: () => void) => () => void;
}

/** Texts by key that outlive the page. A write is safe once it has resolved; it rejects where there is no room. */
export interface Store {
  readonly keys: (prefix: string) => Promise<readonly string[]>;
  readonly read: (key: string) => Promise<string | null>;
  readonly write: (key: string, text: string) => Promise<void>;
  readonly remove: (key: string) => Promise<void>;
}

/** Which of the pages that share a store are alive. */
export interface Tabs {
  /** Takes a name for as long as this page lives. */
  readonly hold: (name: string) => void;
  /** Does some work while holding a name that no living page holds; otherwise nothing. */
  readonly whenGone: (name: string, work: () => Promise<void>) => Promise<void>;
}

export interface Ports {
  readonly clock: Clock;
  readonly store: Store;
  readonly tabs: Tabs;
  /** An id that nobody else makes. */
  readonly newId: () => string;
}
