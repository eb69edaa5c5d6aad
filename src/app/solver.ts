import 'server-only';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { Mutex } from 'es-toolkit';
import type { Solve } from '@/core';

/** A program that takes longer than this has no answer that a coach would wait for. Seconds. */
const LONGEST = 8;
/** Most that wait for their turn; whoever comes then has no answer. */
const MOST_WAITING = 10;

type Solved = Awaited<ReturnType<Solve>>;

let thread: Worker | undefined;
let waiting = 0;
const turn = new Mutex();

/** Solves a linear program on the server, in a thread of its own, one after another. */
export const solve: Solve = async (program) => {
  if (waiting >= MOST_WAITING) return null;
  waiting++;
  await turn.acquire();
  waiting--;
  try {
    const first = await solved(program);
    // A thread that broke may have been broken by what it solved before: the program gets a fresh one.
    const last = first === 'broken' ? await solved(program) : first;
    return last === 'broken' ? null : last;
  } finally {
    turn.release();
  }
};

/** A thread that does not answer in time, or ends, is given up; the next program begins another. */
function solved(program: string): Promise<Solved | 'broken'> {
  thread ??= new Worker(join(process.cwd(), 'scripts', 'solver-thread.mjs'));
  const asked = thread;
  asked.unref();
  return new Promise((resolve) => {
    const end = (values: Solved | 'broken', isFit: boolean) => {
      clearTimeout(timer);
      // Ours alone: without those that Node keeps on a thread it never hears from it again.
      asked.off('message', answered).off('error', broken).off('exit', broken);
      if (!isFit) {
        thread = undefined;
        // What it still says of itself while it ends is heard by nobody, and must not end the server.
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
