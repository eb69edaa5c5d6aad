import { useEffect, useState, useSyncExternalStore } from 'react';
import { browserPorts, browserStore } from '@/client/browser-ports';
import { FloorSession, type FloorState } from '@/client/floor-session';
import { indexedStore } from '@/client/indexed-store';
import { newId } from '@/ui/new-id';
import type { FloorSession as FloorData } from './contract';
import { floorServer } from './floor-server';

/** What the phone's database is called. */
const DATABASE = 'dense-ladder';

/** Today by this phone's clock and place. */
export function localToday(): string {
  return new Intl.DateTimeFormat('sv-SE').format(new Date());
}

/** The session on this phone for as long as the page is open, and its state as it changes. */
export function useFloor(data: FloorData): readonly [FloorSession, FloorState] {
  const [floor] = useState(() => {
    const store = indexedStore(
      DATABASE,
      browserStore(() => localStorage),
    );
    return new FloorSession(
      { ...data, ref: { issuedWeekId: data.issuedWeekId, sessionId: data.session.sessionId } },
      floorServer,
      browserPorts(newId, store),
      localToday,
    );
  });
  const state = useSyncExternalStore(floor.subscribe, floor.getState, floor.getState);
  useEffect(() => {
    void floor.start();
    const again = () => floor.again();
    window.addEventListener('online', again);
    window.addEventListener('focus', again);
    return () => {
      window.removeEventListener('online', again);
      window.removeEventListener('focus', again);
      floor.stop();
    };
  }, [floor]);
  return [floor, state];
}
