import { type NextRequest, NextResponse } from 'next/server';
import { isReadableAction } from './app/action-body';
import { isHttps } from './app/is-https';
import { foreignOriginResponse, isOwnOrigin } from './app/own-origin';

/** Methods that change nothing. */
const SAFE = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Runs before every page, action and route. Changes are only accepted from pages of this server, in the form those
 * write; pages get a content security policy; and each gets its own address, so that signing in leads back to it.
 */
export async function proxy(request: NextRequest): Promise<Response> {
  if (!SAFE.has(request.method)) {
    if (!isOwnOrigin(request.headers)) return foreignOriginResponse();
    if (!(await isReadableAction(request)))
      return new Response('No page of this server sends this.\n', { status: 400 });
  }
  const nonce = Buffer.from(crypto.getRandomValues(new Uint8Array(16))).toString('base64');
  const policy = policyFor(nonce);
  const headers = new Headers(request.headers);
  headers.set('x-address', `${request.nextUrl.pathname}${request.nextUrl.search}`);
  headers.set('x-nonce', nonce);
  // Next adds this nonce to its own scripts.
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('Content-Security-Policy', policy);
  if (isHttps(request.headers))
    response.headers.set('Strict-Transport-Security', 'max-age=31536000; includeSubDomains');
  return response;
}

/** Scripts from this server's files and inline ones with the nonce; inline styles are needed by charts. */
function policyFor(nonce: string): string {
  // Live reload evaluates text.
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

/** Imports bypass it and check the same things, because this proxy buffers bodies and cuts them at 10 MB. */
export const config = { matcher: ['/((?!_next/static/|import-export/import$).*)'] };
