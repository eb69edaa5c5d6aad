/** Whether the browser connected over HTTPS: by the proxy's header or, without one, by PUBLIC_URL. */
export function isHttps(headers: Pick<Headers, 'get'>): boolean {
  if (process.env.PUBLIC_URL?.startsWith('https://')) return true;
  return headers.get('x-forwarded-proto')?.split(',')[0]?.trim() === 'https';
}
