import { ok, type Result } from '../result';
import type { Block } from './document';
import type { Edit, SingleEdit } from './edits/edit';
import type { Applied } from './edits/edit-kind';
import { editKind } from './edits/registry';

/**
 * Applies an edit without mutating the block; a batch is applied whole or not at all. The result can be stored and
 * read again: edits check what the codec checks.
 * @returns the new block with the inverse edit, or why the edit was refused
 */
export function applyEdit(block: Block, edit: Edit): Result<Applied<Edit>> {
  if (edit.kind !== 'batch') return editKind(edit).apply(block, edit);
  let current = block;
  const inverses: SingleEdit[] = [];
  for (const single of edit.edits) {
    const applied = editKind(single).apply(current, single);
    if (!applied.ok) return applied;
    current = applied.value.block;
    inverses.unshift(applied.value.inverse);
  }
  return ok({ block: current, inverse: { kind: 'batch', edits: inverses } });
}
