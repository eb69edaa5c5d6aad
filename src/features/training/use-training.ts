import { useEffect, useState, useSyncExternalStore } from 'react';
import { browserPorts, browserStore } from '@/client/browser-ports';
import { indexedStore } from '@/client/indexed-store';
import type { QueueState } from '@/client/sync-queue';
import { type FloorItem, type FloorQueue, floorQueue } from '@/client/training-queue';
import { FloorSession, type FloorState } from '@/client/training-session';
import { newId } from '@/ui/new-id';
import type { FloorSession as FloorData } from './contract';
import { floorServer } from './training-server';

/** What the phone's database is called. */
const DATABASE = 'dense-ladder';

/** Today by this phone's clock and place. */
export function localToday(): string {
  return new Intl.DateTimeFormat('sv-SE').format(new Date());
}

/** Today by this phone; until the page is alive the day it was made on, so that both draw the same. */
export function useToday(made: string): string {
  const [today, setToday] = useState(made);
  useEffect(() => setToday(localToday()), []);
  return today;
}

/** The world as this phone has it. */
function phonePorts() {
  const store = indexedStore(
    DATABASE,
    browserStore(() => localStorage),
  );
  return browserPorts(newId, store);
}

/** Begins, and tries again whenever the network or the athlete comes back, for as long as the page is open. */
function useStarted(one: { start: () => Promise<unknown>; again: () => unknown; stop: () => void }) {
  useEffect(() => {
    void one.start();
    const again = () => void one.again();
    window.addEventListener('online', again);
    window.addEventListener('focus', again);
    return () => {
      window.removeEventListener('online', again);
      window.removeEventListener('focus', again);
      one.stop();
    };
  }, [one]);
}

/** What this phone has on its way, of whatever session, and its state as it changes. */
export function useFloorQueue(): readonly [FloorQueue, QueueState<FloorItem>] {
  const [queue] = useState(() => floorQueue(floorServer, phonePorts()));
  const state = useSyncExternalStore(queue.subscribe, queue.getState, queue.getState);
  useStarted(queue);
  return [queue, state];
}

/** The session on this phone for as long as the page is open, and its state as it changes. */
export function useFloor(data: FloorData): readonly [FloorSession, FloorState] {
  const [floor] = useState(() => {
    const ref = { issuedWeekId: data.issuedWeekId, sessionId: data.session.sessionId };
    return new FloorSession({ ...data, ref }, floorServer, phonePorts(), localToday);
  });
  const state = useSyncExternalStore(floor.subscribe, floor.getState, floor.getState);
  useStarted(floor);
  return [floor, state];
}
