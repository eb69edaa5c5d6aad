/** An address of this application to continue to; the desk for anything else. */
export function ownAddress(to: unknown): string {
  const isOwn = typeof to === 'string' && /^\/(?![/\\])[^\s\\]*$/.test(to) && to.length <= 500;
  return isOwn ? to : '/desk';
}
