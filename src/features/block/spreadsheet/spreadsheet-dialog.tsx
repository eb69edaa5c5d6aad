import { Button, FileButton, Modal } from '@mantine/core';
import { useRef, useState } from 'react';
import type { Athlete, Block, BlockPlan, Catalogue, Edit, Problem, Result } from '@/core';
import { readWorkbook, writeWorkbook } from '@/formats/workbook/workbook';
import { saveFile } from '@/ui/save-file';
import { plural } from '@/ui/words/figures';
import { problemSentence } from '@/ui/words/problems';
import { shortId } from '../sheet/table';
import { keptIn, type ReadBlock, readBlockSheets } from './from-sheets';
import classes from './spreadsheet.module.css';
import { blockSheets } from './to-sheets';
import { UnreadCells } from './unread-cells';

interface SpreadsheetDialogProps {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly blockPlan: BlockPlan;
  readonly attempt: (edit: Edit) => Result<null>;
  readonly onClose: () => void;
}

const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';
const ELSEWHERE: Problem = {
  code: 'malformed',
  path: '',
  detail: 'it was not saved from a block; In and out makes a new block of it',
};

/** The block saved as a spreadsheet, and one that was edited taken back as a step of the block. */
export default function SpreadsheetDialog(props: SpreadsheetDialogProps) {
  const { block, athlete, catalogue, blockPlan, attempt, onClose } = props;
  const reset = useRef<() => void>(null);
  const [read, setRead] = useState<Result<ReadBlock> | null>(null);
  const board = { block, athlete, catalogue, blockPlan, newId: shortId };
  const save = async () => {
    const bytes = await writeWorkbook(blockSheets(board));
    saveFile(`${block.name}.xlsx`, bytes.slice().buffer, XLSX);
  };
  const look = async (file: File | null) => {
    if (file === null) return;
    // The same file may be given again once it was put right.
    reset.current?.();
    const sheets = await readWorkbook(new Uint8Array(await file.arrayBuffer()));
    if (!sheets.ok) return setRead(sheets);
    const kept = keptIn(sheets.value);
    if (!kept.ok) return setRead(kept);
    if (kept.value === null) return setRead({ ok: false, problems: [ELSEWHERE] });
    setRead({ ok: true, value: readBlockSheets(sheets.value, kept.value, board) });
  };
  const take = (edits: ReadBlock['edits']) => {
    if (attempt({ kind: 'batch', edits }).ok) onClose();
  };
  return (
    <Modal opened onClose={onClose} title="Spreadsheet" size="lg">
      <p className={classes.soft}>
        A sheet a session, a line a slot, a column a week. Edit it in any spreadsheet and take it back: what
        was changed there becomes one step here, which undo takes back.
      </p>
      <div className={classes.tools}>
        <Button data-autofocus variant="filled" onClick={() => void save()}>
          Save as a spreadsheet
        </Button>
        <FileButton resetRef={reset} onChange={(file) => void look(file)} accept=".xlsx">
          {(button) => <Button {...button}>Take one back</Button>}
        </FileButton>
      </div>
      {read === null ? null : read.ok ? (
        <>
          <p role="status">
            {read.value.edits.length === 0
              ? 'Nothing in it differs from the block.'
              : `${plural(read.value.edits.length, 'change')} to the block.`}
          </p>
          <UnreadCells unread={read.value.unread} />
          {read.value.edits.length === 0 ? null : (
            <Button variant="filled" onClick={() => take(read.value.edits)}>
              Take over
            </Button>
          )}
        </>
      ) : (
        <p role="alert" className={classes.problem}>
          {read.problems.map(problemSentence).join(' ')}
        </p>
      )}
    </Modal>
  );
}
