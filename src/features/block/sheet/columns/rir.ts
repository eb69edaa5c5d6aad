import { type Edit, ok, type Result, refused, type SetTarget, type Slot, type SlotRir } from '@/core';
import { figure } from '@/ui/words/figures';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/sheet';
import { readNumber } from '../read-number';
import { type SheetColumn, setField } from './column';
import { readOwnSet, withOwn } from './own-sets';

export const rirColumn = {
  id: 'rir',
  head: common.rir,
  width: 40,
  isNumber: true,
  editor: 'text',
  pasteOrder: 2,
  help: () => screenWords.repsInReserveWeekFollows,
  show: (slot) => ({
    shown: rirCell(slot),
    typed: rirTyped(slot),
    quiet: slot.rir.kind === 'week' && slot.rir.offset === 0 && ownEfforts(slot).length === 0,
  }),
  read: readRir,
} as const satisfies SheetColumn;

function rirText(rir: SlotRir, week: string): string {
  if (rir.kind === 'fixed') return figure(rir.rir);
  if (rir.offset === 0) return week;
  return `${week} ${rir.offset > 0 ? '+' : '−'}${Math.abs(rir.offset)}`;
}

function ownEfforts({ setTargets }: Pick<Slot, 'setTargets'>) {
  return setTargets.flatMap(({ set, rir }) => (rir === null ? [] : [{ set, rir }]));
}

/** A slot's effort: `week`, `wk +1`, `2`; with the last set's own `wk…0`; with others an asterisk. */
export function rirCell({ rir, setTargets }: Pick<Slot, 'rir' | 'setTargets'>): string {
  const [only, ...more] = ownEfforts({ setTargets });
  if (only === undefined) return rirText(rir, rir.kind === 'week' && rir.offset === 0 ? 'week' : 'wk');
  const base = rirText(rir, 'wk');
  if (only.set === 'last' && more.length === 0) return `${base}…${rirText(only.rir, 'wk')}`;
  return `${base} *`;
}

/** The full form, as typed: `week, 1 +1, last 0`. */
export function rirTyped({ rir, setTargets }: Pick<Slot, 'rir' | 'setTargets'>): string {
  const targets = ownEfforts({ setTargets }).map((one) => `${one.set} ${rirText(one.rir, 'week')}`);
  return [rirText(rir, 'week'), ...targets].join(', ');
}

/** `week`, `+1`, `week -1`, `2`, `=2`. */
function effort(text: string, path: string): Result<SlotRir> {
  const tidy = text.trim().toLowerCase().replace('−', '-');
  const offset = /^(?:week|wk)?\s*([+-]\s*\d+)?$/.exec(tidy);
  if (offset !== null) return ok({ kind: 'week', offset: Number((offset[1] ?? '0').replace(/\s/g, '')) });
  const fixed = readNumber(tidy.replace(/^=/, ''), path);
  return fixed.ok ? ok({ kind: 'fixed', rir: fixed.value }) : fixed;
}

/** The slot's effort, then those of single sets after commas: `week, 1 +1, last 0`. */
function readRir(text: string, slot: Slot): Result<Edit> {
  const path = `slot/${slot.id}/rir`;
  const [first = '', ...others] = text.split(',');
  const whole = effort(first, path);
  if (!whole.ok) return whole;
  const efforts = new Map<SetTarget['set'], SlotRir>();
  for (const other of others) {
    const own = readOwnSet(other);
    if (own === undefined)
      return refused({ code: 'not-understood', path, text: other.trim(), example: 'week, last 0' });
    const rir = effort(own.rest, path);
    if (!rir.ok) return rir;
    efforts.set(own.set, rir.value);
  }
  const edits = [
    setField(slot, 'rir', whole.value),
    setField(slot, 'setTargets', withOwn(slot, 'rir', efforts)),
  ];
  return ok({ kind: 'batch', edits });
}
