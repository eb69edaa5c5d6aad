/** A short stable name for rounded facts (32-bit FNV-1a over their JSON, in base 36). Not for secrets. */
export function factsHash(facts: readonly (string | number | boolean | null)[]): string {
  const text = JSON.stringify(facts);
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) {
    hash ^= text.charCodeAt(i);
    hash = Math.imul(hash, 0x01000193);
  }
  return (hash >>> 0).toString(36);
}
