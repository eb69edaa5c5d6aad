import { type Edit, ok, type Result, refused, type SetTarget, type Slot } from '@/core';
import * as words from '@/ui/words/screens/sheet';
import { type SheetColumn, setField } from './column';
import { readOwnSet, withOwn } from './own-sets';

const NONE: readonly string[] = ['', '–', '-'];

export const tempoColumn = {
  id: 'tempo',
  head: words.tempo,
  width: 40,
  isNumber: false,
  editor: 'text',
  pasteOrder: 2,
  help: () => words.secondsDownInTheStretch,
  show: (slot) => {
    const own = ownTempos(slot);
    const base = slot.tempo ?? '–';
    const typed = [slot.tempo ?? '', ...own.map(({ set, tempo }) => `${set} ${tempo}`)].join(', ');
    return {
      shown: own.length === 0 ? base : `${base} *`,
      typed,
      quiet: slot.tempo === null && own.length === 0,
    };
  },
  read: readTempo,
  clear: (slot) => [
    ...(slot.tempo === null ? [] : [setField(slot, 'tempo', null)]),
    ...(ownTempos(slot).length === 0
      ? []
      : [setField(slot, 'setTargets', withOwn(slot, 'tempo', new Map()))]),
  ],
} as const satisfies SheetColumn;

function ownTempos({ setTargets }: Pick<Slot, 'setTargets'>) {
  return setTargets.flatMap(({ set, tempo }) => (tempo === null ? [] : [{ set, tempo }]));
}

/** The slot's tempo, then those of single sets after commas: `31X0, back-offs 31X2, last 5010`. */
function readTempo(text: string, slot: Slot): Result<Edit> {
  const [first = '', ...others] = text.split(',');
  const tidy = first.trim().toUpperCase();
  const whole = setField(slot, 'tempo', NONE.includes(tidy) ? null : tidy);
  const tempos = new Map<SetTarget['set'], string>();
  for (const other of others) {
    const own = readOwnSet(other);
    if (own === undefined) {
      const path = `slot/${slot.id}/tempo`;
      return refused({ code: 'not-understood', path, text: other.trim(), example: '31X0, last 5010' });
    }
    tempos.set(own.set, own.rest.toUpperCase());
  }
  if (tempos.size === 0 && ownTempos(slot).length === 0) return ok(whole);
  return ok({ kind: 'batch', edits: [whole, setField(slot, 'setTargets', withOwn(slot, 'tempo', tempos))] });
}
