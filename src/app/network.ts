/** The network of an address: an IPv6 user has a whole /64. */
export function networkPrefix(address: string): string {
  const plain = address.replace(/^::ffff:/i, '');
  if (!plain.includes(':')) return plain;
  const [head = '', tail = ''] = plain.split('::');
  const parts = head.split(':').filter(Boolean);
  const rest = tail.split(':').filter(Boolean);
  const zeros = plain.includes('::')
    ? Array<string>(Math.max(0, 8 - parts.length - rest.length)).fill('0')
    : [];
  return [...parts, ...zeros, ...rest].slice(0, 4).join(':');
}
