import { parentPort, workerData } from 'node:worker_threads';
import { type Asker, accountFile, closeDatabase, isUnavailable } from '@/data';
import { writeOwnFile } from '@/formats/archive/files';
import type { Job, TakenOut } from './aside';
import { takeInText } from './take-in/take-in-text';

// The thread that does one thing, with connections of its own; see aside.ts.
const job = workerData as Job;

async function takenOut(asker: Asker): Promise<TakenOut> {
  try {
    const file = await accountFile(asker);
    const bytes = new TextEncoder().encode(writeOwnFile({ kind: 'account', file }));
    return { status: 'taken out', name: file.name, bytes };
  } catch (error) {
    if (isUnavailable(error)) return { status: 'unavailable' };
    throw error;
  }
}

async function work(): Promise<void> {
  if (job.kind === 'take in')
    return parentPort?.postMessage(await takeInText(job.asker, new TextDecoder().decode(job.bytes)));
  const taken = await takenOut(job.asker);
  parentPort?.postMessage(taken, taken.status === 'taken out' ? [taken.bytes.buffer] : []);
}

void work().finally(closeDatabase);
