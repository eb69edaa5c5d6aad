'use client';

import { Combobox, Modal, useCombobox } from '@mantine/core';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { LIBRARY } from '@/core';
import { type Command, usePalette } from '@/ui/palette-scope';
import { Recipe } from '@/ui/recipe';
import { answerQuestion } from './answer';
import type { FoundAthlete } from './contract';
import classes from './palette.module.css';
import { readQuestion } from './question';

interface Item {
  readonly to: string;
  readonly label: string;
  readonly facts: string;
}

const SCREENS: readonly Item[] = [
  { to: '/desk', label: 'Desk', facts: 'all athletes' },
  { to: '/library', label: 'Library', facts: 'exercises' },
  { to: '/athletes/new', label: 'New athlete', facts: 'add one' },
  { to: '/account', label: 'Account', facts: 'change the password' },
];
const MOST = 9;

interface PaletteDialogProps {
  readonly open: boolean;
  readonly athletes: readonly FoundAthlete[];
  readonly onClose: () => void;
}

/** What a command's item leads to, in place of an address. */
const COMMAND = 'command:';

function itemsOf(athletes: readonly FoundAthlete[], commands: readonly Command[]): readonly Item[] {
  return [
    ...commands.map(({ name, keys }) => ({ to: `${COMMAND}${name}`, label: name, facts: keys })),
    ...athletes.flatMap(({ id, name, blockId }): Item[] => [
      ...(blockId === null ? [] : [{ to: `/blocks/${blockId}`, label: name, facts: 'block' }]),
      { to: `/athletes/${id}`, label: name, facts: 'profile' },
    ]),
    ...SCREENS,
    ...LIBRARY.map(({ id, name }) => ({ to: `/library#${id}`, label: name, facts: 'exercise' })),
  ];
}

function found(items: readonly Item[], text: string): readonly Item[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  return items
    .filter(({ label, facts }) => words.every((word) => `${label} ${facts}`.toLowerCase().includes(word)))
    .slice(0, MOST);
}

/** One field: what is typed is found, and a question about loads is answered above what is found. */
export default function PaletteDialog({ open, athletes, onClose }: PaletteDialogProps) {
  const router = useRouter();
  const { scope, commands } = usePalette();
  const [text, setText] = useState('');
  const combobox = useCombobox({ opened: true });
  // biome-ignore lint/correctness/useExhaustiveDependencies: the screen's commands are read anew each time it opens
  const items = useMemo(() => itemsOf(athletes, commands.current), [athletes, open]);
  const question = readQuestion(text);
  const answer = question === undefined ? null : answerQuestion(question, scope);
  const shown = found(items, text);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the first match is marked again whenever the text changes
  useEffect(() => {
    combobox.selectFirstOption();
  }, [text, athletes.length]);
  const leave = () => {
    onClose();
    setText('');
  };
  return (
    <Modal.Root opened={open} onClose={leave} yOffset="12vh" size={560} padding={0}>
      <Modal.Overlay />
      <Modal.Content aria-label="Find, or ask about a load">
        <Combobox
          store={combobox}
          onOptionSubmit={(to) => {
            leave();
            const command = commands.current.find(({ name }) => to === `${COMMAND}${name}`);
            if (command === undefined) router.push(to);
            else command.run();
          }}
        >
          <Combobox.EventsTarget>
            <input
              className={classes.input}
              data-autofocus
              aria-label="Find, or ask about a load"
              placeholder="An athlete, a screen, a command, an exercise; or 8 at 2 left, make 87.5, 100x8@2"
              value={text}
              onChange={(event) => setText(event.target.value)}
              // The list would keep the key to itself.
              onKeyDownCapture={(event) => {
                if (event.key === 'Escape') leave();
              }}
            />
          </Combobox.EventsTarget>
          {answer === null ? null : (
            <div className={classes.answer} role="status">
              <p className={classes.sentence}>{answer.sentence}</p>
              {answer.recipe === null ? null : <Recipe recipe={answer.recipe} />}
              <p className={classes.because}>{answer.because}</p>
            </div>
          )}
          <Combobox.Options className={classes.options} aria-label="What is found">
            {shown.map((item) => (
              <Combobox.Option value={item.to} key={`${item.to}/${item.facts}`} className={classes.option}>
                <span>{item.label}</span>
                <span className={classes.facts}>{item.facts}</span>
              </Combobox.Option>
            ))}
            {shown.length === 0 && answer === null ? (
              <Combobox.Empty>Nothing is called that</Combobox.Empty>
            ) : null}
          </Combobox.Options>
        </Combobox>
      </Modal.Content>
    </Modal.Root>
  );
}
