import type { TakenIn } from '@/features/import-export/contract';
import { FILE_LIMITS } from '@/formats/limits';
import { asCoach } from '../../../asker';
import { bytesUpTo } from '../../../bytes-up-to';
import { isOwnOrigin, notOwn } from '../../../own-origin';
import { takeInAside } from '../aside';

/** A character takes at most two bytes, apart from rare ones. */
const MOST_BYTES = 2 * FILE_LIMITS.letters;

/** Imports what a page of this server has read from a file. */
export async function POST(request: Request): Promise<Response> {
  // The proxy does not see requests to this path.
  if (!isOwnOrigin(request.headers)) return notOwn();
  const answer = await asCoach<TakenIn>(async ({ coachId }) => {
    const bytes = await bytesUpTo(MOST_BYTES, request);
    return bytes === undefined ? { status: 'malformed' } : takeInAside({ coachId }, bytes);
  });
  return Response.json(answer);
}
