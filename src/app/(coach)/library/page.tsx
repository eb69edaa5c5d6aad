import { PLACE_KINDS, presetPlace } from '@/core';
import { findTeam, ownExercises, ownFacts, placesOf, sharing } from '@/data';
import { Library } from '@/features/library/library';
import { InBrowser } from '@/ui/in-browser';
import { requireAsker } from '../../asker';
import { adoptInBlocks, findUses, rename, save, setShares, share } from './actions';

export default async function LibraryPage() {
  const asker = await requireAsker();
  const [own, facts, places, shares, { coaches }] = await Promise.all([
    ownExercises(asker),
    ownFacts(asker),
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
        data={{ own, facts, sharing: shares, isAlone: coaches.length < 2, places: [...places, ...kinds] }}
        actions={{ findUses, save, adoptInBlocks, share, rename, setShares }}
      />
    </InBrowser>
  );
}
