import type {
  LocalDate,
  LoggedSet,
  Muscle,
  NoteContent,
  RampVerdict,
  SentRamp,
  SentSet,
  SessionNote,
  SorenessEnd,
} from '@/core';
import type { Ports } from './ports';
import type { QueueState } from './sync-queue';
import {
  type FloorItem,
  type FloorQueue,
  type FloorServer,
  isOf,
  type SessionRef,
  trainingQueue,
} from './training-queue';

type FloorWork =
  | { readonly kind: 'set'; readonly set: Omit<SentSet, 'id' | 'at'> }
  | { readonly kind: 'ramp'; readonly report: Omit<SentRamp, 'id'> }
  | { readonly kind: 'note'; readonly telling: NoteContent }
  | { readonly kind: 'finish' };

/** A session as the phone sees it. */
export interface FloorState {
  /** What the server knew and what was tapped since, each once. */
  readonly logged: readonly LoggedSet[];
  readonly finished: boolean;
  /** Notes beside the sets, oldest first. */
  readonly notes: readonly SessionNote[];
  /** How soreness from earlier sessions went, by workout and muscle: `WORKOUT/MUSCLE`. */
  readonly reported: Readonly<Record<string, SorenessEnd>>;
  /** How the last warm-up sets moved, by slot. */
  readonly ramps: Readonly<Record<string, RampVerdict>>;
  readonly queue: QueueState<FloorItem>;
  /** Whether the week was recalled after this page was loaded. */
  readonly recalled: boolean;
}

interface FloorData {
  readonly workoutId: string;
  readonly ref: SessionRef;
  readonly logged: readonly LoggedSet[];
  readonly finished: boolean;
  readonly notes: readonly SessionNote[];
  readonly ramps: Readonly<Record<string, RampVerdict>>;
}

/** Milliseconds after a logged set in which a tap is a double tap, not the next set. */
const DOUBLE_TAP_MS = 700;

/**
 * The athlete's session: what is tapped shows at once, is stored on the phone before the screen says so, and is sent
 * when possible. Everything has an id, so that sending twice does no harm.
 */
export class FloorSession {
  private state: FloorState;
  private readonly listeners = new Set<() => void>();
  private readonly queue: FloorQueue;
  private tappedAt = Number.NEGATIVE_INFINITY;
  private writing: Promise<void> = Promise.resolve();
  private readonly doneKey: string;

  constructor(
    private readonly data: FloorData,
    server: FloorServer,
    private readonly ports: Ports,
    private readonly today: () => LocalDate,
  ) {
    this.queue = trainingQueue(server, ports, (ref) => {
      if (ref.issuedWeekId === data.ref.issuedWeekId) this.put({ recalled: true });
    });
    this.doneKey = `ladder/done/${data.workoutId}`;
    this.state = {
      logged: data.logged,
      finished: data.finished,
      notes: data.notes,
      reported: {},
      ramps: data.ramps,
      queue: this.queue.getState(),
      recalled: false,
    };
    this.queue.subscribe(() => this.put({ queue: this.queue.getState() }));
  }

  readonly getState = (): FloorState => this.state;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Starts: shows what this phone has done, and sends what its earlier pages have left. */
  async start(): Promise<void> {
    await this.recall();
    for (const item of await this.queue.start()) this.showItem(item);
    for (const { item } of this.queue.getState().refused) this.showItem(item);
  }

  stop(): void {
    this.queue.stop();
  }

  again(): void {
    void this.queue.again();
  }

  /**
   * Logs a set, or corrects one.
   * @returns false if it was the second tap of a double tap and nothing was logged
   */
  log(set: Omit<SentSet, 'id' | 'at'>): boolean {
    return this.logAll([set]);
  }

  /** Logs several sets with one tap, in order. */
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

  /** Adds a note to the session. */
  tell(telling: NoteContent): void {
    this.take({ kind: 'note', telling });
  }

  /** Reports how soreness from an earlier session went, for muscles with a new answer. */
  reportSoreness(
    of: SessionRef & { readonly workoutId: string },
    answers: Readonly<Partial<Record<Muscle, SorenessEnd>>>,
  ): void {
    const { workoutId, issuedWeekId, sessionId } = of;
    for (const [muscle, ended] of Object.entries(answers) as [Muscle, SorenessEnd][]) {
      if (this.state.reported[`${workoutId}/${muscle}`] === ended) continue;
      const localDate = this.today();
      const id = this.ports.newId();
      this.put({ reported: { ...this.state.reported, [`${workoutId}/${muscle}`]: ended } });
      void this.remember();
      void this.queue.add({
        id,
        localDate,
        ref: { issuedWeekId, sessionId },
        kind: 'soreness',
        report: { id, muscle, ended, said: localDate },
      });
    }
  }

  reportRamp(slotId: string, verdict: RampVerdict): void {
    this.take({ kind: 'ramp', report: { slotId, verdict } });
  }

