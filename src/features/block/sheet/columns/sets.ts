import { ok, refused, setCount, setLimits, withSetCount } from '@/core';
import { readNumber } from '../read-number';
import { plain, type SheetColumn, setField } from './column';

export const setsColumn = {
  id: 'sets',
  head: 'sets',
  width: 30,
  isNumber: true,
  editor: 'text',
  pasteOrder: 2,
  help: () => 'Working sets. What responses added later stands in the weeks.',
  show: ({ technique }) => plain(String(setCount(technique))),
  read: (text, slot) => {
    const path = `slot/${slot.id}/technique`;
    const count = readNumber(text, path);
    if (!count.ok) return count;
    const { least: low, most: high } = setLimits(slot.technique);
    const { value } = count;
    if (!Number.isInteger(value) || value < low || value > high)
      return refused({ code: 'out-of-range', path, field: 'sets', low, high, value, whole: true });
    return ok(setField(slot, 'technique', withSetCount(slot.technique, value)));
  },
} as const satisfies SheetColumn;
