import { useEffect, useState, useSyncExternalStore } from 'react';
import { browserPorts, browserStore } from '@/client/browser-ports';
import { indexedStore } from '@/client/indexed-store';
import type { QueueState } from '@/client/sync-queue';
import { type FloorItem, type FloorQueue, trainingQueue } from '@/client/training-queue';
import { FloorSession, type FloorState } from '@/client/training-session';
import { newId } from '@/ui/new-id';
import type { SessionData as FloorData } from './contract';
import { floorServer } from './training-server';

/** Name of the phone's database. */
const DATABASE = 'dense-ladder';

/** Today in this phone's time zone. */
export function localToday(): string {
  return new Intl.DateTimeFormat('sv-SE').format(new Date());
}

/** Today on this phone; before hydration the day the page was made, so that server and phone render the same. */
export function useToday(made: string): string {
  const [today, setToday] = useState(made);
  useEffect(() => setToday(localToday()), []);
  return today;
}

/** This phone's ports. */
function phonePorts() {
  const store = indexedStore(
    DATABASE,
    browserStore(() => localStorage),
  );
  return browserPorts(newId, store);
}

/** Starts, and retries whenever the network or the athlete comes back, while the page is open. */
function useStartedQueue(one: { start: () => Promise<unknown>; again: () => unknown; stop: () => void }) {
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

/** Everything this phone has to send, for any session, and its current state. */
export function useTrainingQueue(): readonly [FloorQueue, QueueState<FloorItem>] {
  const [queue] = useState(() => trainingQueue(floorServer, phonePorts()));
  const state = useSyncExternalStore(queue.subscribe, queue.getState, queue.getState);
  useStartedQueue(queue);
  return [queue, state];
}

/** The session on this phone while the page is open, and its current state. */
export function useTraining(data: FloorData): readonly [FloorSession, FloorState] {
  const [floor] = useState(() => {
    const ref = { issuedWeekId: data.issuedWeekId, sessionId: data.session.sessionId };
    return new FloorSession({ ...data, ref }, floorServer, phonePorts(), localToday);
  });
  const state = useSyncExternalStore(floor.subscribe, floor.getState, floor.getState);
  useStartedQueue(floor);
  return [floor, state];
}
