import type {
  LocalDate,
  LoggedSet,
  LogOutcome,
  Muscle,
  Outgoing,
  RampVerdict,
  SentRamp,
  SentSet,
  SentSoreness,
  Soreness,
  Unanswered,
} from '@/core';
import type { Ports } from './ports';
import { type QueueState, type Reply, SyncQueue } from './sync-queue';

/** One thing done on the floor, on its way to the coach. */
export type FloorItem = { readonly id: string; readonly localDate: LocalDate } & (
  | { readonly kind: 'set'; readonly set: SentSet }
  | { readonly kind: 'ramp'; readonly report: SentRamp }
  | { readonly kind: 'soreness'; readonly report: SentSoreness }
  | { readonly kind: 'finish' }
);

type FloorWork =
  | { readonly kind: 'set'; readonly set: Omit<SentSet, 'id' | 'at'> }
  | { readonly kind: 'ramp'; readonly report: Omit<SentRamp, 'id'> }
  | { readonly kind: 'soreness'; readonly report: Omit<SentSoreness, 'id'> }
  | { readonly kind: 'finish' };

export type Reported = Readonly<Partial<Record<Muscle, Soreness>>>;

/** A session as the phone sees it. */
export interface FloorState {
  /** What the server knew and what was tapped since, each once. */
  readonly logged: readonly LoggedSet[];
  readonly finished: boolean;
  readonly reported: Reported;
  /** How last ramp sets moved, by slot. */
  readonly ramps: Readonly<Record<string, RampVerdict>>;
  readonly queue: QueueState<FloorItem>;
}

interface FloorData {
  readonly workoutId: string;
  readonly logged: readonly LoggedSet[];
  readonly finished: boolean;
  readonly reported: readonly { readonly muscle: Muscle; readonly soreness: Soreness }[];
  readonly ramps: Readonly<Record<string, RampVerdict>>;
}

/** A tap that follows a logged set sooner than this was meant for that set, not for the next one in its place. */
const DOUBLE_TAP_MS = 700;

/**
 * The athlete's session on the floor: what is tapped stands at once, is safe on the phone before the screen says so,
 * and goes to the coach when it can. Everything carries an id, so that sending twice is harmless.
 */
export class FloorSession {
  private state: FloorState;
  private readonly listeners = new Set<() => void>();
  private readonly queue: SyncQueue<FloorItem>;
  private tappedAt = Number.NEGATIVE_INFINITY;
  private writing: Promise<void> = Promise.resolve();
  private readonly doneKey: string;

  constructor(
    private readonly data: FloorData,
    private readonly send: (outgoing: Outgoing) => Promise<LogOutcome | Unanswered>,
    private readonly ports: Ports,
    private readonly today: () => LocalDate,
  ) {
    this.queue = new SyncQueue<FloorItem>(
      {
        name: `ladder/floor/${data.workoutId}`,
        isOrdered: false,
        read: async (unchecked) => (isItem(unchecked) ? unchecked : undefined),
        send: (items) => this.sendItems(items),
      },
      ports,
    );
    this.doneKey = `ladder/done/${data.workoutId}`;
    this.state = {
      logged: data.logged,
      finished: data.finished,
      reported: Object.fromEntries(data.reported.map(({ muscle, soreness }) => [muscle, soreness])),
      ramps: data.ramps,
      queue: this.queue.getState(),
    };
    this.queue.subscribe(() => this.put({ queue: this.queue.getState() }));
  }

  readonly getState = (): FloorState => this.state;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Begins: shows what this phone has done, and shows and sends what its earlier pages have left. */
  async start(): Promise<void> {
    await this.recall();
    for (const item of await this.queue.start()) this.show(item);
    for (const { item } of this.queue.getState().refused) this.show(item);
  }

  stop(): void {
    this.queue.stop();
  }

  again(): void {
    void this.queue.again();
  }

  /**
   * Logs a set, or corrects one.
   * @returns false where the tap was the second of a double one and nothing was logged
   */
  log(set: Omit<SentSet, 'id' | 'at'>): boolean {
    return this.logAll([set]);
  }

  /** Logs several sets with one tap, in the order they were done. */
  logAll(sets: readonly Omit<SentSet, 'id' | 'at'>[]): boolean {
    const now = this.ports.clock.now();
    if (now - this.tappedAt < DOUBLE_TAP_MS) return false;
    this.tappedAt = now;
    sets.forEach((set, at) => {
      this.take({ kind: 'set', set }, at);
    });
    return true;
  }

  finish(): void {
    if (!this.state.finished) this.take({ kind: 'finish' });
  }

  /** When soreness ended, for the muscles whose answer is new. */
  report(answers: Reported): void {
    for (const [muscle, soreness] of Object.entries(answers) as [Muscle, Soreness][])
      if (this.state.reported[muscle] !== soreness)
        this.take({ kind: 'soreness', report: { muscle, soreness } });
  }

  reportRamp(slotId: string, verdict: RampVerdict): void {
    this.take({ kind: 'ramp', report: { slotId, verdict } });
  }

  /** Sends what the server refused once more, or puts it away for good. */
  settleRefused(id: string, how: 'drop' | 'send again'): void {
    if (how === 'drop') {
      this.put({ logged: this.state.logged.filter((set) => set.id !== id) });
      void this.remember();
    }
    void this.queue.settleRefused(id, how);
  }

