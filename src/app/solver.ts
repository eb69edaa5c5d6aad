import 'server-only';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { Mutex } from 'es-toolkit';
import type { Solve } from '@/core';

/** Seconds after which a program counts as having no answer a coach would wait for. */
const LONGEST = 8;
/** Most waiting programs; later ones get no answer. */
const MOST_WAITING = 10;

type Solved = Awaited<ReturnType<Solve>>;

let thread: Worker | undefined;
let waiting = 0;
const turn = new Mutex();

/** Solves linear programs on the server, in a thread, one after another. */
export const solve: Solve = async (program) => {
  if (waiting >= MOST_WAITING) return null;
  waiting++;
  await turn.acquire();
  waiting--;
  try {
    const first = await runSolver(program);
    // If the thread broke, the previous program may be the cause, so the program is tried once in a fresh thread.
    const last = first === 'broken' ? await runSolver(program) : first;
    return last === 'broken' ? null : last;
  } finally {
    turn.release();
  }
};

/** A thread that does not answer in time, or ends, is abandoned; the next program starts another. */
function runSolver(program: string): Promise<Solved | 'broken'> {
  thread ??= new Worker(join(process.cwd(), 'scripts', 'solver-thread.mjs'));
  const asked = thread;
  asked.unref();
  return new Promise((resolve) => {
    const end = (values: Solved | 'broken', isFit: boolean) => {
      clearTimeout(timer);
      // Removes only our listeners: without Node's own, the thread is never heard again.
      asked.off('message', answered).off('error', broken).off('exit', broken);
      if (!isFit) {
        thread = undefined;
        // Messages while it ends are ignored and must not end the server.
        asked.on('error', () => undefined);
        void asked.terminate();
      }
      resolve(values);
    };
    const timer = setTimeout(() => end(null, false), (LONGEST + 4) * 1000);
    const answered = (values: Solved) => end(values, true);
    const broken = () => end('broken', false);
    asked.once('message', answered).once('error', broken).once('exit', broken);
    asked.postMessage({ program, seconds: LONGEST });
  });
}
