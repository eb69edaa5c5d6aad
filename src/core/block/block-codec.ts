import { z } from 'zod';
import { malformed, ok, type Result, refused } from '../result';
import { BLOCK_VERSION, type Block } from './block';
import { blockProblems } from './block-rules';
import { blockSchema } from './block-schema';

const header = z.object({ version: z.number() });

/**
 * Reads a block from JSON that nobody has checked: a file, a request, a database column.
 * @param unchecked parsed JSON
 * @returns the block, or every problem found with its path
 */
export function decodeBlock(unchecked: unknown): Result<Block> {
  const { data } = header.safeParse(unchecked);
  if (data !== undefined && data.version > BLOCK_VERSION) {
    return refused({ code: 'newer-format', path: 'version', version: data.version });
  }
  const parsed = blockSchema.safeParse(unchecked);
  if (!parsed.success) return malformed(parsed.error);
  const block = { ...parsed.data, version: BLOCK_VERSION } as Block;
  const problems = blockProblems(block);
  return problems.length === 0 ? ok(block) : refused(...problems);
}

/** The block as JSON text, for storing and sending. */
export function encodeBlock(block: Block): string {
  return JSON.stringify(block);
}

/** The document's shape as JSON Schema, for editors and other programs. What its figures may be is in block-rules. */
export function blockJsonSchema(): Record<string, unknown> {
  return z.toJSONSchema(blockSchema, { io: 'input', unrepresentable: 'any' }) as Record<string, unknown>;
}
