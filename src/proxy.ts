import { type NextRequest, NextResponse } from 'next/server';
import { isReadableAction } from './app/action-body';
import { isByTls } from './app/by-tls';
import { isOwnOrigin, notOwn } from './app/own-origin';

/** What only asks. */
const SAFE = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Stands before every page, action and route. What changes anything is taken from pages of this very server alone, and only
 * as they write it; pages carry what a browser may run in them; and each is told its own address, so that whoever has to
 * sign in first comes back.
 */
export async function proxy(request: NextRequest): Promise<Response> {
  if (!SAFE.has(request.method)) {
    if (!isOwnOrigin(request.headers)) return notOwn();
    if (!(await isReadableAction(request)))
      return new Response('No page of this server sends this.\n', { status: 400 });
  }
  const nonce = Buffer.from(crypto.getRandomValues(new Uint8Array(16))).toString('base64');
  const policy = policyFor(nonce);
  const headers = new Headers(request.headers);
  headers.set('x-address', `${request.nextUrl.pathname}${request.nextUrl.search}`);
  headers.set('x-nonce', nonce);
  // Next marks its own scripts by what it finds here.
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('Content-Security-Policy', policy);
  if (isByTls(request.headers))
    response.headers.set('Strict-Transport-Security', 'max-age=31536000; includeSubDomains');
  return response;
}

/** Scripts of this server's files, and those within a page that carry its mark; styles within pages are the charts'. */
function policyFor(nonce: string): string {
  // What reloads while one works on it evaluates text.
  const dev = process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : '';
  return [
    "default-src 'none'",
    `script-src 'self' 'nonce-${nonce}'${dev}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "form-action 'self'",
    "base-uri 'none'",
    "frame-ancestors 'none'",
  ].join('; ');
}

/** Files are taken in past it, by a door that asks the same: what goes through here is held whole, and cut at 10 MB. */
export const config = { matcher: ['/((?!_next/static/|import-export/import$).*)'] };
