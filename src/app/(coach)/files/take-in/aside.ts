import 'server-only';
import { Worker } from 'node:worker_threads';
import { Semaphore } from 'es-toolkit';
import type { Asker } from '@/data';
import type { TakenIn } from '@/features/files/contract';

/** A file that is not taken in after this is given up: what was not committed by then does not stand. */
const LONGEST_MS = 600_000;
/** Most that are taken in at once, and most that wait for their turn. */
const AT_ONCE = 2;
const MOST_WAITING = 4;

/** What the thread is given. */
export interface Given {
  readonly asker: Asker;
  /** What the page sent; handed over, not copied. */
  readonly bytes: Uint8Array<ArrayBuffer>;
}

const turns = new Semaphore(AT_ONCE);
let waiting = 0;

/** Takes a file in, in a thread of its own: a large one is read for seconds, in which others are answered. */
export async function takeInAside(given: Given): Promise<TakenIn> {
  if (waiting >= MOST_WAITING) return { status: 'unavailable' };
  waiting++;
  await turns.acquire();
  waiting--;
  try {
    return await takenIn(given);
  } finally {
    turns.release();
  }
}

function takenIn(given: Given): Promise<TakenIn> {
  const thread = new Worker(new URL('./thread.ts', import.meta.url), {
    workerData: given,
    transferList: [given.bytes.buffer],
  });
  return new Promise<TakenIn>((resolve, reject) => {
    const timer = setTimeout(() => {
      resolve({ status: 'unavailable' });
      void thread.terminate();
    }, LONGEST_MS);
    thread.once('message', resolve);
    thread.once('error', reject);
    thread.once('exit', () => {
      clearTimeout(timer);
      reject(new Error('The thread that takes a file in ended without an answer.'));
    });
  });
}
