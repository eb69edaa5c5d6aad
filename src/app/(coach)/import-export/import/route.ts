import type { TakenIn } from '@/features/import-export/contract';
import { FILE_LIMITS } from '@/formats/limits';
import { asCoach } from '../../../asker';
import { foreignOriginResponse, isOwnOrigin } from '../../../own-origin';
import { readBodyUpTo } from '../../../read-body';
import { importInThread } from '../run-in-thread';

/** A character takes at most two bytes, apart from rare ones. */
const MOST_BYTES = 2 * FILE_LIMITS.letters;

/** Imports what a page of this server has read from a file. */
export async function POST(request: Request): Promise<Response> {
  // The proxy does not see requests to this path.
  if (!isOwnOrigin(request.headers)) return foreignOriginResponse();
  const answer = await asCoach<TakenIn>(async ({ coachId }) => {
    const bytes = await readBodyUpTo(MOST_BYTES, request);
    return bytes === undefined ? { status: 'malformed' } : importInThread({ coachId }, bytes);
  });
  return Response.json(answer);
}
