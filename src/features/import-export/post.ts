import * as words from '@/ui/words/screens/import-export';
import type { TakeIn, TakenIn } from './contract';

/** Asks the server to import something. */
export async function postImport(asked: TakeIn): Promise<TakenIn> {
  const answer = await fetch('/import-export/import', {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(asked),
  });
  if (!answer.ok) throw new Error(words.theServerAnswered(answer.status));
  return (await answer.json()) as TakenIn;
}
