import type { Place } from '@/core';
import type { Choice } from '@/ui/picker';
import * as words from '@/ui/words/screens/sheet';

/** The athlete's places to choose from; the first is that of sessions without a place. */
export function placeChoices(places: readonly Place[]): readonly Choice[] {
  return places.map(({ id, name }, at) => ({
    value: id,
    label: name,
    names: [],
    facts: at === 0 ? words.usualPlace : '',
  }));
}
