import type {
  CheckIn,
  LocalDate,
  LogOutcome,
  Outgoing,
  SentRamp,
  SentSet,
  SentSoreness,
  SessionNote,
  Unanswered,
} from '@/core';
import type { Ports } from './ports';
import { type Refused, type Reply, SyncQueue } from './sync-queue';

/** A session of an issued week. */
export interface SessionRef {
  readonly issuedWeekId: string;
  readonly sessionId: string;
}

/** One thing done on the floor, on its way to the coach. Its id is the id of what it holds, so that a refusal names it. */
export type FloorItem = { readonly id: string; readonly localDate: LocalDate } & (
  | ({ readonly ref: SessionRef } & (
      | { readonly kind: 'set'; readonly set: SentSet }
      | { readonly kind: 'ramp'; readonly report: SentRamp }
      | { readonly kind: 'soreness'; readonly report: SentSoreness }
      | { readonly kind: 'note'; readonly note: SessionNote }
      | { readonly kind: 'finish' }
    ))
  | { readonly kind: 'check-in'; readonly checkIn: CheckIn }
);

type SessionItem = Extract<FloorItem, { readonly ref: SessionRef }>;

/** How the server is reached; each rejects where it is not. */
export interface FloorServer {
  readonly work: (ref: SessionRef, outgoing: Outgoing) => Promise<LogOutcome | Unanswered>;
  readonly checkIn: (checkIn: CheckIn) => Promise<{ readonly status: 'taken' } | Unanswered>;
  /** Shows the coach what was not taken: all there is of it. */
  readonly refused: (items: readonly Refused<FloorItem>[]) => Promise<unknown>;
}

export type FloorQueue = SyncQueue<FloorItem>;

const NAME = 'ladder/floor';

/**
 * What this phone has on its way, of whatever session: any page of the floor sends what another has left.
 * @param onRecalled told when the week something was done in has been taken back meanwhile
 */
export function floorQueue(
  server: FloorServer,
  ports: Ports,
  onRecalled: (ref: SessionRef) => void = () => {},
): FloorQueue {
  const queue = new SyncQueue<FloorItem>(
    {
      name: NAME,
      isOrdered: false,
      read: async (unchecked, key) => itemFrom(unchecked, key),
      send: (items) => sendFirst(items, server, onRecalled),
    },
    ports,
  );
  let told: readonly Refused<FloorItem>[] = queue.getState().refused;
  queue.subscribe(() => {
    const { refused } = queue.getState();
    if (refused.length === told.length && refused.every((one, at) => one === told[at])) return;
    told = refused;
    // The phone keeps it whatever becomes of this; its next page tells it again.
    void server.refused(refused).catch(() => {});
  });
  return queue;
}

export const isOf = (ref: SessionRef) => (item: FloorItem) =>
  item.kind !== 'check-in' &&
  item.ref.issuedWeekId === ref.issuedWeekId &&
  item.ref.sessionId === ref.sessionId;

/** Sends a check-in, or what waits of one session and one day: a session past midnight is two days of sends. */
async function sendFirst(
  items: readonly FloorItem[],
  server: FloorServer,
  onRecalled: (ref: SessionRef) => void,
): Promise<Reply> {
  const [first] = items;
  if (first === undefined) return { status: 'taken', ids: [] };
  if (first.kind === 'check-in') {
    const said = await server.checkIn(first.checkIn);
    return said.status === 'taken' ? { status: 'taken', ids: [first.id] } : unanswered(said);
  }
  const { ref, localDate } = first;
  const isSame = isOf(ref);
  const sent = items.filter((item): item is SessionItem => isSame(item) && item.localDate === localDate);
  const said = await server.work(ref, outgoingOf(localDate, sent));
  switch (said.status) {
    case 'taken': {
      if (said.recalled) onRecalled(ref);
      const refused = new Set(said.refused.map(({ id }) => id));
      const ids = sent.map(({ id }) => id).filter((id) => !refused.has(id));
      return { status: 'taken', ids, refused: said.refused };
    }
    // None of it has a place any more; it waits for somebody to settle it and holds up nothing else.
    case 'gone':
    case 'to read':
      return { status: 'taken', ids: [], refused: sent.map(({ id }) => ({ id, why: 'gone' })) };
    default:
      return unanswered(said);
  }
}

function unanswered(said: Unanswered): Reply {
  if (said.status === 'malformed' || said.status === 'to read') return { status: 'malformed' };
  return { status: 'later', because: said.status };
}

function outgoingOf(localDate: LocalDate, items: readonly SessionItem[]): Outgoing {
  return {
    localDate,
    sets: items.flatMap((item) => (item.kind === 'set' ? [item.set] : [])),
    finish: items.some(({ kind }) => kind === 'finish'),
    soreness: items.flatMap((item) => (item.kind === 'soreness' ? [item.report] : [])),
    ramps: items.flatMap((item) => (item.kind === 'ramp' ? [item.report] : [])),
    notes: items.flatMap((item) => (item.kind === 'note' ? [item.note] : [])),
  };
}

const KINDS: readonly unknown[] = [
  'set',
  'ramp',
  'soreness',
  'note',
  'finish',
  'check-in',
] satisfies FloorItem['kind'][];

/** What was stored, where it is an item; the server checks the rest of it. Items of one session stood under its id. */
function itemFrom(unchecked: unknown, key: string): FloorItem | undefined {
  const item = unchecked as Partial<SessionItem> | null;
  if (typeof item?.id !== 'string' || typeof item.localDate !== 'string' || !KINDS.includes(item.kind))
    return undefined;
  if (item.ref !== undefined || (item as Partial<FloorItem>).kind === 'check-in') return item as FloorItem;
  const [issuedWeekId, sessionId] =
    key
      .slice(NAME.length + 1)
      .split('/')[0]
      ?.split('.') ?? [];
  return issuedWeekId === undefined || sessionId === undefined
    ? undefined
    : ({ ...item, ref: { issuedWeekId, sessionId } } as FloorItem);
}
