import { type Problem, type Result, refused } from '@/core';

/** Limits of a ZIP file: its size, unpacked bytes, number of files. */
export const PACKED_LIMITS = { bytes: 8_000_000, unpacked: 64_000_000, files: 500 } as const;

const END = 0x06054b50;
const ENTRY = 0x02014b50;
const END_SIZE = 22;
const ENTRY_SIZE = 46;
const LOCAL_SIZE = 30;
/** Longest comment at the end. */
const LONGEST_COMMENT = 0xffff;

const broken = (detail: string): Problem => ({ code: 'malformed', path: '', detail });
const tooMuch = (field: string, most: number, count: number): Problem => ({
  code: 'too-many',
  path: '',
  field,
  most,
  count,
});

interface Entry {
  readonly packed: number;
  readonly unpacked: number;
  readonly method: number;
  /** Where its bytes begin. */
  readonly from: number;
}

/**
 * Whether a ZIP file unpacks within limits: its files are unpacked one by one and counted, whatever size they claim,
 * stopping at the limit.
 */
export async function checkPacked(bytes: Uint8Array): Promise<Result<null>> {
  const { bytes: most, unpacked, files } = PACKED_LIMITS;
  if (bytes.length > most) return refused(tooMuch('bytes', most, bytes.length));
  const entries = entriesOf(bytes);
  if (!entries.ok) return entries;
  if (entries.value.length > files) return refused(tooMuch('files', files, entries.value.length));
  let left: number = unpacked;
  for (const entry of entries.value) {
    const size = await sizeOf(bytes, entry, left);
    if (size === null) return refused(broken('is packed in a way that cannot be read'));
    left -= size;
    if (left < 0) return refused(tooMuch('bytes unpacked', unpacked, unpacked - left));
  }
  return { ok: true, value: null };
}

function entriesOf(bytes: Uint8Array): Result<readonly Entry[]> {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const first = Math.max(0, bytes.length - END_SIZE - LONGEST_COMMENT);
  let end = bytes.length - END_SIZE;
  while (end >= first && view.getUint32(end, true) !== END) end--;
  if (end < first || end < 0) return refused(broken('is no spreadsheet file: it is not packed as one'));
  const count = view.getUint16(end + 10, true);
  const entries: Entry[] = [];
  let at = view.getUint32(end + 16, true);
  for (let k = 0; k < count; k++) {
    if (at + ENTRY_SIZE > bytes.length || view.getUint32(at, true) !== ENTRY)
      return refused(broken('its list of files is broken'));
    const local = view.getUint32(at + 42, true);
    if (local + LOCAL_SIZE > bytes.length) return refused(broken('its list of files is broken'));
    entries.push({
      method: view.getUint16(at + 10, true),
      packed: view.getUint32(at + 20, true),
      unpacked: view.getUint32(at + 24, true),
      from: local + LOCAL_SIZE + view.getUint16(local + 26, true) + view.getUint16(local + 28, true),
    });
    at +=
      ENTRY_SIZE +
      view.getUint16(at + 28, true) +
      view.getUint16(at + 30, true) +
      view.getUint16(at + 32, true);
  }
  return { ok: true, value: entries };
}

/** Unpacked bytes of a file, counted up to the limit; null: it cannot be unpacked. */
async function sizeOf(
  bytes: Uint8Array,
  { method, packed, from }: Entry,
  limit: number,
): Promise<number | null> {
  const part = bytes.slice(from, from + packed);
  if (method === 0) return part.length;
  if (method !== 8) return null;
  const stream = new Blob([part]).stream().pipeThrough(new DecompressionStream('deflate-raw'));
  const reader = stream.getReader();
  let size = 0;
  try {
    for (;;) {
      const { done, value } = await reader.read();
      if (done) return size;
      size += value.length;
      if (size > limit) {
        await reader.cancel();
        return size;
      }
    }
  } catch {
    return null;
  }
}
