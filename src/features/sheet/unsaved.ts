import type { SentStep } from '@/core';
import { editSchema } from '@/core';

/** Steps that the server has not confirmed yet, kept by the browser so that closing the page loses none. */
export interface Unsaved {
  readonly base: number;
  readonly steps: readonly SentStep[];
}

const key = (blockId: string) => `ladder/unsaved/${blockId}`;

export function keepUnsaved(blockId: string, unsaved: Unsaved): void {
  try {
    if (unsaved.steps.length === 0) localStorage.removeItem(key(blockId));
    else localStorage.setItem(key(blockId), JSON.stringify(unsaved));
  } catch {
    // Storage is full or forbidden: the steps still wait in this page.
  }
}

/** What an earlier page of this browser could not save; steps that no longer read as edits are dropped. */
export function readUnsaved(blockId: string): Unsaved | undefined {
  try {
    const text = localStorage.getItem(key(blockId));
    if (text === null) return undefined;
    const stored = JSON.parse(text) as Unsaved;
    const steps = stored.steps.filter((step) => editSchema.safeParse(step.edit).success);
    return steps.length === 0 ? undefined : { base: stored.base, steps };
  } catch {
    return undefined;
  }
}
