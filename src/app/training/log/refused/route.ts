import * as z from 'zod';
import { storeRefused } from '@/data';
import { shortIdSchema as id } from '../../../inputs';
import { asPhone } from '../../asker';
import { readPosted } from '../../posted';

const bodySchema = z.strictObject({
  refused: z.array(z.strictObject({ id, item: z.string().max(4000), why: z.string().max(40) })).max(200),
});

/** Stores what a phone could not send, so that the coach sees it too. */
export async function POST(request: Request): Promise<Response> {
  const posted = await readPosted(request, bodySchema);
  if (posted === undefined) return Response.json({ status: 'malformed' });
  return Response.json(
    await asPhone(async (phone) => {
      await storeRefused(phone, posted.refused, new Date());
      return { status: 'taken' as const };
    }),
  );
}
