import { useMemo, useState } from 'react';
import { type Athlete, emptyBlock, mondayOf, untrainedPlan } from '@/core';
import type { Sheet } from '@/formats/workbook/workbook';
import { newId } from '@/ui/new-id';
import { useAnswer } from '@/ui/use-action';
import { plural } from '@/ui/words/figures';
import { outcomeSentence } from '@/ui/words/outcomes';
import { problemSentence } from '@/ui/words/problems';
import * as screenWords from '@/ui/words/screens/import-export';
import { keptIn, readBlockSheets } from '../block/spreadsheet/from-sheets';
import { GuessedNames, UnreadCells } from '../block/spreadsheet/unread-cells';
import type { FilesView, TakeIn } from './contract';
import classes from './files.module.css';

interface WorkbookReadingProps {
  readonly sheets: readonly Sheet[];
  readonly athleteId: string;
  readonly data: FilesView;
  readonly button: (asked: TakeIn | null) => React.ReactNode;
}

/** A spreadsheet as the resulting block, with every unreadable cell. */
export function WorkbookReading({ sheets, athleteId, data, button }: WorkbookReadingProps) {
  const [athlete, setAthlete] = useState<Athlete | null>(null);
  const [problem, setProblem] = useState('');
  useAnswer(athleteId === '' ? null : athleteId, data.profile, (answer) => {
    if (answer.status === 'found') setAthlete(answer.athlete);
    else setProblem(outcomeSentence(answer));
  });
  const read = useMemo(() => {
    if (athlete === null) return null;
    const kept = keptIn(sheets);
    if (!kept.ok) return kept;
    const start = kept.value?.block ?? emptyBlock(screenWords.fromASpreadsheet, mondayOf(data.today));
    const blockPlan = untrainedPlan({ block: start, athlete, exercises: data.catalogue.find });
    const board = { block: start, athlete, catalogue: data.catalogue, blockPlan, newId };
    return { ok: true as const, value: readBlockSheets(sheets, kept.value, board) };
  }, [sheets, athlete, data]);
  if (read === null) return <p role={problem === '' ? 'status' : 'alert'}>{problem}</p>;
  if (!read.ok)
    return (
      <p role="alert" className={classes.problem}>
        {read.problems.map(problemSentence).join(' ')}
      </p>
    );
  const { block, unread, guessed } = read.value;
  const slots = block.sessions.flatMap((session) => session.slots);
  return (
    <>
      <p>
        {screenWords.aBlock(
          block.name,
          plural(block.sessions.length, 'session'),
          plural(slots.length, 'slot'),
          plural(block.weeks, 'week'),
        )}
      </p>
      <UnreadCells unread={unread} />
      <GuessedNames guessed={guessed} catalogue={data.catalogue} />
      {button(slots.length === 0 ? null : { kind: 'file', athleteId, file: block })}
    </>
  );
}
