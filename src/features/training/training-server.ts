import type { FloorServer } from '@/client/training-queue';

/** Asks by an address of its own and not by a call of this page: a page opened before the server was made anew still finds it. */
async function post<T>(path: string, body: unknown): Promise<T> {
  const answer = await fetch(path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
  return (await answer.json()) as T;
}

/** The server as the floor reaches it; rejects where it was not reached or said nothing that can be read. */
export const floorServer: FloorServer = {
  work: (ref, outgoing) => post('/training/log', { ref, outgoing }),
  refused: (items) =>
    post('/training/log/refused', {
      refused: items.map(({ item, why }) => ({ id: item.id, item: JSON.stringify(item), why })),
    }),
  checkIn: (checkIn) => post('/training/log/check-in', { checkIn }),
};
