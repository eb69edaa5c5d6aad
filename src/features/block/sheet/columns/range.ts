import { conventionsWith, ok, ownReps, refused, roundHalfUp, zoneOf } from '@/core';
import { span } from '@/ui/words/figures';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/sheet';
import { readNumber } from '../read-number';
import { plain, type SheetColumn, setField } from './column';

const conventions = conventionsWith();

export const rangeColumn = {
  id: 'range',
  head: common.reps,
  width: 62,
  isNumber: true,
  editor: 'text',
  pasteOrder: 2,
  help: ({ range, technique, rest }) => {
    const { low, high } = ownReps(technique, rest) ?? range;
    return screenWords.allSetsStayWithinThese(zoneOf(roundHalfUp((low + high) / 2), conventions));
  },
  show: ({ range, technique, rest }, { planned }, exercise) => {
    const text = span(range.low, range.high);
    // Reps that the technique writes; the slot's range waits for another technique.
    const own = ownReps(technique, rest);
    if (own !== null) return { shown: span(own.low, own.high), typed: text, quiet: true };
    if (exercise?.measure === 'seconds')
      return { shown: screenWords.seconds(text), typed: text, quiet: false };
    // Changed by the week's phase: the range in use.
    const moved = planned?.range ?? range;
    return moved.high === range.high && moved.low === range.low
      ? plain(text)
      : { shown: `${span(moved.low, moved.high)}↑`, typed: text, quiet: false };
  },
  read: (text, slot) => {
    const path = `slot/${slot.id}/range`;
    const parts = text.trim().split(/\s*(?:-|–|to|\.\.|\s)\s*/);
    const [low, high = low, ...more] = parts;
    if (low === undefined || high === undefined || more.length > 0)
      return refused({ code: 'not-understood', path, text: text.trim(), example: '8-12' });
    const from = readNumber(low, path);
    const to = readNumber(high, path);
    if (!from.ok) return from;
    if (!to.ok) return to;
    return ok(setField(slot, 'range', { low: from.value, high: to.value }));
  },
} as const satisfies SheetColumn;
