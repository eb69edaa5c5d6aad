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

/** A session of a sent week. */
export interface SessionRef {
  readonly issuedWeekId: string;
  readonly sessionId: string;
}

/**
 * Something done in a session, to be sent to the coach. Its id is that of its content, so that a refusal can name it.
 */
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

/** The connection to the server; each function rejects if it cannot be reached. */
export interface FloorServer {
  readonly work: (ref: SessionRef, outgoing: Outgoing) => Promise<LogOutcome | Unanswered>;
  readonly checkIn: (checkIn: CheckIn) => Promise<{ readonly status: 'taken' } | Unanswered>;
  /** Shows the coach what was refused: all of it. */
  readonly refused: (items: readonly Refused<FloorItem>[]) => Promise<unknown>;
}

export type FloorQueue = SyncQueue<FloorItem>;

const NAME = 'ladder/floor';

/**
 * Everything this phone has to send, for any session: each page of the app sends what another has left.
 * @param onRecalled called when the week of an item has been recalled
 */
export function trainingQueue(
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
    // The phone keeps the item in any case, and its next page reports it again.
    void server.refused(refused).catch(() => {});
  });
  return queue;
}

export const isOf = (ref: SessionRef) => (item: FloorItem) =>
  item.kind !== 'check-in' &&
  item.ref.issuedWeekId === ref.issuedWeekId &&
  item.ref.sessionId === ref.sessionId;

/** Sends a check-in, or what waits for one session on one day: a session past midnight is sent in two parts. */
async function sendFirst(
  items: readonly FloorItem[],
  server: FloorServer,
  onRecalled: (ref: SessionRef) => void,
): Promise<Reply> {
  const [first] = items;
  if (first === undefined) return { status: 'taken', ids: [] };
  if (first.kind === 'check-in') {
    const said = await server.checkIn(first.checkIn);
    return said.status === 'taken' ? { status: 'taken', ids: [first.id] } : unansweredIds(said);
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
    // Its session no longer exists; each item waits for somebody to settle it and holds up nothing else.
    case 'gone':
    case 'to read':
      return { status: 'taken', ids: [], refused: sent.map(({ id }) => ({ id, why: 'gone' })) };
    default:
      return unansweredIds(said);
  }
}

function unansweredIds(said: Unanswered): Reply {
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

/**
 * A stored item, if it is one; the server validates the rest. Earlier versions stored items under their session's id.
 */
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
