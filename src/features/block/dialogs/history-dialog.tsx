'use client';

import { Button, Modal, Table } from '@mantine/core';
import { useState } from 'react';
import { type Block, differenceEdit, type Edit, type Result, type RevisionLine } from '@/core';
import { useTimes } from '@/ui/clock';
import { useAction, useAnswer } from '@/ui/use-action';
import { editWords } from '@/ui/words/edits';
import type { ExerciseNames } from '@/ui/words/names';
import { outcomeSentence } from '@/ui/words/outcomes';
import { problemSentence } from '@/ui/words/problems';
import * as screenWords from '@/ui/words/screens/block-dialogs';
import type { BlockActions } from '../contract';
import classes from './history-dialog.module.css';

interface HistoryDialogProps {
  readonly block: Block;
  readonly names: ExerciseNames;
  /** Resolves when all edits are saved, so that the list has them. */
  readonly untilSaved: () => Promise<unknown>;
  readonly actions: Pick<BlockActions, 'revisions' | 'revision'>;
  readonly attempt: (edit: Edit) => Result<null>;
  readonly onClose: () => void;
}

const ACTIONS = { do: '', undo: screenWords.undone, redo: screenWords.redone } as const;
/** Every change of the block, newest first, with a way back to before it. Going back is a change too. */
export default function HistoryDialog({
  block,
  names,
  untilSaved,
  actions,
  attempt,
  onClose,
}: HistoryDialogProps) {
  const { when } = useTimes();
  const [lines, setLines] = useState<readonly RevisionLine[] | null>(null);
  const [message, setMessage] = useState('');
  const looking = useAction(actions.revision);
  useAnswer(
    'revisions',
    () => untilSaved().then(actions.revisions),
    (answer) => {
      setLines(answer.status === 'found' ? answer.lines : []);
      if (answer.status !== 'found') setMessage(outcomeSentence(answer));
    },
  );

  // Authors are shown if more than one coach made changes.
  const isOfSeveral = new Set(lines?.map(({ by }) => by)).size > 1;

  const restore = async (revision: number) => {
    if (looking.isBusy) return;
    const answer = await looking.ask(revision);
    if (answer.status !== 'found') return setMessage(outcomeSentence(answer));
    const edit = differenceEdit(block, answer.block);
    if (edit === null) return setMessage(screenWords.theBlockAlreadyLooksLike);
    const made = attempt(edit);
    if (made.ok) onClose();
    else setMessage(made.problems.map(problemSentence).join(' '));
  };

  return (
    <Modal opened onClose={onClose} title={screenWords.historyOfTheBlock} size="lg">
      <div>
        {message === '' ? null : <p role="alert">{message}</p>}
        {lines === null ? <p role="status">{screenWords.loadingHistory}</p> : null}
        {lines?.length === 0 ? <p>{screenWords.noChangesYet}</p> : null}
        <Table className={classes.lines}>
          <Table.Tbody>
            {(lines ?? []).map(({ revision, action, edit, at, by }) => (
              <Table.Tr key={revision}>
                <Table.Th scope="row">{revision}</Table.Th>
                <Table.Td className={classes.when}>{when(at)}</Table.Td>
                <Table.Td>
                  {ACTIONS[action]}
                  {editWords(edit, block, names)}
                </Table.Td>
                {isOfSeveral ? <Table.Td className={classes.when}>{by}</Table.Td> : null}
                <Table.Td>
                  <Button
                    variant="link"
                    aria-label={screenWords.goBackToBeforeChange(revision)}
                    aria-disabled={looking.isBusy}
                    onClick={() => void restore(revision - 1)}
                  >
                    {screenWords.goBackToBeforeThis}
                  </Button>
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </div>
    </Modal>
  );
}
