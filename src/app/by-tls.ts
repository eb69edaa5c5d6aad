/**
 * Whether the browser came by TLS: the proxy in front says so, or whoever runs the server does, by PUBLIC_URL, where the
 * proxy says nothing.
 */
export function isByTls(headers: Pick<Headers, 'get'>): boolean {
  if (process.env.PUBLIC_URL?.startsWith('https://')) return true;
  return headers.get('x-forwarded-proto')?.split(',')[0]?.trim() === 'https';
}
