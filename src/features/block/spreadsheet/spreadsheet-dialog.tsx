import { Button, FileButton, Modal } from '@mantine/core';
import { useRef, useState } from 'react';
import type { Athlete, Block, BlockPlan, Catalogue, Edit, Problem, Result } from '@/core';
import { readWorkbook, writeWorkbook } from '@/formats/workbook/workbook';
import { saveFile } from '@/ui/save-file';
import { plural } from '@/ui/words/figures';
import { problemSentence } from '@/ui/words/problems';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/spreadsheet';
import { shortId } from '../sheet/table';
import { keptIn, type ReadBlock, readBlockSheets } from './from-sheets';
import classes from './spreadsheet.module.css';
import { blockSheets } from './to-sheets';
import { GuessedNames, UnreadCells } from './unread-cells';

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
  detail: screenWords.itWasNotSavedFrom,
};

/** Saves the block as a spreadsheet, and reads an edited one back as a step. */
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
    // The same file may be chosen again after it was corrected.
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
    <Modal opened onClose={onClose} title={screenWords.spreadsheet} size="lg">
      <p className={classes.soft}>{screenWords.aSheetPerSessionA}</p>
      <div className={classes.tools}>
        <Button data-autofocus variant="filled" onClick={() => void save()}>
          {screenWords.saveAsSpreadsheet}
        </Button>
        <FileButton resetRef={reset} onChange={(file) => void look(file)} accept=".xlsx">
          {(button) => <Button {...button}>{screenWords.importASpreadsheet}</Button>}
        </FileButton>
      </div>
      {read === null ? null : read.ok ? (
        <>
          <p role="status">
            {read.value.edits.length === 0
              ? screenWords.noDifferencesFromTheBlock
              : screenWords.toTheBlock(plural(read.value.edits.length, 'change'))}
          </p>
          <UnreadCells unread={read.value.unread} />
          <GuessedNames guessed={read.value.guessed} catalogue={catalogue} />
          {read.value.edits.length === 0 ? null : (
            <Button variant="filled" onClick={() => take(read.value.edits)}>
              {common.apply}
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
