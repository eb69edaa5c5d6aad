import type { TakeIn, TakenIn } from './contract';

/** Asks the server to take something in. */
export async function postTakeIn(asked: TakeIn): Promise<TakenIn> {
  const answer = await fetch('/files/take-in', {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(asked),
  });
  if (!answer.ok) throw new Error(`the server answered ${answer.status}`);
  return (await answer.json()) as TakenIn;
}
