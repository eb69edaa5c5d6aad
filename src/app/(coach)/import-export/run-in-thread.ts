import 'server-only';
import { once } from 'node:events';
import { Worker } from 'node:worker_threads';
import { Semaphore } from 'es-toolkit';
import type { Asker } from '@/data';
import type { TakenIn } from '@/features/import-export/contract';

/** Work that takes longer is cancelled; what was not committed by then is rolled back. */
const LONGEST_MS = 600_000;
/** Most jobs at once, and most waiting. */
const AT_ONCE = 2;
const MOST_WAITING = 4;

/** How long an idle thread stays: longer than its connections. */
const REST_MS = 60_000;

/** Jobs that take seconds on a large account. */
export type Job =
  | { readonly kind: 'take in'; readonly asker: Asker; readonly bytes: Uint8Array<ArrayBuffer> }
  | { readonly kind: 'take out'; readonly asker: Asker };

interface Unavailable {
  readonly status: 'unavailable';
}

/** All data of an account: its owner and the file. */
export type TakenOut =
  | { readonly status: 'taken out'; readonly name: string; readonly bytes: Uint8Array<ArrayBuffer> }
  | Unavailable;

/** Imports a file. @param bytes what the page sent; transferred, not copied */
export function importInThread(asker: Asker, bytes: Uint8Array<ArrayBuffer>): Promise<TakenIn> {
  return runInThread<TakenIn>({ kind: 'take in', asker, bytes }, [bytes.buffer]);
}

/** Builds the file with all data of an account. */
export function exportInThread(asker: Asker): Promise<TakenOut> {
  return runInThread<TakenOut>({ kind: 'take out', asker }, []);
}

const turns = new Semaphore(AT_ONCE);
let waiting = 0;

/** Runs a job in its own thread with its own connections, so that other requests are answered meanwhile. */
async function runInThread<Done>(job: Job, transfer: readonly ArrayBuffer[]): Promise<Done | Unavailable> {
  if (waiting >= MOST_WAITING) return { status: 'unavailable' };
  waiting++;
  await turns.acquire();
  waiting--;
  try {
    return await runJob(job, transfer);
  } finally {
    turns.release();
  }
}

async function runJob<Done>(job: Job, transfer: readonly ArrayBuffer[]): Promise<Done | Unavailable> {
  const thread = keepIdle() ?? startedThread();
  const timer = setTimeout(() => void thread.terminate(), LONGEST_MS);
  const over = new AbortController();
  try {
    thread.postMessage(job, transfer);
    const [done] = (await Promise.race([
      // If the thread fails, the job fails with it.
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

/** Idle threads waiting for their next job, each with its timeout: starting one takes as long as a small job. */
const resting = new Map<Worker, NodeJS.Timeout>();

function startedThread(): Worker {
  const thread = new Worker(new URL('./thread.ts', import.meta.url));
  // A thread that fails while idle is dropped, without further effect.
  thread.on('error', () => {});
  thread.once('exit', () => dropThread(thread));
  return thread;
}

function keepIdle(): Worker | undefined {
  const [thread] = resting.keys();
  if (thread !== undefined) dropThread(thread);
  return thread;
}

function rest(thread: Worker): void {
  resting.set(thread, setTimeout(() => void thread.terminate(), REST_MS).unref());
}

function dropThread(thread: Worker): void {
  clearTimeout(resting.get(thread));
  resting.delete(thread);
}
