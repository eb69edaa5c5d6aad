import { parentPort } from 'node:worker_threads';
import { type Asker, accountFile, isUnavailable } from '@/data';
import { writeOwnFile } from '@/formats/archive/files';
import { importText } from './import/import-text';
import type { Job, TakenOut } from './run-in-thread';

// The thread that runs jobs one after another with its own connections; see aside.ts.

async function exportedFile(asker: Asker): Promise<TakenOut> {
  try {
    const file = await accountFile(asker);
    const bytes = new TextEncoder().encode(writeOwnFile({ kind: 'account', file }));
    return { status: 'taken out', name: file.name, bytes };
  } catch (error) {
    if (isUnavailable(error)) return { status: 'unavailable' };
    throw error;
  }
}

async function work(job: Job): Promise<void> {
  if (job.kind === 'take in')
    return parentPort?.postMessage(await importText(job.asker, new TextDecoder().decode(job.bytes)));
  const taken = await exportedFile(job.asker);
  parentPort?.postMessage(taken, taken.status === 'taken out' ? [taken.bytes.buffer] : []);
}

// An error ends the thread, and the answer says so.
parentPort?.on('message', (job: Job) => void work(job));
