'use client';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/palette';

import '@mantine/spotlight/styles.layer.css';
import { useMantineColorScheme } from '@mantine/core';
import { createSpotlight, Spotlight } from '@mantine/spotlight';
import { useRouter } from 'next/navigation';
import { startTransition, useEffect, useMemo, useRef, useState } from 'react';
import { LIBRARY } from '@/core';
import { searchNames } from '@/core/names';
import { type Command, usePalette } from '@/ui/palette-scope';
import { Recipe } from '@/ui/recipe';
import { findNamed, type Named } from '@/ui/search-by-name';
import { useShell } from '@/ui/shell/coach-shell';
import { useSearchParts } from '@/ui/use-search-parts';
import { TASKS } from '@/ui/words/tasks';
import { answerQuestion } from './answer';
import type { Found } from './contract';
import classes from './palette.module.css';
import { readQuestion } from './question';

interface Item extends Named {
  readonly key: string;
  readonly run: () => void;
}

const SCREENS = [
  { to: '/desk', label: common.desk, facts: screenWords.allAthletes },
  { to: '/library', label: common.library, facts: screenWords.exercisesAndTechniques },
  { to: '/templates', label: common.templates, facts: screenWords.splitsToStartFrom },
  { to: '/athletes/new', label: common.newAthlete, facts: screenWords.addOne },
  { to: '/account', label: common.account, facts: screenWords.changeThePassword },
  {
    to: '/import-export',
    label: common.importAndExport,
    facts: screenWords.filesBackupCsvXlsxJson,
  },
  { to: '/glossary', label: common.glossaryAndShortcuts, facts: screenWords.termsAndKeysExplained },
] as const;
const SCHEMES = [
  ['dark', common.darkTheme],
  ['light', common.lightTheme],
  ['auto', common.themeOfTheDevice],
] as const;
const MOST = 9;

interface PaletteDialogProps {
  readonly open: boolean;
  readonly found: Found;
  /** Text typed before the field existed, and a callback once it is in the field. */
  readonly early: string;
  readonly onEarly: () => void;
  /** They stand in the field. */
  readonly onSettled: () => void;
  readonly onClose: () => void;
}

const [store, spotlight] = createSpotlight();

/** All exercises under the coach's names. */
function calledBy(exercises: Found['exercises']): Found['exercises'] {
  const own = new Map(exercises.map((one) => [one.id, one]));
  return [
    ...LIBRARY.map(({ id, name }) => own.get(id) ?? { id, name }),
    ...exercises.filter(({ id }) => !SHIPPED.has(id)),
  ];
}

const SHIPPED = new Set(LIBRARY.map(({ id }) => id));

/** Everything that can be found: this screen's commands, athletes, screens, general commands, exercises. */
function useItems({ athletes, exercises }: Found, commands: readonly Command[]): readonly Item[] {
  const router = useRouter();
  const { setColorScheme } = useMantineColorScheme();
  const { signOut } = useShell();
  return useMemo(() => {
    const to = (address: string, label: string, facts: string, names: readonly string[] = []): Item => ({
      key: `${address}/${facts}`,
      label,
      facts,
      names,
      run: () => router.push(address),
    });
    const does = (label: string, facts: string, run: () => void, names: readonly string[] = []): Item => ({
      key: label,
      label,
      facts,
      names,
      run,
    });
    return [
      ...commands.map(({ name, searches, keys, run }) => does(name, keys, run, searches)),
      ...athletes.flatMap(({ id, name, blockId }): Item[] => [
        ...(blockId === null ? [] : [to(`/blocks/${blockId}`, name, screenWords.block)]),
        to(`/athletes/${id}`, name, screenWords.athlete),
      ]),
      ...SCREENS.map((screen) => to(screen.to, screen.label, screen.facts)),
      ...SCHEMES.map(([scheme, label]) => does(label, screenWords.theme, () => setColorScheme(scheme))),
      ...(signOut === null
        ? []
        : [does(common.signOut, screenWords.onThisDevice, () => startTransition(signOut))]),
      ...TASKS.map(({ id, name, searches }) => to(`/glossary#${id}`, name, screenWords.howTo, searches)),
      ...calledBy(exercises).map(({ id, name }) =>
        to(`/library#${id}`, name, common.exercise, searchNames({ id, name })),
      ),
    ];
  }, [athletes, exercises, commands, router, setColorScheme, signOut]);
}

/** One field: it searches as you type, and answers questions about loads above the results. */
export default function PaletteDialog(props: PaletteDialogProps) {
  const { open, found, early, onEarly, onSettled, onClose } = props;
  const { scope, commands } = usePalette();
  const [text, setText] = useState('');
  // The screen's commands are read each time it opens.
  const [offered, setOffered] = useState<readonly Command[]>([]);
  useEffect(() => {
    if (open) {
      setOffered(commands.current);
      spotlight.open();
    } else spotlight.close();
  }, [open, commands]);
  useEffect(() => {
    if (early === '') return;
    setText((before) => before + early);
    onEarly();
  }, [early, onEarly]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the text has been drawn with what was early
  useEffect(() => {
    if (early === '') onSettled();
  }, [early, text, onSettled]);
  const items = useItems(found, offered);
  const question = readQuestion(text);
  const answer = question === undefined ? null : answerQuestion(question, scope);
  // A question is answered; similar names would only distract.
  const near = useSearchParts(text)?.near ?? null;
  const shown = question === undefined ? findNamed(items, text, near).slice(0, MOST) : [];
  const list = useRef<HTMLDivElement>(null);
  // Athletes and similar names arrive after typing, and the selection moves with them: Enter takes the first result
  // at that time.
  const takeFirst = (event: React.KeyboardEvent) => {
    if (event.key !== 'Enter' || text === '' || list.current?.querySelector('[data-selected]')) return;
    const first = list.current?.querySelector<HTMLElement>('[data-action]');
    if (first == null) return;
    event.preventDefault();
    event.stopPropagation();
    first.click();
  };
  return (
    <Spotlight.Root
      store={store}
      query={text}
      onQueryChange={setText}
      shortcut={null}
      onSpotlightClose={onClose}
      attributes={{ content: { 'aria-label': screenWords.searchOrAskAboutA } }}
      classNames={{ content: classes.content, search: classes.input, actionsList: classes.options }}
      transitionProps={{ duration: 0 }}
      overlayProps={{ blur: 0, backgroundOpacity: 0.6 }}
      padding={0}
      centered={false}
      yOffset="12vh"
      size={560}
    >
      <Spotlight.Search
        onKeyDownCapture={takeFirst}
        aria-label={screenWords.searchOrAskAboutA}
        placeholder={screenWords.athleteScreenCommandOrExercise}
      />
      {answer === null ? null : (
        <div className={classes.answer} role="status">
          <p className={classes.sentence}>{answer.sentence}</p>
          {answer.recipe === null ? null : <Recipe recipe={answer.recipe} />}
          <p className={classes.because}>{answer.because}</p>
        </div>
      )}
      <Spotlight.ActionsList ref={list}>
        {shown.map(({ item, by }) => (
          <Spotlight.Action key={item.key} onClick={item.run} className={classes.option}>
            <span>
              {item.label}
              {by === null ? null : <span className={classes.facts}> {by}</span>}
            </span>
            <span className={classes.facts}>{item.facts}</span>
          </Spotlight.Action>
        ))}
        {shown.length === 0 && answer === null ? (
          <Spotlight.Empty>{common.noMatchesText}</Spotlight.Empty>
        ) : null}
      </Spotlight.ActionsList>
    </Spotlight.Root>
  );
}
