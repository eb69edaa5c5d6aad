import type { BlockSession } from '@/client/block-session';
import type { Edit, Problem, Proposal, Result } from '@/core';
import { useStableCallback } from '@/ui/use-stable-callback';
import type { BlockFigures } from '../use-block-figures';
import type { Leave } from './editor';
import { type Cell, weekOf } from './layout';
import type { useCursor } from './use-cursor';
import { useTableEdits } from './use-table-edits';
import { tableKeys } from './use-table-keys';

interface SheetTools {
  readonly session: BlockSession;
  readonly shown: BlockFigures;
  readonly table: ReturnType<typeof useCursor>;
  readonly attempt: (edit: Edit) => Result<null>;
  /** Shows why a command was refused. */
  readonly tell: (outcome: { readonly ok: boolean; readonly problems?: readonly Problem[] }) => void;
  readonly onAnswer: (calls: readonly Proposal[], outcome: 'accepted' | 'declined') => void;
  /** Clears the message of the last command. */
  readonly onKey: () => void;
}

/** The Sheet's edits and handlers. The table renders again only for what it shows. */
export function useSheet({ session, shown, table, attempt, tell, onAnswer, onKey }: SheetTools) {
  const { cursor, editing } = table;
  const edits = useTableEdits({ ...shown, attempt, change: session.change, move: table.move });
  const waiting = shown.calls.filter(
    (call) => call.kind === 'load' && call.slotId === cursor.row && call.week === weekOf(cursor.column),
  );
  const onTableKey = tableKeys({ table, edits, waiting, onAnswer, onOutcome: tell }, shown.rows);
  const calls = {
    onMove: table.move,
    onKey: useStableCallback((event: React.KeyboardEvent) => {
      if (edits.adding !== null) return;
      // While the technique list is loading, typed text belongs to it.
      if (editing !== null) {
        const { key, ctrlKey, altKey, metaKey } = event;
        if (
          event.target instanceof HTMLTableCellElement &&
          key.length === 1 &&
          !ctrlKey &&
          !altKey &&
          !metaKey
        )
          table.edit(editing.cell, key);
        return;
      }
      onKey();
      if (onTableKey(event)) event.preventDefault();
    }),
    onEdit: useStableCallback((cell: Cell) => table.edit(cell)),
    onCommit: useStableCallback((cell: Cell, text: string, leave: Leave) => {
      const problems = edits.type(cell, text);
      if (problems.length === 0) table.leave(cell, leave);
      return problems;
    }),
    onPick: useStableCallback((cell: Cell, value: string) => {
      table.close();
      edits.pick(cell, value);
    }),
    onTechnique: useStableCallback((...given: Parameters<typeof edits.technique>) => {
      const problems = edits.technique(...given);
      if (problems.length === 0) table.close();
      return problems;
    }),
    onDrop: useStableCallback(edits.drop),
    onAdd: useStableCallback(edits.addSlot),
    onClose: useStableCallback(() => {
      table.close();
      edits.stopAdding();
    }),
  };
  return { edits, calls };
}

export type SheetUse = ReturnType<typeof useSheet>;
