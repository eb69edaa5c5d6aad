import { Button } from '@mantine/core';
import Link from 'next/link';
import { useState } from 'react';
import { FormRow, Section, SelectField } from '@/ui/form';
import { type Unreachable, useAction } from '@/ui/use-action';
import { plural } from '@/ui/words/figures';
import { outcomeSentence } from '@/ui/words/outcomes';
import { problemSentence } from '@/ui/words/problems';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/import-export';
import { ownFileText, takenText } from '../../ui/words/import-results';
import type { FilesView, TakeIn, TakenIn } from './contract';
import classes from './files.module.css';
import { LogReading } from './log-reading';
import { postImport } from './post';
import type { Recognised } from './recognise';
import { WorkbookReading } from './workbook-reading';

interface TakingInProps {
  readonly name: string;
  readonly found: Recognised;
  readonly data: FilesView;
}

/** A file as it was understood, its athlete, and the result of importing it. */
export function ImportPreview({ name, found, data }: TakingInProps) {
  const { athletes } = data;
  const [athleteId, setAthlete] = useState(athletes[0]?.id ?? '');
  const [answer, setAnswer] = useState<TakenIn | Unreachable | null>(null);
  const { ask, isBusy } = useAction(postImport);
  const take = async (asked: TakeIn) => {
    if (isBusy) return;
    setAnswer(await ask(asked));
  };
  const isForSomebody = found.kind !== 'own' || found.own.kind === 'block';
  // Once imported, a second import would add a copy.
  const isOver = answer?.status === 'taken in';
  const isFor = !isForSomebody ? null : athletes.length === 0 ? (
    <p>{screenWords.addAnAthleteFirstThe}</p>
  ) : (
    <FormRow label={screenWords.athlete}>
      <SelectField
        label={screenWords.athleteForThisFile}
        value={athleteId}
        options={athletes.map(({ id }) => id)}
        names={(id) => athletes.find((one) => one.id === id)?.name ?? id}
        onValue={(id) => {
          setAthlete(id);
          setAnswer(null);
        }}
      />
    </FormRow>
  );
  const button = (asked: TakeIn | null) => {
    const isOff = asked === null || isOver || (isForSomebody && athleteId === '');
    return (
      <Button
        variant="filled"
        aria-disabled={isBusy || isOff}
        onClick={() => (isOff ? undefined : void take(asked))}
      >
        {screenWords.importWord}
      </Button>
    );
  };
  return (
    <Section title={name} aside={screenWords.howTheFileIsUnderstood}>
      {isFor}
      {found.kind === 'own' ? (
        <>
          <p>{ownFileText(found.own)}</p>
          {button({
            kind: 'file',
            athleteId: found.own.kind === 'block' ? athleteId : null,
            file: found.unchecked,
          })}
        </>
      ) : null}
      {found.kind === 'measurements' || found.kind === 'check-ins' ? (
        <>
          <p>
            {screenWords.daysThatAlreadyHaveOne(
              plural(found.rows, found.kind === 'measurements' ? 'measurement' : 'check-in'),
            )}
          </p>
          {button({ kind: found.kind, athleteId, csv: found.csv })}
        </>
      ) : null}
      {found.kind === 'workbook' ? (
        <WorkbookReading sheets={found.sheets} athleteId={athleteId} data={data} button={button} />
      ) : null}
      {found.kind === 'log' ? (
        <LogReading head={found.head} lines={found.lines} athleteId={athleteId} data={data} button={button} />
      ) : null}
      {answer === null ? null : <Answer answer={answer} />}
    </Section>
  );
}

function Answer({ answer }: { readonly answer: TakenIn | Unreachable }) {
  if (answer.status === 'taken in')
    return (
      <p role="status">
        {takenText(answer.of)} <Link href={answer.to}>{common.open}</Link>
      </p>
    );
  if (answer.status === 'refused')
    return (
      <div role="alert" className={classes.problem}>
        {screenWords.nothingWasImported}
        <ul>
          {answer.problems.slice(0, 8).map((problem) => (
            <li key={`${problem.path} ${problem.code}`}>{problemSentence(problem)}</li>
          ))}
        </ul>
      </div>
    );
  return (
    <p role="alert" className={classes.problem}>
      {screenWords.nothingWasImportedBecause(outcomeSentence(answer))}
    </p>
  );
}
