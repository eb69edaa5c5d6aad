import type { Equipment, Exercise } from '../exercises/exercise';
import type { EquipmentSet } from '../loading/equipment';

/** Somewhere an athlete trains, with what is there. */
export interface Place {
  readonly id: string;
  readonly name: string;
  readonly equipment: readonly Equipment[];
  /** Which loads its equipment makes. */
  readonly loads: EquipmentSet;
}

/** The place of a session; the usual one when none is named or the named one is gone. */
export function placeFor(athlete: { readonly places: readonly Place[] }, placeId: string | null): Place {
  const found = athlete.places.find(({ id }) => id === placeId) ?? athlete.places[0];
  if (found === undefined) throw new Error('an athlete has at least one place');
  return found;
}

/** What an exercise needs that a place lacks. */
export function lacking(
  exercise: Pick<Exercise, 'equipment'>,
  place: Pick<Place, 'equipment'>,
): readonly Equipment[] {
  return exercise.equipment.filter((one) => one !== 'floor' && !place.equipment.includes(one));
}
