import * as words from '@/ui/words/screens/training';
/** What a load is called where it is typed. */
export function loadLabel(loading: string, unit: string): string {
  if (loading === 'bodyweight') return words.added(unit);
  if (loading === 'band') return words.band(unit);
  return loading === 'dumbbell' ? words.each(unit) : unit;
}
