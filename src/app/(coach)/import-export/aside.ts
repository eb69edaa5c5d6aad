import 'server-only';
import { once } from 'node:events';
import { Worker } from 'node:worker_threads';
import { Semaphore } from 'es-toolkit';
import type { Asker } from '@/data';
import type { TakenIn } from '@/features/import-export/contract';

/** What is not done after this is given up: what was not committed by then does not stand. */
const LONGEST_MS = 600_000;
/** Most that are done at once, and most that wait for their turn. */
const AT_ONCE = 2;
const MOST_WAITING = 4;

/** How long a thread rests before it ends: longer than its connections do. */
const REST_MS = 60_000;

/** What takes seconds where an account is large. */
export type Job =
  | { readonly kind: 'take in'; readonly asker: Asker; readonly bytes: Uint8Array<ArrayBuffer> }
  | { readonly kind: 'take out'; readonly asker: Asker };

interface Unavailable {
  readonly status: 'unavailable';
}

/** Everything of an account: whose it is, and the file. */
export type TakenOut =
  | { readonly status: 'taken out'; readonly name: string; readonly bytes: Uint8Array<ArrayBuffer> }
  | Unavailable;

/** Takes a file in. @param bytes what the page sent; handed over, not copied */
export function takeInAside(asker: Asker, bytes: Uint8Array<ArrayBuffer>): Promise<TakenIn> {
  return aside<TakenIn>({ kind: 'take in', asker, bytes }, [bytes.buffer]);
}

/** Puts a file of everything of an account together. */
export function takeOutAside(asker: Asker): Promise<TakenOut> {
  return aside<TakenOut>({ kind: 'take out', asker }, []);
}

const turns = new Semaphore(AT_ONCE);
let waiting = 0;

/** Does it in a thread of its own, with connections of its own: others are answered meanwhile. */
async function aside<Done>(job: Job, transfer: readonly ArrayBuffer[]): Promise<Done | Unavailable> {
  if (waiting >= MOST_WAITING) return { status: 'unavailable' };
  waiting++;
  await turns.acquire();
  waiting--;
  try {
    return await inThread(job, transfer);
  } finally {
    turns.release();
  }
}

async function inThread<Done>(job: Job, transfer: readonly ArrayBuffer[]): Promise<Done | Unavailable> {
  const thread = rested() ?? begun();
  const timer = setTimeout(() => void thread.terminate(), LONGEST_MS);
  const over = new AbortController();
  try {
    thread.postMessage(job, transfer);
    const [done] = (await Promise.race([
      // Where the thread fails this fails with it.
      once(thread, 'message', over),
      once(thread, 'exit', over).then(() => [{ status: 'unavailable' }]),
    ])) as [Done | Unavailable];
    if (thread.threadId > 0) rest(thread);
    return done;
  } finally {
    clearTimeout(timer);
    over.abort();
  }
}

/** Threads that rest until their next job, and what ends them: to begin one takes as long as a small job. */
const resting = new Map<Worker, NodeJS.Timeout>();

function begun(): Worker {
  const thread = new Worker(new URL('./thread.ts', import.meta.url));
  // One that fails while it rests is gone, and nothing else.
  thread.on('error', () => {});
  thread.once('exit', () => forget(thread));
  return thread;
}

function rested(): Worker | undefined {
  const [thread] = resting.keys();
  if (thread !== undefined) forget(thread);
  return thread;
}

function rest(thread: Worker): void {
  resting.set(thread, setTimeout(() => void thread.terminate(), REST_MS).unref());
}

function forget(thread: Worker): void {
  clearTimeout(resting.get(thread));
  resting.delete(thread);
}
