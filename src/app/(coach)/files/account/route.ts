import { download } from '../../../download';
import { takeOutAside } from '../aside';

/** Everything of the coach's, as one file. */
export async function GET(): Promise<Response> {
  return download(null, async ({ coachId }) => {
    const taken = await takeOutAside({ coachId });
    if (taken.status === 'unavailable') return 'unavailable';
    return { name: `${taken.name}, everything.json`, type: 'application/json', content: taken.bytes };
  });
}