  /** @param after milliseconds after now, where several are taken at once */
  private take(work: FloorWork, after = 0): void {
    const head = { id: this.ports.newId(), localDate: this.today() };
    const item = itemOf(work, head, new Date(this.ports.clock.now() + after).toISOString());
    this.show(item);
    void this.remember();
    void this.queue.add(item);
  }

  /**
   * Writes down all that was done in the session. What is with the coach leaves the queue, but the page may have been
   * kept from before it was done, and without a network there is nobody to ask.
   */
  private remember(): Promise<void> {
    this.writing = this.writing.then(async () => {
      const { logged, finished, reported, ramps } = this.state;
      const done: Done = { logged, finished, reported, ramps };
      // Where there is no room the queue says so.
      await this.ports.store.write(this.doneKey, JSON.stringify(done)).catch(() => {});
    });
    return this.writing;
  }

  /** Shows what this phone has done, whatever the page knew of it; forgets it once the server has all of it. */
  private async recall(): Promise<void> {
    const done = doneOf(await this.ports.store.read(this.doneKey).catch(() => null));
    if (done === null) return;
    const known = new Set(this.data.logged.map(({ id }) => id));
    const unknown = done.logged.filter(({ id }) => !known.has(id));
    if (this.data.finished && unknown.length === 0)
      return this.ports.store.remove(this.doneKey).catch(() => {});
    const { logged, finished, reported, ramps } = this.state;
    this.put({
      logged: [...logged, ...unknown],
      finished: finished || done.finished,
      reported: { ...reported, ...done.reported },
      ramps: { ...ramps, ...done.ramps },
    });
  }

  private show(item: FloorItem): void {
    this.put(shown(this.state, item, this.data.workoutId));
  }

  private async sendItems(items: readonly FloorItem[]): Promise<Reply> {
    // A session past midnight is two days of sends.
    const day = items[0]?.localDate ?? '';
    const sent = items.filter(({ localDate }) => localDate === day);
    const said = await this.send(outgoingOf(day, sent));
    switch (said.status) {
      case 'taken': {
        const refused = new Set(said.refused.map(({ id }) => id));
        const ids = sent.map(({ id }) => id).filter((id) => !refused.has(id));
        return { status: 'taken', ids, refused: said.refused };
      }
      case 'recalled':
      case 'gone':
        return { status: 'stopped', why: said.status, ids: [] };
      case 'malformed':
        return { status: 'malformed' };
      case 'unavailable':
      case 'signed out':
        return { status: 'later', because: said.status };
    }
  }

  private put(part: Partial<FloorState>): void {
    this.state = { ...this.state, ...part };
    for (const listener of this.listeners) listener();
  }
}

/** All that was done in a session, as the phone remembers it. */
type Done = Pick<FloorState, 'logged' | 'finished' | 'reported' | 'ramps'>;

/** Reads it as it was written; null where there is nothing that makes sense. */
function doneOf(text: string | null): Done | null {
  try {
    const done = JSON.parse(text ?? '') as Partial<Done> | null;
    if (!Array.isArray(done?.logged)) return null;
    const logged = done.logged.filter((set: Partial<LoggedSet> | null) => typeof set?.id === 'string');
    return {
      logged,
      finished: done.finished === true,
      reported: done.reported ?? {},
      ramps: done.ramps ?? {},
    };
  } catch {
    return null;
  }
}

/** What an item changes of what is seen. */
function shown(
  { logged, reported, ramps }: FloorState,
  item: FloorItem,
  workoutId: string,
): Partial<FloorState> {
  switch (item.kind) {
    case 'set':
      return logged.some(({ id }) => id === item.set.id)
        ? {}
        : { logged: [...logged, { ...item.set, workoutId }] };
    case 'finish':
      return { finished: true };
    case 'soreness':
      return { reported: { ...reported, [item.report.muscle]: item.report.soreness } };
    case 'ramp':
      return { ramps: { ...ramps, [item.report.slotId]: item.report.verdict } };
  }
}

/** The item's own id is the id of what it holds, so that a refusal names it. */
function itemOf(
  work: FloorWork,
  head: { readonly id: string; readonly localDate: LocalDate },
  at: string,
): FloorItem {
  const { id } = head;
  switch (work.kind) {
    case 'set':
      return { ...head, kind: 'set', set: { ...work.set, id, at } };
    case 'ramp':
      return { ...head, kind: 'ramp', report: { ...work.report, id } };
    case 'soreness':
      return { ...head, kind: 'soreness', report: { ...work.report, id } };
    case 'finish':
      return { ...head, kind: 'finish' };
  }
}

function outgoingOf(localDate: LocalDate, items: readonly FloorItem[]): Outgoing {
  return {
    localDate,
    sets: items.flatMap((item) => (item.kind === 'set' ? [item.set] : [])),
    finish: items.some(({ kind }) => kind === 'finish'),
    soreness: items.flatMap((item) => (item.kind === 'soreness' ? [item.report] : [])),
    ramps: items.flatMap((item) => (item.kind === 'ramp' ? [item.report] : [])),
  };
}

const KINDS: readonly unknown[] = ['set', 'ramp', 'soreness', 'finish'] satisfies FloorItem['kind'][];

/** Whether what was stored is an item; the server checks the rest of it. */
function isItem(unchecked: unknown): unchecked is FloorItem {
  const item = unchecked as Partial<FloorItem> | null;
  return typeof item?.id === 'string' && typeof item.localDate === 'string' && KINDS.includes(item.kind);
}
