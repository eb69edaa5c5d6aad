import * as words from '@/ui/words/screens/pages';
import { download } from '../../../download';
import { exportInThread } from '../run-in-thread';

/** All of the coach's data as one file. */
export async function GET(): Promise<Response> {
  return download(null, async ({ coachId }) => {
    const taken = await exportInThread({ coachId });
    if (taken.status === 'unavailable') return 'unavailable';
    return { name: words.allDataJson(taken.name), type: 'application/json', content: taken.bytes };
  });
}