  /** Sends a refused set again, or drops it for good. */
  settleRefused(id: string, how: 'drop' | 'send again'): void {
    if (how === 'drop') {
      this.put({ logged: this.state.logged.filter((set) => set.id !== id) });
      void this.remember();
    }
    void this.queue.settleRefused(id, how);
  }

  /** @param after milliseconds added to now, where several are logged at once */
  private take(work: FloorWork, after = 0): void {
    const head = { id: this.ports.newId(), localDate: this.today(), ref: this.data.ref };
    const item = itemOf(work, head, new Date(this.ports.clock.now() + after).toISOString());
    this.showItem(item);
    void this.remember();
    void this.queue.add(item);
  }

  /**
   * Remembers everything done in the session. Sent items leave the queue, but a cached page may be older than they
   * are, and offline there is no server to ask.
   */
  private remember(): Promise<void> {
    this.writing = this.writing.then(async () => {
      const { logged, finished, notes, reported, ramps } = this.state;
      const done: Done = { logged, finished, notes, reported, ramps };
      // Without room, the queue reports it.
      await this.ports.store.write(this.doneKey, JSON.stringify(done)).catch(() => {});
    });
    return this.writing;
  }

  /**
   * Shows what this phone has done, even if the page was rendered before; forgets it once the server has all of it.
   */
  private async recall(): Promise<void> {
    const done = doneOf(await this.ports.store.read(this.doneKey).catch(() => null));
    if (done === null) return;
    const unknown = notIn(this.data.logged, done.logged);
    const untold = notIn(this.data.notes, done.notes);
    if (this.data.finished && unknown.length === 0 && untold.length === 0)
      return this.ports.store.remove(this.doneKey).catch(() => {});
    const { logged, finished, notes, reported, ramps } = this.state;
    this.put({
      logged: [...logged, ...unknown],
      finished: finished || done.finished,
      notes: [...notes, ...untold],
      reported: { ...reported, ...done.reported },
      ramps: { ...ramps, ...done.ramps },
    });
  }

  private showItem(item: FloorItem): void {
    this.put(shown(this.state, item, this.data));
  }

  private put(part: Partial<FloorState>): void {
    this.state = { ...this.state, ...part };
    for (const listener of this.listeners) listener();
  }
}

/** Everything done in a session, as the phone remembers it. */
type Done = Pick<FloorState, 'logged' | 'finished' | 'notes' | 'reported' | 'ramps'>;

const notIn = <T extends { readonly id: string }>(known: readonly T[], list: readonly T[]): readonly T[] => {
  const ids = new Set(known.map(({ id }) => id));
  return list.filter(({ id }) => !ids.has(id));
};

const withIds = <T extends { readonly id: string }>(list: readonly (Partial<T> | null)[]): readonly T[] =>
  list.filter((one): one is T => typeof one?.id === 'string');

/** Reads what was stored; null if it is not valid. */
function doneOf(text: string | null): Done | null {
  try {
    const done = JSON.parse(text ?? '') as Partial<Done> | null;
    if (!Array.isArray(done?.logged)) return null;
    return {
      logged: withIds<LoggedSet>(done.logged),
      finished: done.finished === true,
      notes: withIds<SessionNote>(done.notes ?? []),
      reported: done.reported ?? {},
      ramps: done.ramps ?? {},
    };
  } catch {
    return null;
  }
}

/** What an item changes on screen; an item of another session changes nothing. */
function shown(
  { logged, notes, reported, ramps }: FloorState,
  item: FloorItem,
  { ref, workoutId }: Pick<FloorData, 'ref' | 'workoutId'>,
): Partial<FloorState> {
  if (item.kind === 'check-in') return {};
  if (item.kind === 'soreness') {
    const of = `${item.ref.issuedWeekId}.${item.ref.sessionId}/${item.report.muscle}`;
    return { reported: { ...reported, [of]: item.report.ended } };
  }
  if (!isOf(ref)(item)) return {};
  switch (item.kind) {
    case 'set':
      return logged.some(({ id }) => id === item.set.id)
        ? {}
        : { logged: [...logged, { ...item.set, workoutId }] };
    case 'note':
      return notes.some(({ id }) => id === item.note.id) ? {} : { notes: [...notes, item.note] };
    case 'finish':
      return { finished: true };
    case 'ramp':
      return { ramps: { ...ramps, [item.report.slotId]: item.report.verdict } };
  }
}

function itemOf(
  work: FloorWork,
  head: { readonly id: string; readonly localDate: LocalDate; readonly ref: SessionRef },
  at: string,
): FloorItem {
  const { id } = head;
  switch (work.kind) {
    case 'set':
      return { ...head, kind: 'set', set: { ...work.set, id, at } };
    case 'ramp':
      return { ...head, kind: 'ramp', report: { ...work.report, id } };
    case 'note':
      return { ...head, kind: 'note', note: { ...work.telling, id, at } };
    case 'finish':
      return { ...head, kind: 'finish' };
  }
}
