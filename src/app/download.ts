import * as words from '@/ui/words/screens/pages';
import 'server-only';
import { type About, type Asker, actingAs, isUnavailable } from '@/data';
import { currentAsker } from './asker';

/** A file to download, with its name. */
export interface Download {
  readonly name: string;
  readonly type: string;
  readonly content: string | Uint8Array<ArrayBuffer>;
}

/** Characters that file names may contain on every system. */
const plain = (name: string) =>
  name
    .normalize('NFC')
    .replace(/[^\p{L}\p{N} ._-]/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim();

export function asFile({ name, type, content }: Download): Response {
  return new Response(content, {
    headers: {
      'Content-Type': `${type}; charset=utf-8`,
      'Content-Disposition': `attachment; filename="file"; filename*=UTF-8''${encodeURIComponent(plain(name))}`,
      'Cache-Control': 'no-store',
    },
  });
}

const said = (status: number, text: string) =>
  new Response(`${text}\n`, { status, headers: { 'Content-Type': 'text/plain; charset=utf-8' } });

const AWAY = words.theDatabaseIsNotResponding;

/**
 * Sends a file to the signed-in coach.
 * @param about the athlete it belongs to; null for the coach's own
 * @param work makes it; undefined if there is no such thing
 */
export async function download(
  about: About | null,
  work: (asker: Asker) => Promise<Download | undefined | 'unavailable'>,
): Promise<Response> {
  try {
    const asker = await currentAsker();
    if (asker === undefined) return said(401, words.signInFirst);
    const file = await work(about === null ? asker : (await actingAs(asker, about)).asker);
    if (file === 'unavailable') return said(503, AWAY);
    return file === undefined ? said(404, words.thisFileDoesNotExist) : asFile(file);
  } catch (error) {
    if (isUnavailable(error)) return said(503, AWAY);
    throw error;
  }
}
