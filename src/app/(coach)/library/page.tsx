import { PLACE_KINDS, presetPlace } from '@/core';
import { ownExercises, placesOf } from '@/data';
import { Library } from '@/features/library/library';
import { InBrowser } from '@/ui/in-browser';
import { requireAsker } from '../../asker';
import { adopt, save, uses } from './actions';

export default async function LibraryPage() {
  const asker = await requireAsker();
  const [own, places] = await Promise.all([ownExercises(asker), placesOf(asker)]);
  const kinds = PLACE_KINDS.map((kind) => ({
    name: kind,
    equipment: presetPlace(kind, 'kg', kind).equipment,
  }));
  return (
    <InBrowser>
      <Library data={{ own, places: [...places, ...kinds] }} actions={{ uses, save, adopt }} />
    </InBrowser>
  );
}
