import * as z from 'zod';
import { editSchema } from '../block/edit-schema';
import { malformed, ok, type Result } from '../result';
import { BLOCK_STATES, type BlockStatus } from './block-status';
import { WATCH_NAMES } from './registry';
import type { WatchCall, WatchName } from './watch-call';

const names = z.enum(WATCH_NAMES as [WatchName, ...WatchName[]]);

const callSchema = z.looseObject({
  kind: names,
  id: z.string(),
  subject: z.string(),
  week: z.int().min(0),
  evidence: z.looseObject({ kind: names }),
  options: z.array(
    z.looseObject({ id: z.string(), does: z.looseObject({ kind: z.string() }), edit: editSchema.nullable() }),
  ),
});

/** Reads a stored alert; the fields of its kind were made by the engine, its edits are validated. */
export function decodeWatchCall(unchecked: unknown): Result<WatchCall> {
  const parsed = callSchema.safeParse(unchecked);
  return parsed.success ? ok(unchecked as WatchCall) : malformed(parsed.error);
}

const done = z.strictObject({ done: z.int(), planned: z.int() });
const standingSchema = z.looseObject({
  state: z.enum(BLOCK_STATES),
  week: z.int(),
  weeks: z.int(),
  sessions: done,
  sets: done,
  adherence: z.looseObject({ sessions: done, sets: done }),
});

/** Reads a block's stored state. */
export function decodeBlockStatus(unchecked: unknown): Result<BlockStatus> {
  const parsed = standingSchema.safeParse(unchecked);
  return parsed.success ? ok(unchecked as BlockStatus) : malformed(parsed.error);
}
