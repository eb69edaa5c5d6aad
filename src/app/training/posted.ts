import type * as z from 'zod';
import { readBodyUpTo } from '../read-body';

/** Larger than any session; longer bodies are not read. */
const MOST_BYTES = 500_000;

/** The body that a page of this server posted, by its schema; undefined if it does not fit. */
export async function readPosted<T>(request: Request, schema: z.ZodType<T>): Promise<T | undefined> {
  const bytes = await readBodyUpTo(MOST_BYTES, request);
  if (bytes === undefined) return undefined;
  const parsed = schema.safeParse(readJson(new TextDecoder().decode(bytes)));
  return parsed.success ? parsed.data : undefined;
}

function readJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
