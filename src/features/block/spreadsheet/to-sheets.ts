import { isInGroup, MUSCLES, type Session, sessionsInOrder } from '@/core';
import { encodeBlock } from '@/core/codecs';
import { LONGEST_CELL, type Sheet, sheetNames } from '@/formats/workbook/workbook';
import { figure } from '@/ui/words/figures';
import { dayName } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/spreadsheet';
import { MARK_NAMES } from '@/ui/words/values';
import { type ClipboardInput, cellCopy } from '../sheet/clipboard';
import { PRESCRIPTION } from '../sheet/columns/registry';
import { type ColumnId, columnsOf, weekOf } from '../sheet/layout';

/** Name of the sheet with the data for reading back, and the text of its first cell. */
export const HIDDEN = 'dense-ladder';
export const WORKBOOK = 'dense-ladder/workbook';
export const WORKBOOK_VERSION = 1;
/** Lines above the slots: the session, and the headings. */
export const HEADS = 2;

/** Column widths in characters: the hidden id, the prescription, weeks. */
const WIDTHS: Readonly<Record<string, number>> = { slot: 28, technique: 24, range: 9, tempo: 8, start: 12 };
const NARROW = 6;
const WEEK = 14;

export type SheetBoard = Omit<ClipboardInput, 'rows' | 'columns' | 'newId'>;

/** A session's line: its hidden id, its name and its day. */
export function sessionLine({ id, name, day }: Session, cycleDays: number): readonly string[] {
  return [id, name, dayName(day, cycleDays)];
}

/** The block as sheets: one per session, the volume, and data for reading it back. */
export function blockSheets(board: SheetBoard): readonly Sheet[] {
  const { block, blockPlan } = board;
  const columns = columnsOf(blockPlan);
  const full: ClipboardInput = { ...board, columns, rows: [], newId: () => '' };
  const sessions = sessionsInOrder(block);
  const names = sheetNames([...sessions.map(({ name }) => name), common.volume]);
  const rows = sessions.map((session) => sessionRows(session, full));
  const sheets = sessions.map(
    (_, at): Sheet => ({
      name: names[at] ?? '',
      rows: rows[at] ?? [],
      heads: HEADS,
      widths: [0, ...columns.map(widthOf)],
    }),
  );
  return [
    ...sheets,
    { name: names.at(-1) ?? common.volume, rows: volumeRows(board), heads: 1, widths: [18] },
    { name: HIDDEN, rows: hiddenRows(encodeBlock(block), rows), isHidden: true },
  ];
}

function widthOf(column: ColumnId): number {
  return weekOf(column) === null ? (WIDTHS[column] ?? NARROW) : WEEK;
}

function sessionRows(session: Session, board: ClipboardInput): readonly (readonly string[])[] {
  const { block, blockPlan, columns } = board;
  const heads = columns.map((column) => {
    const week = weekOf(column);
    if (week === null) return PRESCRIPTION.find(({ id }) => id === column)?.head ?? '';
    const kind = blockPlan.weeks.find(({ plan }) => plan.week === week)?.plan.kind;
    return kind === 'deload' ? screenWords.weekDeload(week) : screenWords.week(week);
  });
  return [
    sessionLine(session, block.cycleDays),
    ['', ...heads],
    ...session.slots.map((slot, at) => [
      slot.id,
      ...columns.map((column) =>
        cellCopy({ kind: 'slot', id: slot.id, session, slot, at: at + 1 }, column, board),
      ),
    ]),
  ];
}

/** Weekly sets by muscle, with their volume range; muscles the block never trains are left out. */
function volumeRows({ blockPlan }: SheetBoard): readonly (readonly string[])[] {
  const { weeks } = blockPlan;
  const [first] = weeks;
  const trained = MUSCLES.filter((muscle) => weeks.some(({ plan }) => plan.muscles[muscle].measured > 0));
  return [
    [
      screenWords.weeklySets,
      MARK_NAMES.floor,
      MARK_NAMES.ceiling,
      ...weeks.map(({ plan }) => screenWords.week(plan.week)),
    ],
    ...trained
      .toSorted((a, b) => Number(isInGroup('lower', a)) - Number(isInGroup('lower', b)))
      .map((muscle) => {
        const rails = first?.plan.muscles[muscle].landmarks;
        return [
          muscle,
          String(rails?.floor ?? ''),
          String(rails?.ceiling ?? ''),
          ...weeks.map(({ plan }) => figure(plan.muscles[muscle].measured, 1)),
        ];
      }),
  ];
}

/** The block and every cell as written, in pieces that fit a cell. */
function hiddenRows(
  block: string,
  written: readonly (readonly (readonly string[])[])[],
): readonly (readonly string[])[] {
  const text = JSON.stringify({ block: JSON.parse(block), written });
  const pieces = Array.from({ length: Math.ceil(text.length / LONGEST_CELL) }, (_, at) =>
    text.slice(at * LONGEST_CELL, (at + 1) * LONGEST_CELL),
  );
  return [[WORKBOOK, String(WORKBOOK_VERSION)], ...pieces.map((piece) => [piece])];
}
