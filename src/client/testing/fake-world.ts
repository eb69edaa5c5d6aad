import type { Ports, Store } from '../ports';

/** A clock that only moves when told to. */
export class FakeClock {
  private time = 0;
  private timers: { at: number; work: () => void }[] = [];

  readonly now = () => this.time;

  readonly after = (milliseconds: number, work: () => void) => {
    const timer = { at: this.time + milliseconds, work };
    this.timers.push(timer);
    return () => {
      this.timers = this.timers.filter((one) => one !== timer);
    };
  };

  /** Advances time and runs what is due. */
  async pass(milliseconds: number): Promise<void> {
    const end = this.time + milliseconds;
    for (;;) {
      const due = this.timers.filter(({ at }) => at <= end).sort((a, b) => a.at - b.at)[0];
      if (due === undefined) break;
      this.time = due.at;
      this.timers = this.timers.filter((one) => one !== due);
      due.work();
      await calm();
    }
    this.time = end;
    await calm();
  }
}

/** Lets all pending promises run. */
export async function calm(): Promise<void> {
  for (let turn = 0; turn < 30; turn++) await Promise.resolve();
}

/** A store shared by pages, which can be full. */
export class FakeStore implements Store {
  readonly texts = new Map<string, string>();
  isFull = false;

  readonly keys = async (prefix: string) => [...this.texts.keys()].filter((key) => key.startsWith(prefix));
  readonly read = async (key: string) => this.texts.get(key) ?? null;
  readonly write = async (key: string, text: string) => {
    if (this.isFull) throw new Error('full');
    this.texts.set(key, text);
  };
  readonly remove = async (key: string) => {
    this.texts.delete(key);
  };
}

/** A browser in which pages open and die. */
export class FakeBrowser {
  readonly clock = new FakeClock();
  readonly store = new FakeStore();
  private readonly held = new Map<string, number>();
  private pages = 0;
  private ids = 0;

  /** A new page's ports, and a function that kills the page. */
  open(): { readonly ports: Ports; readonly kill: () => void; readonly isAlive: () => boolean } {
    const page = ++this.pages;
    let alive = true;
    const dead = new Promise<never>(() => {});
    /** Requests of a dead page never return. */
    const living = <T>(work: () => Promise<T>): Promise<T> => (alive ? work() : dead);
    return {
      isAlive: () => alive,
      kill: () => {
        alive = false;
        for (const [name, by] of this.held) if (by === page) this.held.delete(name);
      },
      ports: {
        newId: () => `id-${page}-${++this.ids}`,
        clock: {
          now: this.clock.now,
          after: (milliseconds, work) =>
            this.clock.after(milliseconds, () => {
              if (alive) work();
            }),
        },
        store: {
          keys: (prefix) => living(() => this.store.keys(prefix)),
          read: (key) => living(() => this.store.read(key)),
          write: (key, text) => living(() => this.store.write(key, text)),
          remove: (key) => living(() => this.store.remove(key)),
        },
        tabs: {
          hold: (name) => {
            this.held.set(name, page);
          },
          whenGone: async (name, work) => {
            if (this.held.has(name)) return;
            this.held.set(name, page);
            await work();
            this.held.delete(name);
          },
        },
      },
    };
  }
}
