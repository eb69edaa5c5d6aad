import { libraryFile } from '@/data';
import { writeOwnFile } from '@/formats/archive/files';
import { download } from '../../../download';

/** The coach's custom exercises as one file. */
export async function GET(): Promise<Response> {
  return download(null, async (asker) => ({
    name: 'own exercises.json',
    type: 'application/json',
    content: writeOwnFile({ kind: 'library', file: await libraryFile(asker) }),
  }));
}
