import type { Ports } from './ports';

/** Why sending waits, to be retried by itself. */
export type Because = 'unreachable' | 'unavailable' | 'signed out';

/** The result of sending a batch. Ids that no response names keep waiting. */
export type Reply =
  /** The server has these; refused ones are set apart and the others continue. */
  | {
      readonly status: 'taken';
      readonly ids: readonly string[];
      readonly refused?: readonly { readonly id: string; readonly why: string }[];
    }
  /** Unknown results: sent again later. */
  | { readonly status: 'later'; readonly because: Exclude<Because, 'unreachable'> }
  /** The server could not read the batch. */
  | { readonly status: 'malformed' }
  /** Sending stops until somebody decides; the accepted ones stay accepted. */
  | { readonly status: 'stopped'; readonly why: string; readonly ids: readonly string[] };

export interface Refused<T> {
  readonly item: T;
  readonly why: string;
}

export interface QueueState<T> {
  readonly waiting: readonly T[];
  /** Items refused by the server, kept until somebody settles them. */
  readonly refused: readonly Refused<T>[];
  readonly sending:
    | { readonly status: 'clear' }
    | { readonly status: 'sending' }
    | { readonly status: 'waiting'; readonly because: Because }
    | { readonly status: 'stopped'; readonly why: string };
  /** Whether waiting items are safe in the store; false if they exist on this page only. */
  readonly isStored: boolean;
}

interface Kept<T> {
  readonly items: readonly T[];
  readonly refused: readonly Refused<T>[];
}

interface QueueOptions<T> {
  /** Name of the queue, such as `floor/WORKOUT`: pages with the same name take over each other's items. */
  readonly name: string;
  readonly send: (items: readonly T[]) => Promise<Reply>;
  /** Reads an item stored under a key; undefined if it is not valid any more. */
  readonly read: (unchecked: unknown, key: string) => Promise<T | undefined>;
  /** Whether later items may depend on earlier ones: then none overtakes a stuck one. */
  readonly isOrdered: boolean;
}

const FIRST_WAIT_MS = 1000;
const LONGEST_WAIT_MS = 15_000;
/** Most items per batch. */
const BATCH = 200;

/**
 * Items to send to the server: stored first, sent in order, retried by themselves, taken over from pages that are
 * gone. Each item has an id of its own, so that one arriving twice counts once.
 */
export class SyncQueue<T extends { readonly id: string }> {
  private state: QueueState<T> = {
    waiting: [],
    refused: [],
    sending: { status: 'clear' },
    isStored: true,
  };
  private readonly listeners = new Set<() => void>();
  private readonly key: string;
  private inFlight = false;
  private wait = FIRST_WAIT_MS;
  private batch = BATCH;
  private cancel: (() => void) | null = null;
  private readonly idle: (() => void)[] = [];
  private writing: Promise<void> = Promise.resolve();

  constructor(
    private readonly options: QueueOptions<T>,
    private readonly ports: Ports,
  ) {
    this.key = `${options.name}/${ports.newId()}`;
  }

  readonly getState = (): QueueState<T> => this.state;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /**
   * Starts: takes over what gone pages have left, then sends.
   * @returns the items taken over, in their order
   */
  async start(): Promise<readonly T[]> {
    this.ports.tabs.hold(this.key);
    const found = await this.adopt();
    void this.flush();
    return found;
  }

  /** Stops sending; waiting items stay in the store. */
  stop(): void {
    this.cancel?.();
    this.cancel = null;
  }

  /**
   * Adds an item. Resolves when it is safe in the store, or the store has refused it (see isStored), not when it is
   * sent.
   */
  async add(...items: readonly T[]): Promise<void> {
    this.put({ waiting: [...this.state.waiting, ...items] });
    await this.persist();
    void this.flush();
  }

  /** Replaces all waiting items, and resumes if sending had stopped. */
  async replace(items: readonly T[]): Promise<void> {
    this.put({
      waiting: items,
      sending: { status: items.length === 0 ? 'clear' : 'waiting', because: 'unavailable' },
    });
    await this.persist();
    await this.flush();
  }

  /** Updates waiting items when their base changes. They are stored with the next response or item. */
  revise(change: (item: T) => T): void {
    this.put({ waiting: this.state.waiting.map(change) });
  }

  /** Drops an item that was set apart, or sends it again. */
  async settleRefused(id: string, how: 'drop' | 'send again'): Promise<void> {
    const one = this.state.refused.find(({ item }) => item.id === id);
    if (one === undefined) return;
    this.put({
      refused: this.state.refused.filter((other) => other !== one),
      waiting: how === 'drop' ? this.state.waiting : [...this.state.waiting, one.item],
    });
    await this.persist();
    void this.flush();
  }

  /** Tries now instead of at the next retry: the network is back, or somebody has signed in. */
  async again(): Promise<void> {
    this.wait = FIRST_WAIT_MS;
    await this.flush();
  }

  /** Resolves when nothing is left to send, or sending has stopped. */
  untilDone(): Promise<QueueState<T>['sending']['status']> {
    return new Promise((resolve) => {
      this.idle.push(() => resolve(this.state.sending.status));
      void this.flush();
    });
  }

  private put(part: Partial<QueueState<T>>): void {
    this.state = { ...this.state, ...part };
    for (const listener of this.listeners) listener();
  }

