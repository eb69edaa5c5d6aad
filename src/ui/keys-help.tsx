'use client';

import { useWindowEvent } from '@mantine/hooks';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import * as words from '@/ui/words/screens/parts';
import type { KeyList } from './key-list';

const KeysDialog = dynamic(() => import('./keys-dialog'), { ssr: false });

interface KeysHelpProps {
  /** The screen's name. */
  readonly of: string;
  readonly keys: KeyList;
}

const ANYWHERE: KeyList = [
  ['Ctrl K', words.searchAthletesScreensAndExercises],
  ['?', words.thisList],
];

function isTyping({ target }: KeyboardEvent): boolean {
  return (
    target instanceof HTMLInputElement ||
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement
  );
}

/** A screen's keys, opened by `?` unless a field has focus. */
export function KeysHelp({ of, keys }: KeysHelpProps) {
  const [open, setOpen] = useState(false);
  const [asked, setAsked] = useState(false);
  useWindowEvent('keydown', (event) => {
    if (event.key !== '?' || isTyping(event)) return;
    event.preventDefault();
    setAsked(true);
    setOpen(true);
  });
  if (!asked) return null;
  return <KeysDialog open={open} of={of} keys={[...keys, ...ANYWHERE]} onClose={() => setOpen(false)} />;
}
