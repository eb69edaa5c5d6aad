import { parentPort, workerData } from 'node:worker_threads';
import { closeDatabase } from '@/data';
import type { Given } from './aside';
import { takeInText } from './take-in-text';

// The thread that takes in one file, with connections of its own; see aside.ts.
const { asker, bytes } = workerData as Given;
void takeInText(asker, new TextDecoder().decode(bytes))
  .then((taken) => parentPort?.postMessage(taken))
  .finally(closeDatabase);
