import { athleteFile } from '@/data';
import { writeOwnFile } from '@/formats/archive/files';
import { asFile } from '../../download';
import { asPhone } from '../asker';

/** All data of this phone's athlete, for themselves: blocks, weeks, logs, check-ins, measurements. */
export async function GET(): Promise<Response> {
  const said = (status: number) => new Response(null, { status });
  const found = await asPhone(async (phone) => {
    const file = await athleteFile(phone, phone.athleteId);
    return { status: 'found' as const, file };
  });
  if (found.status !== 'found') return said(found.status === 'unavailable' ? 503 : 401);
  const { file } = found;
  if (file === undefined) return said(404);
  return asFile({
    name: `${file.athlete.name}.json`,
    type: 'application/json',
    content: writeOwnFile({ kind: 'athlete', file }),
  });
}
