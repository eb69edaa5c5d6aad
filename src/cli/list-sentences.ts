import { join } from 'node:path';
import { sentences } from './sentences';

// Prints every distinct text the interface can show, by file.
let file = '';
for (const one of sentences(join(import.meta.dirname, '..', 'ui', 'words'))) {
  if (one.file !== file) process.stdout.write(`\n# ${one.file}\n`);
  file = one.file;
  process.stdout.write(`${one.text}\n`);
}
