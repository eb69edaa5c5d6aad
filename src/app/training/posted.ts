import type * as z from 'zod';
import { bytesUpTo } from '../bytes-up-to';

/** More than any session comes to; what is longer is not looked into. */
const MOST_BYTES = 500_000;

/** What a page of this very server has posted, as the schema has it; undefined where it is no such thing. */
export async function readPosted<T>(request: Request, schema: z.ZodType<T>): Promise<T | undefined> {
  const bytes = await bytesUpTo(MOST_BYTES, request);
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
