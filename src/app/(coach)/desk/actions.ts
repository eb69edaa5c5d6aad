'use server';

import { redirect } from 'next/navigation';
import { emptyBlock, mondayOf } from '@/core';
import { addBlock, newestBlock } from '@/data';
import { requireAsker } from '../../asker';

/** Starts an empty block for an athlete who has none, and opens it. */
export async function startBlock(athleteId: string): Promise<void> {
  const asker = await requireAsker();
  const now = new Date();
  const existing = await newestBlock(asker, athleteId);
  const blockId =
    existing ??
    (await addBlock(
      asker,
      athleteId,
      emptyBlock('New block', mondayOf(now.toISOString().slice(0, 10))),
      now,
    ));
  redirect(blockId === undefined ? '/desk' : `/blocks/${blockId}`);
}
