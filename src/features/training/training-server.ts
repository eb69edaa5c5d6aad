import type { FloorServer } from '@/client/training-queue';

/** Uses a fixed address instead of a server action: a page opened before an upgrade still finds it. */
async function post<T>(path: string, body: unknown): Promise<T> {
  const answer = await fetch(path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
  return (await answer.json()) as T;
}

/** The server for the athlete's app; rejects if it cannot be reached or its answer cannot be read. */
export const floorServer: FloorServer = {
  work: (ref, outgoing) => post('/training/log', { ref, outgoing }),
  refused: (items) =>
    post('/training/log/refused', {
      refused: items.map(({ item, why }) => ({ id: item.id, item: JSON.stringify(item), why })),
    }),
  checkIn: (checkIn) => post('/training/log/check-in', { checkIn }),
};
