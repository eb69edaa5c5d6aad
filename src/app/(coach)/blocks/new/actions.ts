'use server';

import { randomUUID } from 'node:crypto';
import { redirect } from 'next/navigation';
import * as z from 'zod';
import {
  type Block,
  type BlockSource,
  blockProblems,
  catalogueWith,
  type NewBlockSettings,
  startBlock,
  TEMPLATES,
} from '@/core';
import { newBlockSettingsSchema } from '@/core/codecs';
import { type Asker, actorOf, addBlock, exercisesOf, findAthlete, findDesign, shareOwnAmong } from '@/data';
import type { NewBlockActions, SourceChoice } from '@/features/new-block/contract';
import { asCoachFor, asReaderFor } from '../../../asker';
import { nameIdSchema as id, isId } from '../../../inputs';

const choiceSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('empty') }),
  z.strictObject({ kind: z.literal('template'), id }),
  z.strictObject({ kind: z.literal('design'), id }),
]);

/** The design of a block or a template, shown before it is copied. */
export async function design(designId: string): ReturnType<NewBlockActions['design']> {
  const parsed = id.safeParse(designId);
  if (!parsed.success) return { status: 'malformed' };
  return designOf(parsed.data, false);
}

/**
 * A design that the coach may see. @param lends whether the coach of the new block's athlete may see its exercises
 */
function designOf(designId: string, lends: boolean) {
  // A template belongs to no athlete, so the signed-in coach asks for it.
  return asReaderFor(
    { blockId: designId },
    async (asker): Promise<{ readonly block: Block } | { readonly status: 'gone' }> => {
      const block = await findDesign(asker, designId);
      if (block === undefined) return { status: 'gone' };
      if (lends) await shareOwnAmong(asker, block);
      return { block };
    },
  );
}

/** @param asker bound to the rows of the coach who will own the block */
async function sourceOf(asker: Asker, choice: SourceChoice): Promise<BlockSource | undefined> {
  if (choice.kind === 'empty') return choice;
  if (choice.kind === 'template') {
    const template = TEMPLATES.find((one) => one.id === choice.id);
    return template === undefined ? undefined : { kind: 'template', template };
  }
  const found = await designOf(choice.id, actorOf(asker) !== asker.coachId);
  return 'block' in found ? { kind: 'design', block: found.block } : undefined;
}

/** Lays out the block for the athlete, adds it and opens it. */
export async function start(
  athleteId: string,
  choice: SourceChoice,
  given: NewBlockSettings,
): ReturnType<NewBlockActions['start']> {
  const parsedChoice = choiceSchema.safeParse(choice);
  const parsed = newBlockSettingsSchema.safeParse(given);
  if (!parsedChoice.success || !parsed.success) return { status: 'malformed' };
  if (!isId(athleteId)) return { status: 'malformed' };
  const outcome = await asCoachFor({ athleteId }, async ({ did, ...asker }) => {
    const [found, source] = await Promise.all([
      findAthlete(asker, athleteId),
      sourceOf(asker, parsedChoice.data),
    ]);
    if (found === undefined || source === undefined) return { status: 'gone' as const };
    const catalogue = catalogueWith(await exercisesOf(asker));
    const block = startBlock(source, parsed.data, {
      athlete: found.athlete,
      catalogue,
      newId: randomUUID,
    });
    const problems = blockProblems(block);
    if (problems.length > 0) return { status: 'refused' as const, problems };
    const blockId = await addBlock(asker, athleteId, block, new Date());
    if (blockId === undefined) return { status: 'gone' as const };
    await did('started a block', block.name);
    return {
      status: 'started' as const,
      to: `/blocks/${blockId}${block.sessions.length > 0 ? '#split' : ''}`,
    };
  });
  if (outcome.status !== 'started') return outcome;
  redirect(outcome.to);
}
