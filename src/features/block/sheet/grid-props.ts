import type { Athlete, Block, BlockPlan, Catalogue, Problem, Slot, TechniqueParameters } from '@/core';
import type { Range } from './clipboard';
import type { Guess } from './columns/column';
import type { Leave } from './editor';
import type { Cell, ColumnId, Row } from './layout';
import type { Adding } from './row-edits';

/** A cell open for typing. `text` replaces its content if it was opened by a letter or digit. */
export interface Editing {
  readonly cell: Cell;
  readonly text: string | null;
}

/** What the table shows and calls. */
export interface GridProps {
  readonly blockId: string;
  readonly block: Block;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly blockPlan: BlockPlan;
  readonly rows: readonly Row[];
  readonly columns: readonly ColumnId[];
  readonly cursor: Cell;
  /** The selected range; null if there is only the cursor. */
  readonly range: Range | null;
  /** Whether the cursor has moved since the page opened. */
  readonly moved: boolean;
  readonly editing: Editing | null;
  /** Week and slot of open load proposals, `week/slot`. */
  readonly calls: ReadonlySet<string>;
  /** The session a new slot is being chosen for, and the slot it will follow. */
  readonly adding: Adding | null;
  /** Exercises guessed by the last paste. */
  readonly guesses: readonly Guess[];
  readonly onMove: (cell: Cell, extend?: boolean) => void;
  readonly onKey: (event: React.KeyboardEvent) => void;
  readonly onEdit: (cell: Cell) => void;
  readonly onCommit: (cell: Cell, text: string, leave: Leave) => readonly Problem[];
  readonly onPick: (cell: Cell, value: string) => void;
  readonly onTechnique: (
    slot: string,
    technique: TechniqueParameters,
    drift: Slot['drift'],
    safety: string,
  ) => readonly Problem[];
  readonly onDrop: (slot: string, onto: string, below: boolean) => void;
  readonly onAdd: (exercise: string) => void;
  readonly onClose: () => void;
}
