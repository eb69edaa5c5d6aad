import { ok, refused } from '@/core';
import * as screenWords from '@/ui/words/screens/sheet';
import { readTechnique, techniqueText } from '@/ui/words/technique-text';
import { techniqueCell, techniqueSentence } from '@/ui/words/techniques';
import { plain, type SheetColumn, setField } from './column';

export const techniqueColumn = {
  id: 'technique',
  head: screenWords.technique,
  width: 64,
  isNumber: false,
  editor: 'techniques',
  pasteOrder: 1,
  help: techniqueSentence,
  show: (slot) => plain(techniqueCell(slot), slot.technique.kind === 'straight' && slot.drift === 'hold RIR'),
  copy: ({ technique }) => techniqueText(technique),
  read: (text, slot) => {
    const technique = readTechnique(text);
    if (technique === undefined)
      return refused({
        code: 'not-understood',
        path: `slot/${slot.id}/technique`,
        text,
        example: 'straight sets',
      });
    return ok(setField(slot, 'technique', technique));
  },
  alert: (planned) => planned?.gate != null,
} as const satisfies SheetColumn;
