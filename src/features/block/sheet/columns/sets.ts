import { ok, refused, setCount, setLimits, withSetCount } from '@/core';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/sheet';
import { readNumber } from '../read-number';
import { plain, type SheetColumn, setField } from './column';

export const setsColumn = {
  id: 'sets',
  head: common.sets,
  width: 30,
  isNumber: true,
  editor: 'text',
  pasteOrder: 2,
  help: () => words.workingSets35Goes,
  show: ({ technique, rampTo }) =>
    plain(rampTo === null ? String(setCount(technique)) : `${setCount(technique)}–${rampTo}`),
  read: (text, slot) => {
    const path = `slot/${slot.id}/technique`;
    const [first = '', last, ...more] = text.trim().split(/\s*(?:-|–|to|\.\.)\s*/);
    if (more.length > 0) return refused({ code: 'not-understood', path, text: text.trim(), example: '3-5' });
    const count = readNumber(first, path);
    if (!count.ok) return count;
    const { least: low, most: high } = setLimits(slot.technique);
    const { value } = count;
    if (!Number.isInteger(value) || value < low || value > high)
      return refused({ code: 'out-of-range', path, field: 'sets', low, high, value, whole: true });
    const sets = setField(slot, 'technique', withSetCount(slot.technique, value));
    if (last === undefined)
      return ok(
        slot.rampTo === null ? sets : { kind: 'batch', edits: [sets, setField(slot, 'rampTo', null)] },
      );
    const end = readNumber(last, path);
    if (!end.ok) return end;
    if (!Number.isInteger(end.value) || end.value < low || end.value > high)
      return refused({ code: 'out-of-range', path, field: 'sets', low, high, value: end.value, whole: true });
    return ok({ kind: 'batch', edits: [sets, setField(slot, 'rampTo', end.value)] });
  },
} as const satisfies SheetColumn;