  /** Writes the waiting items. Writes run in order, so that an older one never replaces a newer one. */
  private persist(): Promise<void> {
    this.writing = this.writing.then(async () => {
      const { waiting, refused } = this.state;
      const isStored = await this.write({ items: waiting, refused });
      if (isStored !== this.state.isStored) this.put({ isStored });
    });
    return this.writing;
  }

  private async write(kept: Kept<T>): Promise<boolean> {
    try {
      if (kept.items.length === 0 && kept.refused.length === 0) await this.ports.store.remove(this.key);
      else await this.ports.store.write(this.key, JSON.stringify(kept));
      return true;
    } catch {
      // Full or forbidden: the items stay on this page, which says so.
      return kept.items.length === 0 && kept.refused.length === 0;
    }
  }

  private async adopt(): Promise<readonly T[]> {
    const found: T[] = [];
    const keys = await this.ports.store.keys(`${this.options.name}/`).catch(() => []);
    for (const key of keys) {
      if (key === this.key) continue;
      await this.ports.tabs.whenGone(key, async () => {
        const left = await this.readKept(key);
        const { waiting, refused } = this.state;
        const held = new Set([...waiting, ...refused.map(({ item }) => item)].map(({ id }) => id));
        // Two dead pages may have held the same item: it is added once.
        const items = onceEach(left.items).filter(({ id }) => !held.has(id));
        this.put({
          waiting: [...items, ...waiting],
          refused: [...refused, ...left.refused.filter(({ item }) => !held.has(item.id))],
        });
        found.push(...items);
        // Our copy is written before theirs is deleted: a page dying in between leaves the items twice, never lost.
        await this.persist();
        if (this.state.isStored) await this.ports.store.remove(key).catch(() => {});
      });
    }
    return found;
  }

  private async readKept(key: string): Promise<Kept<T>> {
    try {
      const kept = JSON.parse((await this.ports.store.read(key)) ?? '') as Partial<Kept<unknown>>;
      const items = await Promise.all((kept.items ?? []).map((item) => this.options.read(item, key)));
      const refused = await Promise.all(
        (kept.refused ?? []).map(async ({ item, why }) => ({
          item: await this.options.read(item, key),
          why,
        })),
      );
      return {
        items: items.filter((item) => item !== undefined),
        refused: refused.flatMap(({ item, why }) => (item === undefined ? [] : [{ item, why }])),
      };
    } catch {
      return { items: [], refused: [] };
    }
  }

  private async flush(): Promise<void> {
    this.cancel?.();
    this.cancel = null;
    if (this.inFlight) return;
    const { waiting, sending } = this.state;
    if (waiting.length === 0 || sending.status === 'stopped') {
      if (sending.status !== 'stopped' && sending.status !== 'clear')
        this.put({ sending: { status: 'clear' } });
      for (const done of this.idle.splice(0)) done();
      return;
    }
    this.inFlight = true;
    this.put({ sending: { status: 'sending' } });
    const sent = waiting.slice(0, this.batch);
    let reply: Reply | null = null;
    try {
      reply = await this.options.send(sent);
    } catch {
      // Unreachable, or the response was lost: the items stay and are sent again.
    }
    this.inFlight = false;
    const isLater = this.take(reply, sent);
    await this.persist();
    if (isLater) this.retry();
    else void this.flush();
  }

  /** What is left to send after a response. @returns whether to retry only after a pause */
  private take(reply: Reply | null, sent: readonly T[]): boolean {
    if (reply === null || reply.status === 'later') {
      const because = reply === null ? 'unreachable' : reply.because;
      this.put({ sending: { status: 'waiting', because } });
      return true;
    }
    this.wait = FIRST_WAIT_MS;
    if (reply.status === 'malformed') return this.takeMalformed(sent);
    this.batch = BATCH;
    const reasons = new Map((reply.status === 'taken' ? reply.refused : [])?.map(({ id, why }) => [id, why]));
    const gone = new Set([...reply.ids, ...reasons.keys()]);
    const { waiting, refused } = this.state;
    this.put({
      waiting: waiting.filter(({ id }) => !gone.has(id)),
      refused: [
        ...refused,
        ...sent.flatMap((item) => {
          const why = reasons.get(item.id);
          return why === undefined ? [] : [{ item, why }];
        }),
      ],
      sending: reply.status === 'stopped' ? { status: 'stopped', why: reply.why } : { status: 'sending' },
    });
    // A response that names no item would otherwise be repeated at once, endlessly.
    return reply.status === 'taken' && gone.size === 0;
  }

  /** An unreadable item must not hold up the others: they are sent singly, and it is set apart. */
  private takeMalformed(sent: readonly T[]): boolean {
    const [only, ...others] = sent;
    if (this.options.isOrdered) this.put({ sending: { status: 'stopped', why: 'malformed' } });
    else if (others.length > 0) this.batch = 1;
    else if (only !== undefined)
      this.put({
        waiting: this.state.waiting.filter(({ id }) => id !== only.id),
        refused: [...this.state.refused, { item: only, why: 'malformed' }],
      });
    return false;
  }

  private retry(): void {
    this.cancel = this.ports.clock.after(this.wait, () => void this.flush());
    this.wait = Math.min(LONGEST_WAIT_MS, this.wait * 2);
  }
}

function onceEach<T extends { readonly id: string }>(items: readonly T[]): readonly T[] {
  return [...new Map(items.map((item) => [item.id, item])).values()];
}
