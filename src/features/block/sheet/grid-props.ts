import type { Athlete, Block, BlockPlan, Catalogue, Problem, Slot, TechniqueParameters } from '@/core';
import type { Range } from './clipboard';
import type { Guess } from './columns/column';
import type { Leave } from './editor';
import type { Cell, ColumnId, Row } from './layout';
import type { Adding } from './row-edits';

/** A cell open for typing. `text` replaces what stands in it when it was opened by a letter or digit. */
export interface Editing {
  readonly cell: Cell;
  readonly text: string | null;
}

/** What the table shows and what it calls. */
export interface GridProps {
  readonly blockId: string;
  readonly block: Block;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly blockPlan: BlockPlan;
  readonly rows: readonly Row[];
  readonly columns: readonly ColumnId[];
  readonly cursor: Cell;
  /** The selected range; null where the cursor stands alone. */
  readonly range: Range | null;
  /** Whether the cursor was moved since the page was opened. */
  readonly moved: boolean;
  readonly editing: Editing | null;
  /** Week and slot of open load calls, `week/slot`. */
  readonly calls: ReadonlySet<string>;
  /** Session that a new slot is being picked for, and the slot it will stand behind. */
  readonly adding: Adding | null;
  /** Exercises that the last paste guessed from their names. */
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
