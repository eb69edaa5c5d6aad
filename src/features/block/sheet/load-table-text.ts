import type { TableText } from './clipboard';

let loaded: TableText | null = null;

/** Loads the reader and writer of tab-separated text, early enough for the first copy. */
export async function loadTableText(): Promise<TableText> {
  loaded ??= await import('./table-text');
  return loaded;
}

/** The same if it is loaded already: a clipboard event cannot wait. */
export function tableTextNow(): TableText | null {
  return loaded;
}
