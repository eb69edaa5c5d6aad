import { accountFile } from '@/data';
import { writeOwnFile } from '@/formats/archive/files';
import { download } from '../../../download';

/** Everything of the coach's, as one file. */
export async function GET(): Promise<Response> {
  return download(null, async (asker) => {
    const file = await accountFile(asker);
    return {
      name: `${file.name}, everything.json`,
      type: 'application/json',
      text: writeOwnFile({ kind: 'account', file }),
    };
  });
}
