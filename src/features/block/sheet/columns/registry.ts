import type { Slot } from '@/core';
import type { CellText, ColumnContext, SheetColumn } from './column';
import { exerciseColumn } from './exercise';
import { rangeColumn } from './range';
import { restColumn } from './rest';
import { rirColumn } from './rir';
import { setsColumn } from './sets';
import { startColumn } from './start';
import { techniqueColumn } from './technique';
import { tempoColumn } from './tempo';

/** Columns of the prescription, in order. */
const ALL = [
  exerciseColumn,
  setsColumn,
  rangeColumn,
  rirColumn,
  tempoColumn,
  restColumn,
  techniqueColumn,
  startColumn,
] as const;

export type PrescriptionColumn = (typeof ALL)[number]['id'];

export const PRESCRIPTION: readonly SheetColumn<PrescriptionColumn>[] = ALL;

const BY_ID = new Map<string, SheetColumn<PrescriptionColumn>>(ALL.map((column) => [column.id, column]));

/** A column of the prescription; undefined for a week. */
export function prescriptionColumn(id: string): SheetColumn<PrescriptionColumn> | undefined {
  return BY_ID.get(id);
}

/** A slot's text in a column of the prescription. */
export function cellText(id: PrescriptionColumn, slot: Slot, context: ColumnContext): CellText {
  const column = BY_ID.get(id);
  if (column === undefined) throw new Error(`there is no column ${id}`);
  return column.show(slot, context, context.catalogue.find(slot.exercise));
}
