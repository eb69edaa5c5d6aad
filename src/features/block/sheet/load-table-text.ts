import type { TableText } from './clipboard';

let loaded: TableText | null = null;

/** Fetches what reads and writes tables of text; asked for early, so that it is there for the first copy. */
export async function loadTableText(): Promise<TableText> {
  loaded ??= await import('./table-text');
  return loaded;
}

/** The same if it is there already: a clipboard event waits for nobody. */
export function tableTextNow(): TableText | null {
  return loaded;
}
