import type { Equipment, Exercise } from '../exercises/exercise';
import type { EquipmentSet } from '../loading/equipment';

/** A place where an athlete trains, with its equipment. */
export interface Place {
  readonly id: string;
  readonly name: string;
  readonly equipment: readonly Equipment[];
  /** The loads its equipment makes. */
  readonly loads: EquipmentSet;
}

/** The place of a session; the usual one if none is named or the named one was deleted. */
export function placeFor(athlete: { readonly places: readonly Place[] }, placeId: string | null): Place {
  const found = athlete.places.find(({ id }) => id === placeId) ?? athlete.places[0];
  if (found === undefined) throw new Error('an athlete has at least one place');
  return found;
}

/** Equipment an exercise needs and a place lacks. */
export function missingEquipment(
  exercise: Pick<Exercise, 'equipment'>,
  place: Pick<Place, 'equipment'>,
): readonly Equipment[] {
  return exercise.equipment.filter((one) => one !== 'floor' && !place.equipment.includes(one));
}
