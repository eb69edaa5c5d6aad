import { useEffect, useState, useSyncExternalStore } from 'react';
import { browserPorts } from '@/client/browser-ports';
import { FloorSession, type FloorState } from '@/client/floor-session';
import { newId } from '@/ui/new-id';
import type { FloorSession as FloorData, SendAction } from './contract';

/** Today by this phone's clock and place. */
function localToday(): string {
  return new Intl.DateTimeFormat('sv-SE').format(new Date());
}

/** The session on this phone for as long as the page is open, and its state as it changes. */
export function useFloor(data: FloorData, send: SendAction): readonly [FloorSession, FloorState] {
  const [floor] = useState(() => new FloorSession(data, send, browserPorts(newId), localToday));
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
