import { randomUUID } from 'node:crypto';
import type { Transaction } from 'sequelize';
import type { Problem, SaveOutcome, SentStep, StandingStep } from '@/core';
import { applyEdit, type Block, conflicts, cutsIssued, type Edit, safeJson } from '@/core';
import { decodeBlock, encodeBlock } from '@/core/codecs';
import { type Asker, actorOf, ownRows } from '../asker';
import { transact } from '../database';
import { models } from '../models/models';
import type { RevisionRow } from '../models/rows';
import { findAthlete } from './athletes';
import { markChanged, refreshCalls } from './calls';
import { resendChangedWeeks } from './resending';
import { isKnownRevision, stepsSince } from './steps';
import { blockFrom } from './stored-block';

const SNAPSHOT_EVERY = 25;

/** Adds a block for an athlete of the coach. @returns its id, or undefined if the athlete does not exist */
export async function addBlock(
  asker: Asker,
  athleteId: string,
  block: Block,
  now: Date,
): Promise<string | undefined> {
  if ((await findAthlete(asker, athleteId)) === undefined) return undefined;
  const id = randomUUID();
  await models().blocks.create({
    id,
    coachId: asker.coachId,
    athleteId,
    revision: 0,
    document: encodeBlock(block),
    createdAt: now,
    updatedAt: now,
    archivedAt: null,
    deletedAt: null,
  });
  await refreshCalls(asker, id, now);
  return id;
}

/**
 * Saves steps made from a revision. Steps on a stale revision are rebased if they touch other things than the steps
 * between; a real conflict is refused. Saved steps are skipped, and duplicates count once.
 */
export async function saveSteps(
  asker: Asker,
  blockId: string,
  base: number,
  steps: readonly SentStep[],
  now: Date,
): Promise<SaveOutcome | { readonly status: 'malformed' }> {
  const once = [...new Map(steps.map((step) => [step.id, step])).values()];
  return transact(async (transaction) => saveWithin(asker, blockId, base, once, now, transaction));
}

type Verdict =
  | { readonly status: 'saved' }
  | { readonly status: 'collision' }
  | { readonly status: 'refused'; readonly step: string; readonly problems: readonly Problem[] };

export async function saveWithin(
  asker: Asker,
  blockId: string,
  base: number,
  steps: readonly SentStep[],
  now: Date,
  transaction: Transaction,
): Promise<SaveOutcome | { readonly status: 'malformed' }> {
  const { blocks, revisions } = models();
  const row = await blocks.findOne({
    where: ownRows(asker, { id: blockId }),
    transaction,
    lock: transaction.LOCK.UPDATE,
  });
  if (row === null) return { status: 'gone' };
  const stored = row.get();
  // No page can be based on a future revision, or on one that a restored backup removed.
  const asked = { asked: base, stored: stored.revision };
  if (!(await isKnownRevision(asker, blockId, asked, transaction))) return { status: 'malformed' };
  const ids = steps.map(({ id }) => id);
  const kept = await revisions.findAll({ where: ownRows(asker, { blockId, editId: ids }), transaction });
  const already = new Set(kept.map((step) => step.get().editId));
  const between = await stepsSince(asker, blockId, base, transaction);
  const issued = await lastBuildingIssued(asker, blockId, transaction);
  const against = {
    already,
    theirs: between.filter(({ id }) => !already.has(id)).map(({ edit }) => edit),
    issued,
  };
  const start = blockFrom(stored.document);
  const all = taken(start, steps, { ...against, readsEach: false });
  // Edits check what the codec checks. If one did not, this refuses it: everything stored can be read again.
  const isReadable = all.saved.length === 0 || decodeBlock(all.block).ok;
  const { block, saved, verdict } = isReadable ? all : taken(start, steps, { ...against, readsEach: true });
  const rows = saved.map((one, at) => revisionOf(asker, blockId, stored.revision + at + 1, one, now));
  const revision = stored.revision + rows.length;
  if (rows.length > 0) {
    await revisions.bulkCreate(rows, { transaction });
    await blocks.update(
      { revision, document: encodeBlock(block), updatedAt: now },
      { where: ownRows(asker, { id: blockId }), transaction },
    );
    await resendChangedWeeks(asker, blockId, { before: start, after: block }, now, transaction);
    await markChanged(asker, [blockId], transaction);
  }
  const mine = new Set(ids);
  const standing: StandingStep[] = [...between, ...saved.map(({ step }) => step)].map(({ id, edit }) => ({
    id,
    edit: mine.has(id) ? null : edit,
  }));
  return { ...verdict, revision, steps: standing };
}

/** A step as a row; every so many steps the whole block is stored with it. */
export function revisionOf(
  asker: Asker,
  blockId: string,
  revision: number,
  { step, inverse, after }: Taken,
  now: Date,
): RevisionRow {
  return {
    blockId,
    revision,
    coachId: asker.coachId,
    editId: step.id,
    action: step.action,
    edit: safeJson(step.edit),
    inverse: safeJson(inverse),
    document: revision % SNAPSHOT_EVERY === 0 ? encodeBlock(after) : null,
    at: now,
    byId: actorOf(asker),
  };
}

/** A step that was applied to a block. */
interface Taken {
  readonly step: SentStep;
  readonly inverse: Edit;
  readonly after: Block;
}

/** Applies steps in order up to the first invalid one. */
function taken(
  start: Block,
  steps: readonly SentStep[],
  against: {
    readonly already: ReadonlySet<string>;
    readonly theirs: readonly Edit[];
    /** The last sent building week. */
    readonly issued: number;
    /** Whether the block is read back after each step. */
    readonly readsEach: boolean;
  },
): { readonly block: Block; readonly saved: readonly Taken[]; readonly verdict: Verdict } {
  let block = start;
  const saved: Taken[] = [];
  for (const step of steps) {
    if (against.already.has(step.id)) continue;
    if (against.theirs.some((edit) => conflicts(block, step.edit, edit)))
      return { block, saved, verdict: { status: 'collision' } };
    const applied = applyEdit(block, step.edit);
    const problems = applied.ok ? storeProblems(block, applied.value.block, against) : applied.problems;
    if (!applied.ok || problems.length > 0)
      return { block, saved, verdict: { status: 'refused', step: step.id, problems } };
    block = applied.value.block;
    saved.push({ step, inverse: applied.value.inverse, after: block });
  }
  return { block, saved, verdict: { status: 'saved' } };
}

/** What prevents a block from being stored: sent weeks it would cut, and anything its codec would refuse. */
function storeProblems(
  before: Block,
  after: Block,
  { issued, readsEach }: { readonly issued: number; readonly readsEach: boolean },
): readonly Problem[] {
  const cuts = after.weeks < before.weeks ? cutsIssued(after, issued) : [];
  if (cuts.length > 0 || !readsEach) return cuts;
  const decoded = decodeBlock(after);
  return decoded.ok ? [] : decoded.problems;
}

/** Sent building weeks. */
async function lastBuildingIssued(asker: Asker, blockId: string, transaction: Transaction): Promise<number> {
  // Their count: after an early deload, week numbers are higher.
  return models().issued.count({
    where: ownRows(asker, { blockId, recalledAt: null, kind: 'building' }),
    transaction,
  });
}
