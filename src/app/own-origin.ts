import * as words from '@/ui/words/screens/pages';
/** Whether a request was made by a page of this very server: another's page may send one, but cannot say so. */
export function isOwnOrigin(headers: Pick<Headers, 'get'>): boolean {
  const origin = headers.get('origin');
  const host = headers.get('x-forwarded-host') ?? headers.get('host');
  if (origin === null || host === null) return false;
  return URL.canParse(origin) && new URL(origin).host === host;
}

/** The answer to what would change something and was sent by anything else. */
export function notOwn(): Response {
  return new Response(words.thisRequestDidNotCome, { status: 403 });
}
