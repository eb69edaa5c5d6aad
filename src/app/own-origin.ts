import * as words from '@/ui/words/screens/pages';
/** Whether a page of this server made the request: other pages may send one but cannot forge this header. */
export function isOwnOrigin(headers: Pick<Headers, 'get'>): boolean {
  const origin = headers.get('origin');
  const host = headers.get('x-forwarded-host') ?? headers.get('host');
  if (origin === null || host === null) return false;
  return URL.canParse(origin) && new URL(origin).host === host;
}

/** The response to a changing request from anywhere else. */
export function foreignOriginResponse(): Response {
  return new Response(words.thisRequestDidNotCome, { status: 403 });
}
