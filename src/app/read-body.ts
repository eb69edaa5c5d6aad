/**
 * The body of a request; undefined if it is longer than the limit, which is noticed before all of it is in memory.
 */
export async function readBodyUpTo(
  most: number,
  { body }: Request,
): Promise<Uint8Array<ArrayBuffer> | undefined> {
  const chunks: Uint8Array<ArrayBuffer>[] = [];
  let length = 0;
  if (body !== null)
    // Leaving the loop closes the stream, so a body that is too long is not read to its end.
    for await (const chunk of body as ReadableStream<Uint8Array<ArrayBuffer>>) {
      length += chunk.byteLength;
      if (length > most) return undefined;
      chunks.push(chunk);
    }
  return new Uint8Array(await new Blob(chunks).arrayBuffer());
}
