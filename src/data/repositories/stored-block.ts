import type { Block } from '@/core';
import { decodeBlock } from '@/core/codecs';

/** Reads a stored document; one that does not pass the codec is a bug, not input. */
export function blockFrom(document: string): Block {
  const decoded = decodeBlock(JSON.parse(document));
  if (!decoded.ok) throw new Error(`stored block is malformed: ${JSON.stringify(decoded.problems)}`);
  return decoded.value;
}
