import type { Block } from './document';
import type { Edit, SingleEdit } from './edits/edit';
import { touchedPaths } from './edits/registry';

function covers(ancestor: string, path: string): boolean {
  return path === ancestor || path.startsWith(`${ancestor}/`);
}

function flattenBatch(edit: Edit): readonly SingleEdit[] {
  return edit.kind === 'batch' ? edit.edits : [edit];
}

/**
 * Whether two edits made on the same block conflict: both write one field, or one writes inside what the other
 * removes. Edits of different things never conflict.
 */
export function conflicts(block: Block, mine: Edit, theirs: Edit): boolean {
  return flattenBatch(mine).some((a) =>
    flattenBatch(theirs).some((b) => {
      const left = touchedPaths(block, a);
      const right = touchedPaths(block, b);
      return (
        left.writes.some((x) => right.writes.some((y) => covers(x, y) || covers(y, x))) ||
        left.needs.some((x) => right.writes.some((y) => covers(y, x))) ||
        right.needs.some((x) => left.writes.some((y) => covers(y, x)))
      );
    }),
  );
}
