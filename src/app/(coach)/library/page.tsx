import { PLACE_KINDS, presetPlace } from '@/core';
import { exerciseNames, findTeam, ownExercises, placesOf, sharing } from '@/data';
import { Library } from '@/features/library/library';
import { InBrowser } from '@/ui/in-browser';
import { requireAsker } from '../../asker';
import { adoptInBlocks, findUses, rename, save, share } from './actions';

export default async function LibraryPage() {
  const asker = await requireAsker();
  const [own, names, places, shares, { coaches }] = await Promise.all([
    ownExercises(asker),
    exerciseNames(asker),
    placesOf(asker),
    sharing(asker),
    findTeam(asker),
  ]);
  const kinds = PLACE_KINDS.map((kind) => ({
    name: kind,
    equipment: presetPlace(kind, 'kg', kind).equipment,
  }));
  return (
    <InBrowser>
      <Library
        data={{ own, names, sharing: shares, isAlone: coaches.length < 2, places: [...places, ...kinds] }}
        actions={{ findUses, save, adoptInBlocks, share, rename }}
      />
    </InBrowser>
  );
}
