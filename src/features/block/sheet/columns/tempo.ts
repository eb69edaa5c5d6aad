import { ok } from '@/core';
import { plain, type SheetColumn, setField } from './column';

const NONE: readonly string[] = ['', '–', '-'];

export const tempoColumn = {
  id: 'tempo',
  head: 'tempo',
  word: 'tempo',
  width: 40,
  isNumber: false,
  editor: 'text',
  pasteOrder: 2,
  help: () => 'Seconds down, at the stretch, up, at the squeeze. X is as fast as possible.',
  show: ({ tempo }) => (tempo === null ? { shown: '–', typed: '', quiet: true } : plain(tempo)),
  read: (text, slot) => {
    const tidy = text.trim().toUpperCase();
    return ok(setField(slot, 'tempo', NONE.includes(tidy) ? null : tidy));
  },
  clear: (slot) => (slot.tempo === null ? [] : [setField(slot, 'tempo', null)]),
} as const satisfies SheetColumn;
