import type { SentStep } from '@/core';

/** Steps that the server has not confirmed yet, kept by the browser so that closing the page loses none. */
export interface Unsaved {
  readonly base: number;
  readonly steps: readonly SentStep[];
}

const PREFIX = 'ladder/unsaved';

/** Each tab keeps its own, so that one tab's confirmation never clears another's steps. */
function key(blockId: string, tab: string): string {
  return `${PREFIX}/${blockId}/${tab}`;
}

export function keepUnsaved(blockId: string, tab: string, unsaved: Unsaved): void {
  try {
    if (unsaved.steps.length === 0) localStorage.removeItem(key(blockId, tab));
    else localStorage.setItem(key(blockId, tab), JSON.stringify(unsaved));
  } catch {
    // Storage is full or forbidden: the steps still wait in this page.
  }
}

async function read(text: string | null): Promise<Unsaved | undefined> {
  try {
    // Fetched only when something was left behind.
    const { editSchema } = await import('@/core/codecs');
    const { base, steps } = JSON.parse(text ?? '') as Unsaved;
    return { base, steps: steps.filter((step) => editSchema.safeParse(step.edit).success) };
  } catch {
    return undefined;
  }
}

/** Holds a lock in this tab's name for as long as the tab lives; where there are no locks nothing is held. */
export function standFor(blockId: string, tab: string): void {
  void navigator.locks?.request(key(blockId, tab), () => new Promise<never>(() => {}));
}

/** Whether the tab behind a stored key still lives. Without locks it is taken for gone. */
async function lives(name: string): Promise<boolean> {
  if (navigator.locks === undefined) return false;
  return navigator.locks.request(name, { ifAvailable: true }, (lock) => lock === null);
}

/**
 * Takes over what pages of this browser that are gone could not save; steps that no longer read as edits are dropped.
 * Should such a page be open after all, it sends the same steps too: they have ids, so they are saved once.
 */
export async function takeUnsaved(blockId: string, tab: string): Promise<Unsaved | undefined> {
  const left: Unsaved[] = [];
  try {
    for (const name of Object.keys(localStorage)) {
      if (!name.startsWith(`${PREFIX}/${blockId}/`) || name === key(blockId, tab) || (await lives(name)))
        continue;
      const unsaved = await read(localStorage.getItem(name));
      if (unsaved !== undefined) left.push(unsaved);
      localStorage.removeItem(name);
    }
  } catch {
    // No storage to read: there is nothing to take over.
  }
  const steps = left.flatMap((one) => one.steps);
  return steps.length === 0 ? undefined : { base: Math.min(...left.map(({ base }) => base)), steps };
}
