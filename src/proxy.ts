import { type NextRequest, NextResponse } from 'next/server';

/** Tells pages their own address, so that whoever has to sign in first comes back to it. */
export function proxy(request: NextRequest): NextResponse {
  const headers = new Headers(request.headers);
  headers.set('x-address', `${request.nextUrl.pathname}${request.nextUrl.search}`);
  return NextResponse.next({ request: { headers } });
}

export const config = { matcher: ['/((?!_next/|sign-in|status|icon|.*\\.).*)'] };
