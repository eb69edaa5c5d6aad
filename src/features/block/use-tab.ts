import { useEffect, useRef } from 'react';
import { FACES, type Face } from '@/client/commands';
import { addressNow, useAddress } from '@/ui/shell/use-address';
import { DIALOGS, type DialogName } from './dialogs/dialog-names';
import type { Cell, ColumnId } from './sheet/layout';

/** The position on a block's screen as in the address: `sheet/SLOT/COLUMN`, followed by `:DIALOG`. */
interface Position {
  readonly face: Face;
  readonly cell: Cell | null;
  readonly dialog: DialogName | null;
}

function parseAddress(address: string): Position {
  const [where = '', asked] = address.split(':');
  const [name, row, column] = where.split('/');
  return {
    // Earlier versions called Split `frame`.
    face: FACES.find((face) => face.toLowerCase() === name) ?? (name === 'frame' ? 'Split' : 'Sheet'),
    cell: row === undefined || column === undefined ? null : { row, column: column as ColumnId },
    dialog: DIALOGS.find((dialog) => dialog === asked) ?? null,
  };
}

function addressOf({ face, cell, dialog }: Position): string {
  const at = face === 'Sheet' && cell !== null ? `/${cell.row}/${cell.column}` : '';
  return `${face.toLowerCase()}${at}${dialog === null ? '' : `:${dialog}`}`;
}

const faceAt = (address: string) => parseAddress(address).face;
const dialogAt = (address: string) => parseAddress(address).dialog ?? '';

/** Milliseconds without movement after which the address follows the cursor. */
const FOLLOW_AFTER_MS = 400;

interface FaceUse {
  readonly cursor: Cell;
  /** The cell named in the address when the screen opens. */
  readonly onCell: (cell: Cell) => void;
  readonly onLeaveSheet: () => void;
}

/**
 * The visible tab of the block and the dialog over it. They are in the address: back and forward move between them.
 */
export function useTab({ cursor, onCell, onLeaveSheet }: FaceUse) {
  const [named, go] = useAddress(faceAt);
  const [asked] = useAddress(dialogAt);
  const face = (named === '' ? 'Sheet' : named) as Face;
  const given = useRef({ onCell, onLeaveSheet });
  given.current = { onCell, onLeaveSheet };
  useEffect(() => {
    const { cell } = parseAddress(addressNow());
    if (cell !== null) given.current.onCell(cell);
  }, []);
  useEffect(() => {
    if (face !== 'Sheet') given.current.onLeaveSheet();
  }, [face]);
  useEffect(() => {
    if (face !== 'Sheet') return;
    const timer = setTimeout(() => {
      const now = parseAddress(addressNow());
      if (now.face === 'Sheet' && addressNow() !== '') go(addressOf({ ...now, cell: cursor }), 'replace');
    }, FOLLOW_AFTER_MS);
    return () => clearTimeout(timer);
  }, [face, cursor.row, cursor.column, cursor, go]);
  const show = (next: Face) => {
    if (next !== faceAt(addressNow())) go(addressOf({ face: next, cell: null, dialog: null }));
  };
  const setDialog = (dialog: DialogName | null) =>
    go(addressOf({ ...parseAddress(addressNow()), dialog }), 'replace');
  return { face, show, dialog: (asked === '' ? null : asked) as DialogName | null, setDialog };
}
