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
import { type Asker, addBlock, findAthlete, findDesign, ownExercises } from '@/data';
import type { NewBlockActions, SourceChoice } from '@/features/new-block/contract';
import { asCoach } from '../../../asker';

const id = z.string().min(1).max(64);
const choiceSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('empty') }),
  z.strictObject({ kind: z.literal('template'), id }),
  z.strictObject({ kind: z.literal('design'), id }),
]);

/** The design of a block or of an own template, to look at before it is copied. */
export async function design(designId: string): ReturnType<NewBlockActions['design']> {
  const parsed = id.safeParse(designId);
  if (!parsed.success) return { status: 'malformed' };
  return asCoach(async (asker): Promise<{ readonly block: Block } | { readonly status: 'gone' }> => {
    const block = await findDesign(asker, parsed.data);
    return block === undefined ? { status: 'gone' } : { block };
  });
}

async function sourceOf(asker: Asker, choice: SourceChoice): Promise<BlockSource | undefined> {
  if (choice.kind === 'empty') return choice;
  if (choice.kind === 'template') {
    const template = TEMPLATES.find((one) => one.id === choice.id);
    return template === undefined ? undefined : { kind: 'template', template };
  }
  const block = await findDesign(asker, choice.id);
  return block === undefined ? undefined : { kind: 'design', block };
}

/** Lays the block out for the athlete, adds it and leads into it. */
export async function start(
  athleteId: string,
  choice: SourceChoice,
  given: NewBlockSettings,
): ReturnType<NewBlockActions['start']> {
  const parsedChoice = choiceSchema.safeParse(choice);
  const parsed = newBlockSettingsSchema.safeParse(given);
  if (!parsedChoice.success || !parsed.success) return { status: 'malformed' };
  const outcome = await asCoach(async (asker) => {
    const [found, source] = await Promise.all([
      findAthlete(asker, athleteId),
      sourceOf(asker, parsedChoice.data),
    ]);
    if (found === undefined || source === undefined) return { status: 'gone' as const };
    const catalogue = catalogueWith(await ownExercises(asker));
    const block = startBlock(source, parsed.data, {
      athlete: found.athlete,
      catalogue,
      newId: randomUUID,
    });
    const problems = blockProblems(block);
    if (problems.length > 0) return { status: 'refused' as const, problems };
    const blockId = await addBlock(asker, athleteId, block, new Date());
    return blockId === undefined
      ? { status: 'gone' as const }
      : { status: 'started' as const, to: `/blocks/${blockId}${block.sessions.length > 0 ? '#frame' : ''}` };
  });
  if (outcome.status !== 'started') return outcome;
  redirect(outcome.to);
}
