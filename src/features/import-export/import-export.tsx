'use client';

import { Button, FileButton } from '@mantine/core';
import { useEffect, useEffectEvent, useMemo, useRef, useState } from 'react';
import { catalogueWith, type Problem } from '@/core';
import { Section } from '@/ui/form';
import { Bar } from '@/ui/shell/bar';
import { useHydrated } from '@/ui/use-hydrated';
import { problemSentence } from '@/ui/words/problems';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/import-export';
import type { FilesActions, FilesData } from './contract';
import { droppedFile } from './dropped-file';
import classes from './files.module.css';
import { ImportPreview } from './import-preview';
import { type Recognised, recognise } from './recognise';

interface Given {
  /** Counts up, because a file with the same name may be another one. */
  readonly nth: number;
  readonly name: string;
  readonly found: Recognised | null;
  readonly problems: readonly Problem[];
}

interface FilesScreenProps {
  readonly data: FilesData;
  readonly actions: FilesActions;
}

/** Files in and out. */
export function ImportExportScreen({ data, actions }: FilesScreenProps) {
  const { profile } = actions;
  const view = useMemo(
    () => ({ ...data, catalogue: catalogueWith(data.ownExercises), profile }),
    [data, profile],
  );
  const [given, setGiven] = useState<Given | null>(null);
  const [isOver, setOver] = useState(false);
  const [isBusy, setBusy] = useState(false);
  const reset = useRef<() => void>(null);
  const ready = useHydrated();
  const take = (file: File | null) => {
    if (file === null) return;
    // The same file may be chosen again after it was corrected.
    reset.current?.();
    setBusy(true);
    void recognise(file)
      .catch(() => ({ ok: false as const, problems: [UNREAD] }))
      .then((read) => {
        setBusy(false);
        setGiven((before) => ({
          nth: (before?.nth ?? 0) + 1,
          name: file.name,
          found: read.ok ? read.value : null,
          problems: read.ok ? [] : read.problems,
        }));
      });
  };
  // A file dropped on another screen leads here.
  const takeDropped = useEffectEvent(() => take(droppedFile()));
  useEffect(() => takeDropped(), []);
  return (
    <>
      <Bar crumbs={[{ name: common.importAndExport }]} />
      <main className={classes.page} data-ready={ready}>
        <div>
          <Section title={screenWords.importWord} aside={screenWords.youSeeFirstHowThe}>
            {/* biome-ignore lint/a11y/noStaticElementInteractions: the button in it does the same by keyboard */}
            <div
              className={classes.drop}
              data-over={isOver}
              onDragOver={(event) => {
                event.preventDefault();
                setOver(true);
              }}
              onDragLeave={() => setOver(false)}
              onDrop={(event) => {
                event.preventDefault();
                event.stopPropagation();
                setOver(false);
                take(event.dataTransfer.files[0] ?? null);
              }}
            >
              <FileButton resetRef={reset} onChange={take} accept=".json,.csv,.tsv,.txt,.xlsx">
                {(props) => (
                  <Button {...props} variant="filled">
                    {screenWords.chooseFile}
                  </Button>
                )}
              </FileButton>
              <span className={classes.soft}>{screenWords.orDropItHereA}</span>
            </div>
            <p role="status" className={classes.soft}>
              {isBusy ? screenWords.readingTheFile : ''}
            </p>
            {given === null || given.problems.length === 0 ? null : (
              <div role="alert" className={classes.problem}>
                {screenWords.cannotBeRead(given.name)}
                <ul>
                  {given.problems.slice(0, 8).map((problem) => (
                    <li key={`${problem.path} ${problem.code}`}>{problemSentence(problem)}</li>
                  ))}
                </ul>
              </div>
            )}
          </Section>
          {given?.found == null ? null : (
            <ImportPreview key={given.nth} name={given.name} found={given.found} data={view} />
          )}
        </div>
        <ExportList athletes={data.athletes} />
      </main>
    </>
  );
}

const UNREAD: Problem = { code: 'malformed', path: '', detail: screenWords.thisBrowserCouldNotRead };

/** An athlete's tables, by file name. */
const FILES = [
  ['everything.json', 'everything'],
  ['log.csv', 'log'],
  ['check-ins.csv', 'check-ins'],
  ['measurements.csv', 'measurements'],
  ['volume.csv', 'volume'],
  ['sessions.ics', 'calendar'],
] as const;

/** Downloads of the coach's data in open formats. */
function ExportList({ athletes }: Pick<FilesData, 'athletes'>) {
  return (
    <div>
      <Section title={screenWords.exportWord} aside={screenWords.jsonCsvAndIcalendar}>
        {athletes.length === 0 ? <p className={classes.soft}>{common.noAthletesYet}</p> : null}
        <ul className={classes.list}>
          {athletes.map(({ id, name }) => (
            <li key={id} aria-label={name}>
              <strong>{name}</strong>
              <span className={classes.links}>
                {FILES.map(([file, says]) => (
                  <a key={file} href={`/import-export/athletes/${id}/${file}`} download>
                    {says}
                  </a>
                ))}
              </span>
            </li>
          ))}
        </ul>
      </Section>
      <Section title={screenWords.allYourData} aside={screenWords.withoutPasswordsSignInsAnd}>
        <p className={classes.links}>
          <a href="/import-export/account" download>
            {screenWords.wholeAccount}
          </a>
          <a href="/import-export/library" download>
            {screenWords.ownExercises}
          </a>
        </p>
        <p className={classes.soft}>{screenWords.toExportABlockOpen}</p>
      </Section>
    </div>
  );
}
