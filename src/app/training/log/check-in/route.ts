import * as z from 'zod';
import { checkInSchema } from '@/core/codecs';
import { storeCheckIn } from '@/data';
import { asPhone } from '../../asker';
import { readPosted } from '../../posted';

const bodySchema = z.strictObject({ checkIn: checkInSchema });

/** Stores an athlete's check-in. Sending it again changes nothing. */
export async function POST(request: Request): Promise<Response> {
  const posted = await readPosted(request, bodySchema);
  if (posted === undefined) return Response.json({ status: 'malformed' });
  return Response.json(await asPhone((phone) => storeCheckIn(phone, posted.checkIn, new Date())));
}
