'use client';

import '@mantine/spotlight/styles.layer.css';
import { useMantineColorScheme } from '@mantine/core';
import { createSpotlight, Spotlight } from '@mantine/spotlight';
import { useRouter } from 'next/navigation';
import { startTransition, useEffect, useMemo, useRef, useState } from 'react';
import { LIBRARY } from '@/core';
import { everydayNames } from '@/core/names';
import { findNamed, type Named } from '@/ui/find-named';
import { type Command, usePalette } from '@/ui/palette-scope';
import { Recipe } from '@/ui/recipe';
import { useShell } from '@/ui/shell/coach-shell';
import { useSearchParts } from '@/ui/use-search-parts';
import { answerQuestion } from './answer';
import type { FoundAthlete } from './contract';
import classes from './palette.module.css';
import { readQuestion } from './question';

interface Item extends Named {
  readonly key: string;
  readonly run: () => void;
}

const SCREENS = [
  { to: '/desk', label: 'Desk', facts: 'all athletes' },
  { to: '/library', label: 'Library', facts: 'exercises' },
  { to: '/athletes/new', label: 'New athlete', facts: 'add one' },
  { to: '/account', label: 'Account', facts: 'change the password' },
  {
    to: '/files',
    label: 'In and out',
    facts: 'files, import, export, backup of yours, csv, xlsx, json, calendar',
  },
  { to: '/words', label: 'Words and keys', facts: 'what is meant by what' },
] as const;
const SCHEMES = [
  ['dark', 'Dark'],
  ['light', 'Light'],
  ['auto', 'As the device has it, light or dark'],
] as const;
const MOST = 9;

interface PaletteDialogProps {
  readonly open: boolean;
  readonly athletes: readonly FoundAthlete[];
  /** What was typed before the field was there, and that it has been taken over. */
  readonly early: string;
  readonly onEarly: () => void;
  /** They stand in the field. */
  readonly onSettled: () => void;
  readonly onClose: () => void;
}

const [store, spotlight] = createSpotlight();

/** All that can be found: what this screen can do, athletes, screens, what holds everywhere, exercises. */
function useItems(athletes: readonly FoundAthlete[], commands: readonly Command[]): readonly Item[] {
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
    const does = (label: string, facts: string, run: () => void): Item => ({
      key: label,
      label,
      facts,
      names: [],
      run,
    });
    return [
      ...commands.map(({ name, keys, run }) => does(name, keys, run)),
      ...athletes.flatMap(({ id, name, blockId }): Item[] => [
        ...(blockId === null ? [] : [to(`/blocks/${blockId}`, name, 'block')]),
        to(`/athletes/${id}`, name, 'profile'),
      ]),
      ...SCREENS.map((screen) => to(screen.to, screen.label, screen.facts)),
      ...SCHEMES.map(([scheme, label]) => does(label, 'colours', () => setColorScheme(scheme))),
      ...(signOut === null ? [] : [does('Sign out', 'of this device', () => startTransition(signOut))]),
      ...LIBRARY.map(({ id, name }) => to(`/library#${id}`, name, 'exercise', everydayNames(id))),
    ];
  }, [athletes, commands, router, setColorScheme, signOut]);
}

/** One field: what is typed is found, and a question about loads is answered above what is found. */
export default function PaletteDialog(props: PaletteDialogProps) {
  const { open, athletes, early, onEarly, onSettled, onClose } = props;
  const { scope, commands } = usePalette();
  const [text, setText] = useState('');
  // The screen's commands are read anew each time it opens.
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
  const items = useItems(athletes, offered);
  const question = readQuestion(text);
  const answer = question === undefined ? null : answerQuestion(question, scope);
  // A question is answered; names spelt a little like it would only be in the way.
  const near = useSearchParts(text)?.near ?? null;
  const shown = question === undefined ? findNamed(items, text, near).slice(0, MOST) : [];
  const list = useRef<HTMLDivElement>(null);
  // Athletes and near names come later than what is typed, and the mark goes with what they take the place of: Enter takes
  // whatever stands first then.
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
      attributes={{ content: { 'aria-label': 'Find, or ask about a load' } }}
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
        aria-label="Find, or ask about a load"
        placeholder="An athlete, a screen, a command, an exercise; or 8 at 2 left, make 87.5, 100x8@2"
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
          <Spotlight.Empty>Nothing is called that</Spotlight.Empty>
        ) : null}
      </Spotlight.ActionsList>
    </Spotlight.Root>
  );
}
