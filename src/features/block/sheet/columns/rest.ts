import { ok } from '@/core';
import * as words from '@/ui/words/screens/sheet';
import { readNumber } from '../read-number';
import { plain, type SheetColumn, setField } from './column';

/** Seconds; typed as `90`, `1:30`, `1.5 min`. */
export const restColumn = {
  id: 'rest',
  head: words.rest,
  width: 32,
  isNumber: true,
  editor: 'text',
  pasteOrder: 2,
  help: () => words.secondsOfRestAfterEach,
  show: ({ rest }) => plain(String(rest)),
  read: (text, slot) => {
    const tidy = text.trim();
    const clock = /^(\d+):(\d\d)$/.exec(tidy);
    if (clock !== null) return ok(setField(slot, 'rest', Number(clock[1]) * 60 + Number(clock[2])));
    const minutes = /^(\d+(?:[.,]\d+)?)\s*m(?:in)?$/i.exec(tidy);
    const seconds = readNumber(minutes?.[1] ?? tidy.replace(/\s*s(?:ec)?$/i, ''), `slot/${slot.id}/rest`);
    if (!seconds.ok) return seconds;
    return ok(setField(slot, 'rest', minutes === null ? seconds.value : Math.round(seconds.value * 60)));
  },
} as const satisfies SheetColumn;
