import * as words from '@/ui/words/screens/training';
/** A load field's label. */
export function loadLabel(loading: string, unit: string): string {
  if (loading === 'bodyweight') return words.addedUnit(unit);
  if (loading === 'band') return words.band(unit);
  return loading === 'dumbbell' ? words.eachDumbbell(unit) : unit;
}
