'use client';

import { Modal, Table } from '@mantine/core';
import { useWindowEvent } from '@mantine/hooks';
import { useState } from 'react';

/** A key with what it does. */
export type KeyList = readonly (readonly [key: string, does: string])[];

interface KeysHelpProps {
  /** How the screen is called, as in `Keys of the Sheet`. */
  readonly of: string;
  readonly keys: KeyList;
}

const ANYWHERE: KeyList = [
  ['Ctrl K', 'find an athlete, screen or exercise; ask about a load'],
  ['?', 'this list'],
];

function isTyping({ target }: KeyboardEvent): boolean {
  return (
    target instanceof HTMLInputElement ||
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement
  );
}

/** The keys of a screen, shown by `?` wherever nothing is being typed. */
export function KeysHelp({ of, keys }: KeysHelpProps) {
  const [open, setOpen] = useState(false);
  useWindowEvent('keydown', (event) => {
    if (event.key !== '?' || isTyping(event)) return;
    event.preventDefault();
    setOpen(true);
  });
  return (
    <Modal opened={open} onClose={() => setOpen(false)} title={`Keys of ${of}`} size="md">
      <Table
        data={{ body: [...keys, ...ANYWHERE].map(([key, does]) => [<kbd key={key}>{key}</kbd>, does]) }}
        verticalSpacing={3}
      />
    </Modal>
  );
}
