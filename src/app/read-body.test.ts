import { readBodyUpTo } from './read-body';

/** A request whose body arrives in these pieces, and how many were read. */
function posted(...chunks: readonly string[]): { readonly request: Request; readonly read: () => number } {
  let read = 0;
  const body = new ReadableStream<Uint8Array>(
    {
      pull: (controller) => {
        const next = chunks[read];
        read++;
        if (next === undefined) controller.close();
        else controller.enqueue(new TextEncoder().encode(next));
      },
    },
    { highWaterMark: 0 },
  );
  const request = new Request('http://here', { method: 'POST', body, duplex: 'half' } as RequestInit);
  return { request, read: () => read };
}

const text = async (most: number, request: Request) =>
  new TextDecoder().decode((await readBodyUpTo(most, request)) ?? new TextEncoder().encode('too long'));

test('a body is read whole, however it is split', async () => {
  expect(await text(6, posted('one', 'two').request)).toBe('onetwo');
  expect(await text(6, new Request('http://here'))).toBe('');
});

test('a body one byte too long is not read to its end', async () => {
  const { request, read } = posted('one', 'two', 'three', 'four');
  expect(await text(5, request)).toBe('too long');
  expect(read()).toBe(2);
});
