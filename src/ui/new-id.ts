/** A random id, also where the page is not served securely and `randomUUID` is missing (a phone on the local net). */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('');
}
