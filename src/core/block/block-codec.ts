import * as z from 'zod';
import { safeJson } from '../json';
import { malformed, ok, type Result, refused } from '../result';
import { blockProblems } from './block-rules';
import { BLOCK_VERSION, type Block, blockSchema } from './document';

const header = z.object({ version: z.number() });
const holder = z.looseObject({ conventions: z.record(z.string(), z.unknown()) });
const schema = blockSchema(z);

/**
 * Reads a block from unchecked JSON: a file, a request, a database column.
 * @param unchecked parsed JSON
 * @returns the block, or every problem with its path
 */
export function decodeBlock(unchecked: unknown): Result<Block> {
  const { data } = header.safeParse(unchecked);
  if (data !== undefined && data.version > BLOCK_VERSION) {
    return refused({ code: 'newer-format', path: 'version', version: data.version });
  }
  const parsed = schema.safeParse(withoutRetired(unchecked));
  if (!parsed.success) return malformed(parsed.error);
  const block: Block = { ...parsed.data, version: BLOCK_VERSION };
  const problems = blockProblems(block);
  return problems.length === 0 ? ok(block) : refused(...problems);
}

/** Rules that older blocks may override and that no longer exist. */
const RETIRED_CONVENTIONS: readonly string[] = ['driftMost'];

function withoutRetired(unchecked: unknown): unknown {
  const { data } = holder.safeParse(unchecked);
  if (data === undefined) return unchecked;
  const conventions = Object.entries(data.conventions).filter(([id]) => !RETIRED_CONVENTIONS.includes(id));
  return { ...data, conventions: Object.fromEntries(conventions) };
}

/** The block as JSON text, for storing and sending. */
export function encodeBlock(block: Block): string {
  return safeJson(block);
}

/** The document's shape as JSON Schema, for editors and other programs. block-rules has the limits of its numbers. */
export function blockJsonSchema(): Record<string, unknown> {
  return z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) as Record<string, unknown>;
}
