'use client';

import '@mantine/core/styles/Stack.layer.css';

import { Button, Group, Stack, TextInput } from '@mantine/core';
import { useState } from 'react';
import { formClasses } from '@/ui/form';
import * as common from '@/ui/words/screens/common';

interface EditInPlaceProps {
  /** The button that opens the field. */
  readonly open: string;
  readonly label: string;
  readonly description: string;
  /** The text as it is now. */
  readonly value: string;
  readonly most: number;
  /** Saves the typed text; returns what is wrong with it, empty if it was saved. */
  readonly save: (text: string) => Promise<string>;
  /** A second button that goes back to the shipped text; null: it is the shipped one. */
  readonly restore: { readonly label: string; readonly run: () => Promise<string> } | null;
}

/** A text that is changed where it stands: a button, then a field with its problem below it. */
export function EditInPlace({ open, label, description, value, most, save, restore }: EditInPlaceProps) {
  const [text, setText] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const close = () => {
    setText(null);
    setProblem('');
  };
  if (text === null)
    return (
      <Group gap="xs">
        <Button variant="link" onClick={() => setText(value)}>
          {open}
        </Button>
        {restore === null ? null : (
          <Button variant="link" onClick={async () => setProblem(await restore.run())}>
            {restore.label}
          </Button>
        )}
        {problem === '' ? null : (
          <span role="alert" className={formClasses.problem}>
            {problem}
          </span>
        )}
      </Group>
    );
  return (
    <form
      onSubmit={async (event) => {
        event.preventDefault();
        const wrong = await save(text);
        if (wrong === '') close();
        else setProblem(wrong);
      }}
    >
      <Stack gap="xs">
        <TextInput
          aria-label={label}
          description={description}
          value={text}
          maxLength={most}
          error={problem === '' ? null : problem}
          data-autofocus
          onChange={(event) => setText(event.target.value)}
        />
        <Group gap="xs">
          <Button type="submit" variant="default">
            {common.save}
          </Button>
          <Button variant="link" onClick={close}>
            {common.cancel}
          </Button>
        </Group>
      </Stack>
    </form>
  );
}
